/** A finger that came down and went up. */
export interface Touch {
  readonly x: number;
  readonly y: number;
  /** ms of one clock. */
  readonly at: number;
}

/** A rim of the screen where a hand that holds the device lies, px. */
const RIM = 20;
/** A finger that slides farther was wiping, px. */
const SLIDE = 30;
/** A finger that lies longer was leaning, ms. */
const LEAN = 1500;
/** A second tap that comes sooner was a drop of water, ms. */
const BOUNCE = 700;

/**
 * Whether a tap anywhere on the screen was meant: within the rim, without sliding or leaning, not straight after another.
 *
 * @param size of the screen, px
 * @param lastAt when the last one that was meant came
 */
export function isDeliberate(
  down: Touch,
  up: Touch,
  size: { readonly width: number; readonly height: number },
  lastAt: number,
): boolean {
  const inside = [down, up].every(
    ({ x, y }) => x >= RIM && y >= RIM && x <= size.width - RIM && y <= size.height - RIM,
  );
  const still = Math.hypot(up.x - down.x, up.y - down.y) <= SLIDE;
  return inside && still && up.at - down.at <= LEAN && down.at - lastAt >= BOUNCE;
}
