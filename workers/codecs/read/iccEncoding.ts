import { type Encoded, encodedBy } from "../../../core/basis/pictureValues/index.ts";

/**
 * What an embedded ICC profile says of a picture's numbers, by the tone curve of its grey, else its green.
 *
 * @returns `null` where the profile has no tone curve to be read (one of tables from ink to colour)
 * @source ICC.1:2022, 7.3 tag table, 10.6 curveType, 10.18 parametricCurveType (from memory)
 */
export function iccEncoding(profile: Uint8Array): Encoded {
  const view = new DataView(profile.buffer, profile.byteOffset, profile.byteLength);
  if (view.byteLength < 132) return null;
  const count = Math.min(view.getUint32(128), 100);
  const places = new Map<number, number>();
  for (let at = 132; at < 132 + 12 * count && at + 12 <= view.byteLength; at += 12) {
    places.set(view.getUint32(at), view.getUint32(at + 4));
  }
  for (const name of [GREY_CURVE, GREEN_CURVE, RED_CURVE]) {
    const at = places.get(name);
    const curve = at === undefined ? null : curveAt(view, at);
    if (curve !== null) return encodedBy(curve);
  }
  return null;
}

const [RED_CURVE, GREEN_CURVE, GREY_CURVE] = [0x72545243, 0x67545243, 0x6b545243];
const [CURVE, PARAMETRIC] = [0x63757276, 0x70617261];
/** Longer tables are none that a program writes. */
const MOST_ENTRIES = 65_536;

type Curve = (share: number) => number;

/** The light that a number stands for, or `null` where the curve lies outside the profile or is unknown. */
function curveAt(view: DataView, at: number): Curve | null {
  if (at + 12 > view.byteLength) return null;
  if (view.getUint32(at) === CURVE) return tableAt(view, at);
  return view.getUint32(at) === PARAMETRIC ? formulaAt(view, at) : null;
}

function tableAt(view: DataView, at: number): Curve | null {
  const count = view.getUint32(at + 8);
  if (count === 0) return (share) => share;
  if (count > MOST_ENTRIES || at + 12 + 2 * count > view.byteLength) return null;
  if (count === 1) return (share) => share ** (view.getUint16(at + 12) / 256);
  const value = (index: number): number => view.getUint16(at + 12 + 2 * index) / 65_535;
  return (share) => {
    const place = share * (count - 1);
    const below = Math.min(count - 2, Math.floor(place));
    return value(below) + (value(below + 1) - value(below)) * (place - below);
  };
}

/** How many numbers each kind of formula has. */
const NUMBERS = [1, 3, 4, 5, 7] as const;

function formulaAt(view: DataView, at: number): Curve | null {
  const count = NUMBERS[view.getUint16(at + 8)];
  if (count === undefined || at + 12 + 4 * count > view.byteLength) return null;
  const numbers = Array.from({ length: count }, (_, i) => view.getInt32(at + 12 + 4 * i) / 65_536);
  const [g = 1, a = 1, b = 0, c = 0, d, e = 0, f = 0] = numbers;
  switch (count) {
    case 1:
      return (x) => x ** g;
    case 3:
      return (x) => (x >= -b / a ? (a * x + b) ** g : 0);
    case 4:
      return (x) => (x >= -b / a ? (a * x + b) ** g + c : c);
    default:
      return (x) => (x >= (d ?? 0) ? (a * x + b) ** g + e : c * x + f);
  }
}
