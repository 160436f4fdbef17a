import type { LevelMap } from "./levelMap.ts";
import type { GreyPicture } from "./picture.ts";
import { addRun, finished, merge, newSpot, type Running } from "./runningSpot.ts";
import type { Patch } from "./spot.ts";

/** A picture that falls into more pieces than this is noise. */
const MOST_RUNS = 6_000_000;

/**
 * All patches of a picture above a level (joined at corners too) and at or below it (joined at sides), with the patch
 * each lies in: runs of pixels joined row by row by union and find.
 *
 * @param picture any size
 * @param level in the picture's own numbers; a function gives it for every 64th column and row, in between it is held
 * @returns patches, or `null` where there are too many to be anything but noise
 * @source H. Samet, M. Tamminen, IEEE Trans. PAMI 10 (1988) 579: connected components by runs
 */
export function spotsOf({ width, height, samples }: GreyPicture, level: LevelMap): readonly Patch[] | null {
  let room = 1 << 16;
  let ends = new Int32Array(room);
  let labels = new Int32Array(room);
  const parents: number[] = [];
  const spots: Running[] = [];
  const root = (label: number): number => {
    let at = label;
    while (parents[at] !== at) {
      parents[at] = parents[parents[at] as number] as number;
      at = parents[at] as number;
    }
    return at;
  };
  let previous = 0;
  let previousEnd = 0;
  let count = 0;
  let previousFirst = false;
  for (let y = 0; y < height; y++) {
    const start = count;
    const row = y * width;
    const levels = level.row(y);
    let above = (samples[row] as number) > (levels[0] as number);
    const first = above;
    for (let x = 1; x <= width; x++) {
      if (x < width && (samples[row + x] as number) > (levels[x >> 6] as number) === above) continue;
      if (count === room) {
        if (count >= MOST_RUNS) return null;
        room *= 2;
        ends = grown(ends, room);
        labels = grown(labels, room);
      }
      ends[count++] = x;
      above = !above;
    }
    joinRows(y, start, count, first, previous, previousEnd, previousFirst);
    previous = start;
    previousEnd = count;
    previousFirst = first;
  }
  return gathered();

  /** Gives the runs of a row their labels and adds them to their patches. */
  function joinRows(
    y: number,
    from: number,
    to: number,
    firstBright: boolean,
    aboveFrom: number,
    aboveTo: number,
    aboveFirst: boolean,
  ): void {
    let candidate = aboveFrom;
    for (let run = from; run < to; run++) {
      const bright = ((run - from) % 2 === 0) === firstBright;
      const left = run === from ? 0 : (ends[run - 1] as number);
      const right = ends[run] as number;
      const reach = bright ? 1 : 0;
      let label = -1;
      while (candidate > aboveFrom && (ends[candidate - 1] as number) + reach > left) candidate--;
      while (candidate < aboveTo && (ends[candidate] as number) + reach <= left) candidate++;
      for (let other = candidate; other < aboveTo; other++) {
        const begins = other === aboveFrom ? 0 : (ends[other - 1] as number);
        if (begins >= right + reach) break;
        if ((((other - aboveFrom) % 2 === 0) === aboveFirst) !== bright) continue;
        const joined = root(labels[other] as number);
        if (label === -1) label = joined;
        else if (joined !== label) {
          const [kept, given] = joined < label ? [joined, label] : [label, joined];
          parents[given] = kept;
          label = kept;
        }
      }
      if (label === -1) {
        label = parents.length;
        parents.push(label);
        spots.push(newSpot(bright, run === from ? -1 : (labels[run - 1] as number)));
      }
      labels[run] = label;
      addRun(spots[label] as Running, left, right, y, width, height);
    }
  }

  function gathered(): readonly Patch[] {
    for (let label = parents.length - 1; label >= 0; label--) {
      const into = root(label);
      if (into !== label) merge(spots[into] as Running, spots[label] as Running);
    }
    const index = new Map<number, number>();
    for (let label = 0; label < parents.length; label++) {
      if (parents[label] === label) index.set(label, index.size);
    }
    return [...index.keys()].map((label) => {
      const spot = spots[label] as Running;
      return finished(spot, spot.around < 0 ? -1 : (index.get(root(spot.around)) ?? -1));
    });
  }
}

function grown(array: Int32Array<ArrayBuffer>, room: number): Int32Array<ArrayBuffer> {
  const larger = new Int32Array(room);
  larger.set(array);
  return larger;
}
