import { type Encoding, lightTable, type NegativeScan, type Plane, readRow } from "./scan.ts";
import { insideOf, type SheetLie } from "./sheetInScan.ts";
import { gathered, quantile, type Spread } from "./spread.ts";

/** Share of a sheet that is darker than its unexposed paper, where nobody marked that. PHYSICS section 11. */
const WHITEST = 0.998;

/**
 * The light of a sheet in its scan, inside the margin.
 *
 * @returns how often each light comes, linear, 0 to 1
 * @example lightOf(scan, "file", lie, "luminance").total // pixels inside …
 */
export function lightOf(scan: NegativeScan, encoding: Encoding, lie: SheetLie, plane: Plane): Spread {
  const table = lightTable(scan, encoding);
  const span = insideOf(lie, scan);
  if (scan.channels === 1) return ofTable(scan, table, span);
  const read = readRow(scan, table, plane);
  const row = new Float64Array(scan.width);
  const { add, read: spread } = gathered(0, 1);
  for (let y = 0; y < scan.height; y++) {
    const { from, to } = span(y);
    if (to <= from) continue;
    read(y, from, to, row);
    for (let i = 0; i < to - from; i++) add(row[i] as number);
  }
  return spread();
}

/** Numbers of one channel are counted as they are. */
function ofTable(
  { samples, width, height, most }: NegativeScan,
  table: Float64Array,
  span: ReturnType<typeof insideOf>,
): Spread {
  const counts = new Float64Array(most + 1);
  // Bytes are counted two at a time, by what both say.
  const pairs =
    most === 255 && samples.byteOffset % 2 === 0
      ? new Uint16Array(samples.buffer, samples.byteOffset, samples.length >> 1)
      : null;
  const twos = new Uint32Array(pairs === null ? 0 : 65536);
  let total = 0;
  for (let y = 0; y < height; y++) {
    const { from, to } = span(y);
    if (to <= from) continue;
    total += to - from;
    let [at, end] = [y * width + from, y * width + to];
    if (pairs !== null) {
      if (at % 2 === 1) countOne(counts, samples[at++] as number);
      if (end % 2 === 1) countOne(counts, samples[--end] as number);
      for (let pair = at >> 1; pair < end >> 1; pair++) (twos[pairs[pair] as number] as number)++;
      continue;
    }
    for (; at < end; at++) countOne(counts, samples[at] as number);
  }
  for (const [pair, count] of twos.entries()) {
    counts[pair & 255] = (counts[pair & 255] as number) + count;
    counts[pair >> 8] = (counts[pair >> 8] as number) + count;
  }
  const used = [...counts.keys()].filter((value) => counts[value] !== 0);
  return {
    values: Float64Array.from(used, (value) => table[value] as number),
    counts: Float64Array.from(used, (value) => counts[value] as number),
    total,
  };
}

function countOne(counts: Float64Array, value: number): void {
  counts[value] = (counts[value] as number) + 1;
}

/**
 * The light of the unexposed sheet, where nobody marked it: the 99.8th percentile inside the margin.
 *
 * @returns linear, 0 to 1; NaN where nothing of the sheet lies in the scan
 * @source PHYSICS section 11, “Density”
 * @example whiteOf({ values: Float64Array.of(0.5), counts: Float64Array.of(9), total: 9 }) // 0.5
 */
export function whiteOf(light: Spread): number {
  return quantile(light, WHITEST);
}
