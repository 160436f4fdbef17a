import { type Distribution, distributionBuilder, quantile } from "../model/distribution.ts";
import { type Encoding, lightTable, type NegativeScan, type Plane, readRow } from "../model/negativeScan.ts";
import { insideOf, type SheetPlacement } from "./sheetInScan.ts";

/** Share of a sheet that is darker than its unexposed paper, where nobody marked that. PHYSICS section 11. */
const WHITEST = 0.998;

/**
 * The light of a sheet in its scan, inside the margin.
 *
 * @returns how often each light comes, linear, 0 to 1
 * @example lightOf(scan, "file", placement, "luminance").total // pixels inside …
 */
export function lightOf(scan: NegativeScan, encoding: Encoding, placement: SheetPlacement, plane: Plane): Distribution {
  const table = lightTable(scan, encoding);
  const span = insideOf(placement, scan);
  if (scan.channels === 1) return ofTable(scan, table, span);
  const read = readRow(scan, table, plane);
  const row = new Float64Array(scan.width);
  const { add, read: spread } = distributionBuilder(0, 1);
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
): Distribution {
  const counts = new Float64Array(most + 1);
  const count = most === 255 && samples.byteOffset % 4 === 0 ? countedByFour(samples as Uint8Array, counts) : null;
  let total = 0;
  for (let y = 0; y < height; y++) {
    const { from, to } = span(y);
    if (to <= from) continue;
    total += to - from;
    const [at, end] = [y * width + from, y * width + to];
    if (count !== null) count.add(at, end);
    else for (let i = at; i < end; i++) countOne(counts, samples[i] as number);
  }
  count?.finish();
  const used = [...counts.keys()].filter((value) => counts[value] !== 0);
  return {
    values: Float64Array.from(used, (value) => table[value] as number),
    counts: Float64Array.from(used, (value) => counts[value] as number),
    total,
  };
}

/** Counts bytes four at a time: by what the first two say, and the others. */
function countedByFour(
  bytes: Uint8Array,
  counts: Float64Array,
): { readonly add: (from: number, to: number) => void; readonly finish: () => void } {
  const fours = new Uint32Array(bytes.buffer, bytes.byteOffset, bytes.length >> 2);
  const [first, second] = [new Uint32Array(65536), new Uint32Array(65536)];
  return {
    add: (from, to) => {
      let at = from;
      for (; at < to && at % 4 !== 0; at++) countOne(counts, bytes[at] as number);
      const end = Math.max(at >> 2, to >> 2);
      for (let i = at >> 2; i < end; i++) {
        const four = fours[i] as number;
        (first[four & 65535] as number)++;
        (second[four >>> 16] as number)++;
      }
      for (at = Math.max(at, 4 * end); at < to; at++) countOne(counts, bytes[at] as number);
    },
    finish: () => {
      for (let pair = 0; pair < 65536; pair++) {
        const count = (first[pair] as number) + (second[pair] as number);
        counts[pair & 255] = (counts[pair & 255] as number) + count;
        counts[pair >> 8] = (counts[pair >> 8] as number) + count;
      }
    },
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
export function whiteOf(light: Distribution): number {
  return quantile(light, WHITEST);
}
