import { leastSquares } from "../../basis/numeric/index.ts";
import {
  focalLengthFromExif,
  isConvex,
  type PlanePoint,
  type Quad,
  USUAL_FOCAL_35,
  USUAL_FOCAL_ERROR,
} from "../../basis/plane/index.ts";
import { failure, type Result, success } from "../../basis/units/index.ts";

/** A bank card, mm, and by how much one may differ from another. ISO/IEC 7810:2019, format ID-1. */
export const BANK_CARD = { width: 85.6, height: 53.98, tolerance: 0.13 } as const;

/** A photograph's size, px. */
export interface PhotographSize {
  readonly width: number;
  readonly height: number;
}

/** A container's face as a photograph shows it beside a card: outside, in mm, each with one standard deviation. */
export interface FaceBesideCard {
  readonly width: number;
  readonly height: number;
  readonly widthError: number;
  readonly heightError: number;
}

/** Why nothing can be measured. */
export type CardTrouble = "card-crossed" | "face-crossed" | "card-too-small" | "no-rectangle";

/** Fewer pixels along the card's longer side tell no size to 2 mm. */
const LEAST_CARD = 60;
/** Corners that lie farther from two rectangles in one plane than so many times their doubt are marked wrong. */
const MOST_OFF = 4;
/** Turned and leaned so much at first, radians. */
const TURNED = [
  [0, 0],
  [0.4, 0],
  [-0.4, 0],
  [0, 0.4],
  [0, -0.4],
] as const;
/** Unknowns: plane turned and leaned, its distance (ln mm), card's middle and turn, face's middle and turn, its sizes (ln mm), focal length (ln px). */
const STEPS = [1e-6, 1e-6, 1e-6, 1e-4, 1e-4, 1e-6, 1e-4, 1e-4, 1e-6, 1e-6, 1e-6, 1e-6] as const;

/**
 * Sizes of a container's face in a photograph, by a bank card in the same plane. Both are rectangles: their eight corners
 * tell how the plane was seen, however slanting, and far surer than the small card's four would alone.
 *
 * @param card, face corners in the picture, px, clockwise from the upper left
 * @param picture its size: the lens looked at its middle
 * @param doubt of each marked corner either way, px
 * @returns sizes and errors: of the corners, of the card's tolerance
 * @source ISO/IEC 7810:2019 ID-1; pinhole camera and plane (Hartley and Zisserman, Multiple View Geometry, 8.1, from memory)
 * @example faceBesideCard([{ x: 0, y: 0 }, { x: 856, y: 0 }, { x: 856, y: 540 }, { x: 0, y: 540 }], [{ x: 900, y: 0 }, { x: 950, y: 0 }, { x: 900, y: 40 }, { x: 950, y: 40 }], { width: 4000, height: 3000 }, 1).error // "face-crossed"
 */
export function faceBesideCard(
  card: Quad,
  face: Quad,
  picture: PhotographSize,
  doubt: number,
): Result<FaceBesideCard, CardTrouble> {
  if (!isConvex(card)) return failure("card-crossed");
  if (!isConvex(face)) return failure("face-crossed");
  const [across, down] = sidesOf(card);
  if (Math.max(across, down) < LEAST_CARD) return failure("card-too-small");
  const [cardWidth, cardHeight] =
    across >= down ? [BANK_CARD.width, BANK_CARD.height] : [BANK_CARD.height, BANK_CARD.width];
  const focal = focalLengthFromExif(USUAL_FOCAL_35, picture.width, picture.height);
  const marked = [...card, ...face];
  const [, , ...others] = firstGuess(card, face, picture, focal, cardWidth);
  const residuals = (at: readonly number[]): readonly number[] => {
    const [pan = 0, tilt = 0, distance = 0, cx = 0, cy = 0, ct = 0, fx = 0, fy = 0, ft = 0, w = 0, h = 0, f = 0] = at;
    const seen = seenIn(picture, pan, tilt, Math.exp(distance), Math.exp(f));
    const corners = [
      ...cornersOf(cx, cy, ct, cardWidth, cardHeight),
      ...cornersOf(fx, fy, ft, Math.exp(w), Math.exp(h)),
    ].map(seen);
    const off = corners.flatMap(({ x, y }, i) => {
      const to = marked[i] as PlanePoint;
      return [(x - to.x) / doubt, (y - to.y) / doubt];
    });
    return [...off, (f - Math.log(focal)) / USUAL_FOCAL_ERROR];
  };
  // From afar a plane turned to the left looks nearly like one turned to the right: each way is tried.
  const fits = TURNED.map((turned) => leastSquares({ residuals, start: [...turned, ...others], steps: STEPS }));
  const fit = fits.reduce((best, each) => (each.sum < best.sum ? each : best));
  if (!(Math.sqrt(fit.sum / marked.length) < MOST_OFF)) return failure("no-rectangle");
  const sizeOf = (index: number) => {
    const size = Math.exp(fit.at[index] as number);
    return { size, error: size * Math.hypot(fit.sd[index] as number, BANK_CARD.tolerance / BANK_CARD.width) };
  };
  const [width, height] = [sizeOf(9), sizeOf(10)];
  return success({ width: width.size, height: height.size, widthError: width.error, heightError: height.error });
}

/** As if the picture had been taken straight from the front. */
function firstGuess(
  card: Quad,
  face: Quad,
  picture: PhotographSize,
  focal: number,
  cardWidth: number,
): readonly number[] {
  const scale = sidesOf(card)[0] / cardWidth;
  const lying = (quad: Quad): readonly [x: number, y: number, turn: number] => {
    const [a, b] = quad;
    const middle = (axis: "x" | "y"): number => quad.reduce((sum, corner) => sum + corner[axis] / 4, 0);
    return [
      (middle("x") - picture.width / 2) / scale,
      (middle("y") - picture.height / 2) / scale,
      Math.atan2(b.y - a.y, b.x - a.x),
    ];
  };
  const [width, height] = sidesOf(face);
  const sizes = [Math.log(width / scale), Math.log(height / scale)];
  return [0, 0, Math.log(focal / scale), ...lying(card), ...lying(face), ...sizes, Math.log(focal)];
}

/** Where a phone sees a place of a plane that is turned about the vertical and leaned, px. */
function seenIn({ width, height }: PhotographSize, pan: number, tilt: number, distance: number, focal: number) {
  const [cp, sp, ct, st] = [Math.cos(pan), Math.sin(pan), Math.cos(tilt), Math.sin(tilt)];
  return ({ x, y }: PlanePoint): PlanePoint => {
    const far = distance + st * y - ct * sp * x;
    return { x: width / 2 + (focal * cp * x) / far, y: height / 2 + (focal * (ct * y + st * sp * x)) / far };
  };
}

/** Corners of a rectangle by its middle and its turn, clockwise from the upper left. */
function cornersOf(x: number, y: number, turn: number, width: number, height: number): readonly PlanePoint[] {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  return [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([across = 0, down = 0]) => {
    const [u, v] = [(across * width) / 2, (down * height) / 2];
    return { x: x + c * u - s * v, y: y + s * u + c * v };
  });
}

/** Mean of upper and lower edge, and of left and right. */
function sidesOf([a, b, c, d]: Quad): readonly [across: number, down: number] {
  return [(far(a, b) + far(d, c)) / 2, (far(b, c) + far(a, d)) / 2];
}

function far(a: PlanePoint, b: PlanePoint): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
