import type { RawScan } from "./grey.ts";

/** Where a pixel of the upright picture stands in the file's rows, by the file's orientation, 2 to 8. */
const FROM: Readonly<
  Record<number, (x: number, y: number, right: number, bottom: number) => readonly [x: number, y: number]>
> = {
  2: (x, y, right) => [right - x, y],
  3: (x, y, right, bottom) => [right - x, bottom - y],
  4: (x, y, _, bottom) => [x, bottom - y],
  5: (x, y) => [y, x],
  6: (x, y, _, bottom) => [y, bottom - x],
  7: (x, y, right, bottom) => [right - y, bottom - x],
  8: (x, y, right) => [right - y, x],
};

/**
 * A picture as it is to be looked at: a phone writes its rows as its sensor stood, and how it was held beside them.
 *
 * @param orientation of the file, 1 to 8; any other counts as 1, rows from the top
 * @source TIFF 6.0 (1992), section 8, tag 274; Exif 2.32 (CIPA DC-008-2019), 4.6.4
 */
export function upright(scan: RawScan, orientation: number): RawScan {
  const from = FROM[orientation];
  if (from === undefined) return scan;
  const { width, height, channels, samples, most } = scan;
  const [across, down] = orientation >= 5 ? [height, width] : [width, height];
  const out = most === 255 ? new Uint8Array(samples.length) : new Uint16Array(samples.length);
  for (let y = 0, to = 0; y < down; y++) {
    // Straight lines stay straight: two places of a row tell all of it.
    const [x0, y0] = from(0, y, width - 1, height - 1);
    const [x1, y1] = from(1, y, width - 1, height - 1);
    const step = ((y1 - y0) * width + (x1 - x0)) * channels;
    let at = (y0 * width + x0) * channels;
    for (let x = 0; x < across; x++, at += step, to += channels)
      for (let channel = 0; channel < channels; channel++) out[to + channel] = samples[at + channel] as number;
  }
  return { ...scan, width: across, height: down, samples: out };
}
