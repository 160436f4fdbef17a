import { type Aperture, vignetting } from "../../light/rays/index.ts";

/** A drum of sectors whose vanes end short of the wall; mm. */
export interface DrumSetting {
  readonly radius: number;
  readonly sectors: number;
  /** Air between the vanes' edges and the wall. */
  readonly gap: number;
  /** Height of a chamber. */
  readonly tierHeight: number;
  /** Strips beside the hole: how far to its sides, how far they reach in from the hole's wall. */
  readonly baffle: { readonly aside: number; readonly height: number } | null;
}

/** Light that creeps past the edge of a neighbour's chamber. */
export interface CrossLight {
  /** tan α of the flattest and the steepest ray that passes between vane and wall. */
  readonly from: number;
  readonly to: number;
  /** Strongest light that passes, relative to the middle of the sheet: 0 when none does. */
  readonly share: number;
}

const STEPS = 64;

/**
 * Light from the hole that passes the outer edge of the vane beside it and falls on the next chamber.
 *
 * The hole is in the wall, midway between two vanes. A vane's edge stands at the angle π/sectors round the drum and
 * `gap` inside the wall: rays between its edge and the wall reach the neighbour. The same at the disc above and below.
 *
 * @param aperture hole, plate, opening: they close for slanting rays
 * @param distance z of the sheet, to compare with
 * @returns slopes and the largest relative illumination there (on a surface that faces the ray)
 * @source elementary geometry on the ray model of PHYSICS section 2
 * @example crossLight({ radius: 160, sectors: 4, gap: 0, tierHeight: 120, baffle: null }, { diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }, 100).share // 0
 */
export function crossLight(drum: DrumSetting, aperture: Aperture, distance: number): CrossLight {
  if (drum.gap <= 0) return { from: 0, to: 0, share: 0 };
  const angle = Math.PI / drum.sectors;
  const edge = drum.radius - drum.gap;
  const slopeTo = (radius: number): number => (radius * Math.sin(angle)) / (drum.radius - radius * Math.cos(angle));
  const sideways = [slopeTo(edge), slopeTo(drum.radius)] as const;
  const upwards = [drum.tierHeight / 2 / drum.gap, Number.POSITIVE_INFINITY] as const;
  const passes = [sideways, upwards].map(([a, b]) =>
    strongest(drum, aperture, distance, Math.min(a, b), Math.max(a, b)),
  );
  return passes.reduce((worst, each) => (each.share > worst.share ? each : worst), {
    from: Math.min(...sideways),
    to: Math.max(...sideways),
    share: 0,
  });
}

function strongest(drum: DrumSetting, aperture: Aperture, distance: number, from: number, to: number): CrossLight {
  const stop = drum.baffle === null ? Number.POSITIVE_INFINITY : drum.baffle.aside / drum.baffle.height;
  const last = Math.min(to, stop, from + 40);
  if (last <= from) return { from, to, share: 0 };
  let share = 0;
  for (let i = 0; i <= STEPS; i++) {
    const slope = from + ((last - from) * i) / STEPS;
    const cos = 1 / Math.hypot(1, slope);
    // The ray goes on across the neighbour for about the drum's radius.
    const length = drum.radius * Math.max(0.3, 2 * cos);
    share = Math.max(share, vignetting(aperture, slope) * cos * (distance / length) ** 2);
  }
  return { from, to, share };
}

/**
 * Strips beside the hole that shut the neighbours' light out and leave the sheet's own rays alone: midway between the
 * two slopes, `aside` from the hole.
 *
 * @param own tan α of the sheet's worst corner, > 0
 * @param stray tan α of the flattest stray ray, > own
 * @returns how far aside and how high; `null` where no strip can do both
 * @example baffleFor(1, 2.25, 15).height // 10
 */
export function baffleFor(
  own: number,
  stray: number,
  aside: number,
): { readonly aside: number; readonly height: number } | null {
  if (!(stray > own * 1.02)) return null;
  return { aside, height: aside / Math.sqrt(own * stray) };
}
