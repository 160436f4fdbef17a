import { fromSrgb } from "../../../core/basis/pictureValues/index.ts";

/** Colours of sRGB adapted to D50, and D50 itself: X, Y, Z. ICC.1:2022 annex E and the sRGB profile of the ICC, from memory. */
const RED = [0.43607, 0.22249, 0.01392] as const;
const GREEN = [0.38515, 0.71687, 0.09708] as const;
const BLUE = [0.14307, 0.06061, 0.7141] as const;
const D50 = [0.9642, 1, 0.8249] as const;
/** Places of the curve from numbers to light. */
const CURVE = 1024;

/**
 * A profile that says: sRGB, or grey with the curve of sRGB. Version 2, by a matrix and one curve.
 *
 * @source ICC.1:2001-04 (profile version 2.4.0), sections 6.1 to 6.5
 */
export function iccSrgb(of: "colour" | "grey"): Uint8Array<ArrayBuffer> {
  const xyz = (values: readonly number[]): Uint8Array =>
    tag("XYZ ", 12, (view) => {
      for (const [i, value] of values.entries()) view.setInt32(8 + 4 * i, Math.round(value * 65536));
    });
  const curve = tag("curv", 4 + 2 * CURVE, (view) => {
    view.setUint32(8, CURVE);
    for (let i = 0; i < CURVE; i++) view.setUint16(12 + 2 * i, Math.round(65535 * fromSrgb(i / (CURVE - 1))));
  });
  const name = of === "colour" ? "sRGB IEC61966-2.1" : "Grey, curve of sRGB";
  const description = tag("desc", 4 + name.length + 1 + 78, (view) => {
    view.setUint32(8, name.length + 1);
    for (const [i, letter] of [...name].entries()) view.setUint8(12 + i, letter.charCodeAt(0));
  });
  const rights = tag("text", 14, (view) => {
    for (const [i, letter] of [..."public domain"].entries()) view.setUint8(8 + i, letter.charCodeAt(0));
  });
  const tags: readonly (readonly [string, Uint8Array])[] = [
    ["desc", description],
    ["cprt", rights],
    ["wtpt", xyz(D50)],
    ...(of === "grey"
      ? ([["kTRC", curve]] as const)
      : ([
          ["rXYZ", xyz(RED)],
          ["gXYZ", xyz(GREEN)],
          ["bXYZ", xyz(BLUE)],
          ["rTRC", curve],
          ["gTRC", curve],
          ["bTRC", curve],
        ] as const)),
  ];
  const starts = new Map<Uint8Array, number>();
  let end = 128 + 4 + 12 * tags.length;
  for (const [, data] of tags) {
    if (starts.has(data)) continue;
    starts.set(data, end);
    end += data.length;
  }
  const out = new Uint8Array(end);
  const view = new DataView(out.buffer);
  const letters = (at: number, text: string): void =>
    out.set(
      Uint8Array.from(text, (letter) => letter.charCodeAt(0)),
      at,
    );
  view.setUint32(0, end);
  view.setUint32(8, 0x02400000);
  letters(12, of === "colour" ? "mntrRGB XYZ " : "mntrGRAYXYZ ");
  // A day of no importance: profiles must bear one.
  for (const [i, part] of [2000, 1, 1, 0, 0, 0].entries()) view.setUint16(24 + 2 * i, part);
  letters(36, "acsp");
  for (const [i, value] of D50.entries()) view.setInt32(68 + 4 * i, Math.round(value * 65536));
  view.setUint32(128, tags.length);
  for (const [i, [signature, data]] of tags.entries()) {
    letters(132 + 12 * i, signature);
    view.setUint32(136 + 12 * i, starts.get(data) ?? 0);
    view.setUint32(140 + 12 * i, data.length);
    out.set(data, starts.get(data) ?? 0);
  }
  return out;
}

/** A tag's data: its type, four bytes of nothing, and what `write` puts behind; to whole words. */
function tag(type: string, size: number, write: (view: DataView) => void): Uint8Array {
  const data = new Uint8Array(Math.ceil((8 + size) / 4) * 4);
  data.set(Uint8Array.from(type, (letter) => letter.charCodeAt(0)));
  write(new DataView(data.buffer));
  return data;
}
