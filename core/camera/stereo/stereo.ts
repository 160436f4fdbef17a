/** Two holes before one sheet, both looking the same way; mm. */
export interface StereoSetting {
  /** Where the holes stand, from the sheet's middle. */
  readonly holes: readonly [number, number];
  /** z, hole to sheet. */
  readonly distance: number;
  /** W, width of the sheet both pictures share. */
  readonly sheetWidth: number;
  /** tan α at which plate or opening shut the last light out; infinite where nothing does. */
  readonly steepest: number;
}

export interface Stereo {
  /** B, between the holes. */
  readonly base: number;
  /** Nearest subject that two eyes still join with ease, mm: 30 B. */
  readonly nearest: number;
  /** Width on the sheet that both pictures cover; 2X where the holes stand evenly. */
  readonly overlap: number;
  /**
   * How far a wall in the middle must stand forward of the sheet to part the pictures: 0 where they don't meet, `null`
   * where none parts them because no middle lies between the holes.
   */
  readonly divider: number | null;
}

/** Rule of thumb for comfortable depth: the nearest subject is this many bases away. Common practice, editable. */
const COMFORT = 30;

/**
 * What two holes on one sheet do. Each hole, a beside the middle, reaches X past it and wants a wall of its own height;
 * the higher one counts.
 *
 * @param setting places; distance, sheet width > 0; steepest > 0
 * @returns lengths in mm
 * @source PHYSICS section 5: X = min(W/2, z·tan α_max − a), divider h = z·X/(X + a), a = B/2 where the holes stand evenly
 * @example stereo({ holes: [-32.5, 32.5], distance: 90, sheetWidth: 254, steepest: Infinity }).divider // 71.66…
 */
export function stereo({ holes, distance, sheetWidth, steepest }: StereoSetting, comfort: number = COMFORT): Stereo {
  const [left, right] = [Math.min(...holes), Math.max(...holes)];
  const base = right - left;
  const [half, reach] = [sheetWidth / 2, distance * steepest];
  const overlap = Math.max(0, Math.min(half, left + reach) - Math.max(-half, right - reach));
  const heightFor = (aside: number): number => {
    const past = Math.max(0, Math.min(half, reach - aside));
    return past === 0 ? 0 : (distance * past) / (past + aside);
  };
  const between = left < 0 && right > 0;
  const wall = between ? Math.max(heightFor(-left), heightFor(right)) : null;
  return { base, nearest: comfort * base, overlap, divider: overlap === 0 ? 0 : wall };
}

/**
 * Parallax on the film between a near and a far thing, mm: B·z·(1/u_near − 1/u_far); `null` is far away.
 *
 * @returns mm, ≥ 0
 * @example parallax(65, 60, 2000, null) // 1.95
 */
export function parallax(base: number, distance: number, near: number, far: number | null): number {
  return base * distance * (1 / near - (far === null ? 0 : 1 / far));
}
