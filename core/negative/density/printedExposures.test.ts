import { toSrgb } from "../../basis/pictureValues/index.ts";
import { PRINTED_MOST, printedColour, printedOut } from "../../light/exposure/index.ts";
import type { NegativeScan } from "../model/negativeScan.ts";
import { placeSheet } from "../scan/placeSheet.ts";
import { printedExposures } from "./printedExposures.ts";

const MEDIUM = { least: 0, most: PRINTED_MOST, range: 110, iso: 6 } as const;
const [SIDE, SQUARES] = [200, 5];
/** Exposures of the squares of a sheet, left to right: from none to seven eighths of all it can. */
const EXPOSED = [0, 0.3, 1, 2, 3] as const;

/** A sheet of 20 mm with its squares of exposures, scanned at ten pixels a millimetre. */
function scanned(channels: 1 | 3): NegativeScan {
  const samples = new Uint16Array(SIDE * SIDE * channels);
  for (let i = 0; i < SIDE * SIDE; i++) {
    const square = Math.floor(((i % SIDE) * SQUARES) / SIDE);
    const density = printedOut(EXPOSED[square] ?? 0);
    const light = channels === 3 ? printedColour(density) : [0.8 * 10 ** (-PRINTED_MOST * density)];
    for (const [channel, own] of light.entries()) samples[i * channels + channel] = Math.round(65535 * toSrgb(own));
  }
  return { width: SIDE, height: SIDE, channels, samples, most: 65535, encoding: "srgb" };
}

test.each([1, 3] as const)("a sheet that printed out, %d channels: its exposures come back, to 2 %", (channels) => {
  const scan = scanned(channels);
  const corners = [
    [0, 0],
    [SIDE, 0],
    [SIDE, SIDE],
    [0, SIDE],
  ] as const;
  const placed = placeSheet(scan, { medium: MEDIUM, sheet: { width: 20, height: 20, corners } });
  const exposureAt = printedExposures(scan, placed, 0.2);
  // Seen from the emulsion, the sheet's s runs against the scan's columns.
  for (const [square, exposed] of EXPOSED.entries()) {
    const read = exposureAt({ s: 10 - (20 * (square + 0.5)) / SQUARES, t: 0 });
    expect(Math.abs(read - exposed)).toBeLessThanOrEqual(0.02 * Math.max(exposed, 0.5));
  }
  expect(exposureAt({ s: 30, t: 0 })).toBeNaN();
});
