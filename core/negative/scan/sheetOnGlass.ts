/** Sides of a sheet, mm. */
export interface SheetSize {
  readonly width: number;
  readonly height: number;
}

/** Paper is cut by hand, and its edges are found to a pixel or two: within the larger of these it is that size. */
const SAME = { mm: 3, share: 0.06 } as const;

/**
 * How large what lies on the glass is, by the resolution that its file states.
 *
 * @param corners of the sheet, in turn, pixels
 * @param dpi pixels an inch
 * @returns the mean of each two opposite sides, mm
 * @example sizeOnGlass([[0, 0], [500, 0], [500, 400], [0, 400]], 100) // { width: 127, height: 101.6 }
 */
export function sizeOnGlass(corners: readonly (readonly [number, number])[], dpi: number): SheetSize {
  const side = (i: number): number => {
    const [a, b] = [corners[i], corners[(i + 1) % 4]];
    return a === undefined || b === undefined ? 0 : (Math.hypot(b[0] - a[0], b[1] - a[1]) * 25.4) / dpi;
  };
  return { width: (side(0) + side(2)) / 2, height: (side(1) + side(3)) / 2 };
}

/**
 * Whether what lies on the glass can be a sheet of a size, whichever way round.
 *
 * @example isOfSize({ width: 102, height: 126 }, { width: 127, height: 101.6 }) // true
 */
export function isOfSize(found: SheetSize, sheet: SheetSize): boolean {
  const near = (a: number, b: number): boolean => Math.abs(a - b) <= Math.max(SAME.mm, SAME.share * b);
  const { width, height } = sheet;
  return (
    (near(found.width, width) && near(found.height, height)) || (near(found.width, height) && near(found.height, width))
  );
}
