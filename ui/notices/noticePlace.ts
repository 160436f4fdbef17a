/** A box on the screen, px. */
export interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Kept free round a notice and to the screen's edge, px. */
const GAP = 8;
const RIM = 16;
/** Places are tried in steps of so much, px. */
const STEP = 8;

/** So many times as bad as covering words is covering what can be pressed. */
const PRESSED = 1000;

/**
 * Where a notice covers nothing that can be pressed, and no words if that can be helped: as low as it can, on the right,
 * the left or in the middle. Where there is no such place, the one that covers least.
 *
 * @param size of the notice, px
 * @param screen its size, px
 * @param controls boxes of all that can be pressed
 * @param words boxes of what is to be read
 */
export function noticePlace(
  size: { readonly width: number; readonly height: number },
  screen: { readonly width: number; readonly height: number },
  controls: readonly Box[],
  words: readonly Box[] = [],
): { readonly left: number; readonly top: number } {
  const right = Math.max(0, screen.width - RIM - size.width);
  const columns = [right, Math.min(RIM, right), right / 2];
  const lowest = Math.max(0, screen.height - RIM - size.height);
  let [best, least] = [{ left: right, top: lowest }, Number.POSITIVE_INFINITY];
  for (let top = lowest; top >= 0; top -= STEP) {
    for (const left of columns) {
      const box = { left, top, ...size };
      const covered = PRESSED * coveredBy(box, controls) + coveredBy(box, words);
      if (covered === 0) return { left, top };
      if (covered < least) [best, least] = [{ left, top }, covered];
    }
  }
  return best;
}

/** Area of boxes, px², under a box and the gap round it. */
function coveredBy(box: Box, boxes: readonly Box[]): number {
  return boxes.reduce((sum, { left, top, width, height }) => {
    const across = Math.min(box.left + box.width + GAP, left + width) - Math.max(box.left - GAP, left);
    const down = Math.min(box.top + box.height + GAP, top + height) - Math.max(box.top - GAP, top);
    return across > 0 && down > 0 ? sum + across * down : sum;
  }, 0);
}
