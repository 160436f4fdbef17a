/** How a unit square comes to lie on the page: x′ = a·x + c·y + e, y′ = b·x + d·y + f, in points, y upwards. */
export type Matrix = readonly [a: number, b: number, c: number, d: number, e: number, f: number];

/** Something that a page draws by its name, and where. */
export interface Drawing {
  readonly name: string;
  readonly matrix: Matrix;
}

export const UNMOVED: Matrix = [1, 0, 0, 1, 0, 0];

/** Words of a page's program: strings in brackets of both kinds, names, the rest between blanks. */
const WORDS = /\((?:\\.|[^\\()])*\)|<[^<>]*>|\/[^\s/[\]()<>{}%]+|[^\s/[\]()<>{}%]+/g;

/**
 * What a page's program draws by name (pictures, and programs of their own), in its order.
 *
 * @param start how the page lay before
 * @source ISO 32000-1:2008, 8.4.4 (q, Q, cm) and 8.8 (Do)
 * @example drawingsOf("q 2 0 0 3 0 0 cm /Im0 Do Q", [1, 0, 0, 1, 0, 0]) // [{ name: "Im0", matrix: [2, 0, 0, 3, 0, 0] }]
 */
export function drawingsOf(program: string, start: Matrix): readonly Drawing[] {
  const kept: Matrix[] = [];
  const found: Drawing[] = [];
  let now = start;
  let before: string[] = [];
  for (const [word] of program.matchAll(WORDS)) {
    if (word === "q") kept.push(now);
    else if (word === "Q") now = kept.pop() ?? now;
    else if (word === "cm") now = after(before.slice(-6).map(Number), now);
    else if (word === "Do") found.push({ name: (before.at(-1) ?? "").slice(1), matrix: now });
    else {
      before = [...before.slice(-5), word];
      continue;
    }
    before = [];
  }
  return found;
}

/** One way of lying on top of another; six numbers that are none change nothing. */
export function after(numbers: readonly number[], outer: Matrix): Matrix {
  const [a = 1, b = 0, c = 0, d = 1, e = 0, f = 0] = numbers;
  if (numbers.length !== 6 || !numbers.every(Number.isFinite)) return outer;
  const [A, B, C, D, E, F] = outer;
  return [a * A + b * C, a * B + b * D, c * A + d * C, c * B + d * D, e * A + f * C + E, e * B + f * D + F];
}

/**
 * The page turned clockwise in quarters, as it asks to be shown.
 *
 * @param quarters of a turn, clockwise
 */
export function turned(matrix: Matrix, quarters: number): Matrix {
  let out = matrix;
  for (let i = 0; i < ((quarters % 4) + 4) % 4; i++) {
    const [a, b, c, d, e, f] = out;
    out = [b, -a, d, -c, f, -e];
  }
  return out;
}

/**
 * How a picture lies, as TIFF and Exif number it, 1 to 8.
 *
 * @source TIFF 6.0 (1992), section 8, tag 274
 */
export function orientationOf([a, b, c, d]: Matrix): number {
  if (Math.abs(a) + Math.abs(d) >= Math.abs(b) + Math.abs(c)) {
    if (a >= 0) return d >= 0 ? 1 : 4;
    return d >= 0 ? 2 : 3;
  }
  if (b >= 0) return c >= 0 ? 5 : 8;
  return c >= 0 ? 6 : 7;
}
