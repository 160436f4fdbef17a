/**
 * What an embedded ICC profile says of a picture's numbers: light itself, where its tone curve is a straight line,
 * else numbers for screens (their curves are all near to that of sRGB).
 *
 * @returns `null` where the profile has no tone curve to be read
 * @source ICC.1:2022, 7.3 tag table, 10.6 curveType, 10.18 parametricCurveType (from memory)
 */
export function iccEncoding(profile: Uint8Array): "linear" | "srgb" | null {
  const view = new DataView(profile.buffer, profile.byteOffset, profile.byteLength);
  if (view.byteLength < 132) return null;
  const count = Math.min(view.getUint32(128), 100);
  for (let at = 132; at < 132 + 12 * count && at + 12 <= view.byteLength; at += 12) {
    const name = view.getUint32(at);
    if (name !== RED_CURVE && name !== GREEN_CURVE && name !== GREY_CURVE) continue;
    const middle = curveAtHalf(view, view.getUint32(at + 4));
    if (middle !== null) return Math.abs(middle - 0.5) < STRAIGHT ? "linear" : "srgb";
  }
  return null;
}

const [RED_CURVE, GREEN_CURVE, GREY_CURVE] = [0x72545243, 0x67545243, 0x6b545243];
const [CURVE, PARAMETRIC] = [0x63757276, 0x70617261];
/** sRGB gives 0.214 for a half, a gamma of 1.8 gives 0.287; a straight line 0.5. */
const STRAIGHT = 0.05;

/** The light that a number of one half stands for, or `null` where the curve lies outside the profile or is unknown. */
function curveAtHalf(view: DataView, at: number): number | null {
  if (at + 16 > view.byteLength) return null;
  if (view.getUint32(at) === CURVE) {
    const count = view.getUint32(at + 8);
    if (count === 0) return 0.5;
    if (count === 1) return 0.5 ** (view.getUint16(at + 12) / 256);
    const middle = at + 12 + 2 * Math.floor((count - 1) / 2);
    return middle + 2 <= view.byteLength ? view.getUint16(middle) / 65535 : null;
  }
  if (view.getUint32(at) !== PARAMETRIC) return null;
  const kind = view.getUint16(at + 8);
  const value = (index: number): number =>
    at + 16 + 4 * index <= view.byteLength ? view.getInt32(at + 12 + 4 * index) / 65536 : Number.NaN;
  const [gamma, a, b] = [value(0), kind === 0 ? 1 : value(1), kind === 0 ? 0 : value(2)];
  const middle = (a * 0.5 + b) ** gamma;
  return Number.isFinite(middle) ? middle : null;
}
