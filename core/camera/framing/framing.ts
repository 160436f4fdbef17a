/** Something a maker might want to fill the picture with. */
export interface Subject {
  readonly id: string;
  readonly name: string;
  /** mm. */
  readonly height: number;
  /** How it is drawn from the side: the upper part of a person, a flat thing that stands, a house. */
  readonly drawn: "bust" | "flat" | "house";
  /** How deep it is, seen from the side, mm. */
  readonly deep: number;
}

/**
 * How near the camera must stand for a subject to fill a share of the picture's height.
 *
 * The picture's height t of a subject h high at u is t = h·z/u, so u = h·z/(share·T).
 *
 * @param subject height h, mm, > 0
 * @param distance z, mm, > 0
 * @param sheetHeight T, mm, > 0
 * @param share of the sheet's height, in (0, 1]
 * @returns u in mm
 * @example nearEnough(2000, 70, 101.6, 0.5) // 2755.9: a door at 2.76 m fills half of a 4×5 sheet at 70 mm
 */
export function nearEnough(subject: number, distance: number, sheetHeight: number, share: number): number {
  return (subject * distance) / (share * sheetHeight);
}

/**
 * Size on the sheet of a thing `size` large at `away`, mm.
 *
 * @returns mm, for a flat sheet: size·z/away
 * @example onSheet(1800, 3000, 60) // 36
 */
export function onSheet(size: number, away: number, distance: number): number {
  return (size * distance) / away;
}
