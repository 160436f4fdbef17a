import { joined } from "../../../../core/basis/numeric/index.ts";

/** A sheet of one grey. */
interface GreySheet {
  readonly width: number;
  readonly height: number;
  readonly grey: number;
  /** Whether it says that it is a smaller copy of another. */
  readonly isCopy?: boolean;
  /** Whether the next sheet is a picture within this one (SubIFDs), not one after it. */
  readonly holdsNext?: boolean;
}

/**
 * Sheets one after the other in one TIFF, as a scanner with a feeder writes them; for tests.
 *
 * @source TIFF 6.0 (1992), sections 2 and 8; SubIFDs 330: TIFF Tech Note 1 (1995)
 */
export function pagesTiff(sheets: readonly GreySheet[]): Uint8Array<ArrayBuffer> {
  const parts: Uint8Array[] = [Uint8Array.of(0x49, 0x49, 42, 0, 8, 0, 0, 0)];
  let at = 8;
  for (const [index, { width, height, grey, isCopy = false, holdsNext = false }] of sheets.entries()) {
    const head = 2 + 12 * (holdsNext ? 11 : 10) + 4;
    const next = at + head + width * height;
    const fields: readonly (readonly [tag: number, type: 3 | 4, value: number])[] = [
      [254, 4, isCopy ? 1 : 0],
      [256, 4, width],
      [257, 4, height],
      [258, 3, 8],
      [259, 3, 1],
      [262, 3, 1],
      [273, 4, at + head],
      [277, 3, 1],
      [278, 4, height],
      [279, 4, width * height],
      ...(holdsNext ? ([[330, 4, next]] as const) : []),
    ];
    const part = new Uint8Array(head + width * height).fill(grey, head);
    const view = new DataView(part.buffer);
    view.setUint16(0, fields.length, true);
    for (const [i, [tag, type, value]] of fields.entries()) {
      const entry = 2 + 12 * i;
      view.setUint16(entry, tag, true);
      view.setUint16(entry + 2, type, true);
      view.setUint32(entry + 4, 1, true);
      view.setUint32(entry + 8, value, true);
    }
    view.setUint32(head - 4, index === sheets.length - 1 || holdsNext ? 0 : next, true);
    parts.push(part);
    at += part.length;
  }
  return joined(parts);
}
