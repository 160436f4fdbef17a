/** Two holes before one sheet, both looking the same way; mm. */
export interface StereoSetting {
  /** B, between the holes. */
  readonly base: number;
  /** z, hole to sheet. */
  readonly distance: number;
  /** W, width of the sheet both pictures share. */
  readonly sheetWidth: number;
  /** tan α at which plate or opening shut the last light out; infinite where nothing does. */
  readonly steepest: number;
}

export interface Stereo {
  /** Nearest subject that two eyes still join with ease, mm: 30 B. */
  readonly nearest: number;
  /** X, how far each picture reaches past the sheet's middle. */
  readonly past: number;
  /** Width on the sheet that both pictures cover, 2X. */
  readonly overlap: number;
  /** How far a wall in the middle must stand forward of the sheet to part the pictures; 0 where they don't meet. */
  readonly divider: number;
}

/** Rule of thumb for comfortable depth: the nearest subject is this many bases away. Common practice, editable. */
const COMFORT = 30;

/**
 * What two holes on one sheet do.
 *
 * @param setting base, distance, sheet width > 0; steepest > 0
 * @returns lengths in mm
 * @source PHYSICS section 5: X = min(W/2, z·tan α_max − B/2), divider h = z·X/(X + B/2)
 * @example stereo({ base: 65, distance: 90, sheetWidth: 254, steepest: Infinity }).divider // 71.66…
 */
export function stereo({ base, distance, sheetWidth, steepest }: StereoSetting, comfort: number = COMFORT): Stereo {
  const past = Math.max(0, Math.min(sheetWidth / 2, distance * steepest - base / 2));
  return {
    nearest: comfort * base,
    past,
    overlap: 2 * past,
    divider: past === 0 ? 0 : (distance * past) / (past + base / 2),
  };
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
