import { median } from "../../../basis/numeric/index.ts";
import type { FaultPlace, FoundFault } from "./fault.ts";
import type { UprightDensities } from "./uprightDensities.ts";

/** The edges of an upright picture; `at(along, in)` is the density so far along an edge and so far in. */
interface Edge {
  readonly length: number;
  readonly depth: number;
  readonly at: (along: number, inward: number) => number;
  readonly place: (from: number, to: number, deep: number) => FaultPlace;
}

function edgesOf({ width: w, height: h, share }: UprightDensities): readonly Edge[] {
  const value = (x: number, y: number): number => share[y * w + x] as number;
  return [
    {
      length: w,
      depth: h,
      at: (i, d) => value(i, d),
      place: (from, to, deep) => ({ left: from / w, right: to / w, top: 0, bottom: deep / h }),
    },
    {
      length: w,
      depth: h,
      at: (i, d) => value(i, h - 1 - d),
      place: (from, to, deep) => ({ left: from / w, right: to / w, top: 1 - deep / h, bottom: 1 }),
    },
    {
      length: h,
      depth: w,
      at: (i, d) => value(d, i),
      place: (from, to, deep) => ({ left: 0, right: deep / w, top: from / h, bottom: to / h }),
    },
    {
      length: h,
      depth: w,
      at: (i, d) => value(w - 1 - d, i),
      place: (from, to, deep) => ({ left: 1 - deep / w, right: 1, top: from / h, bottom: to / h }),
    },
  ];
}

/** A leak: dense at the edge, this much darker at the edge than further in (shares of ΔD), falling all the way, over so much of the edge. */
const LEAK = { dense: 0.75, darker: 0.3, rim: 0.02, reach: 0.3, longest: 0.5, shortest: 0.04 } as const;
/** A bar: blank from the edge on, so deep, along so much of the edge, and then a step. */
const BAR = { blank: 0.03, least: 0.02, most: 0.45, along: 0.8, step: 0.05, ragged: 0.03 } as const;

/**
 * Dark streaks that come in from an edge or corner, darkest at the edge: light that leaked in past the lid.
 *
 * @returns the stretches of edges where that may be so
 * @source common practice
 * @example leaks({ width: 2, height: 2, pitch: 1, share: new Float32Array(4) }).length // 0
 */
export function leaks(densities: UprightDensities): readonly FoundFault[] {
  return edgesOf(densities).flatMap((edge): readonly FoundFault[] => {
    const { length, depth, at, place } = edge;
    const [rim, reach] = [Math.max(1, Math.round(LEAK.rim * depth)), Math.round(LEAK.reach * depth)];
    if (reach < rim + 4) return [];
    const streaked = Array.from({ length }, (_, i) => {
      const first = at(i, rim);
      const last = at(i, reach);
      const middle = at(i, Math.round((rim + reach) / 2));
      return first > LEAK.dense && first - last > LEAK.darker && first >= middle && middle >= last - 0.02;
    });
    return runsOf(streaked)
      .filter(([from, to]) => to - from >= LEAK.shortest * length && to - from <= LEAK.longest * length)
      .filter(([from, to]) => standsOut(edge, from, to, rim))
      .map(([from, to]) => ({ code: "leak" as const, at: place(from, to, reach) }));
  });
}

/** Whether the rest of the edge is lighter: a dark sky along a whole edge is a part of the picture. */
function standsOut({ length, at }: Edge, from: number, to: number, rim: number): boolean {
  let [inside, outside] = [0, 0];
  for (let i = 0; i < length; i++) {
    if (i >= from && i < to) inside += at(i, rim) / (to - from);
    else outside += at(i, rim) / Math.max(1, length - to + from);
  }
  return inside - outside > LEAK.darker;
}

/** From where to where in a row something is so, gaps of one left out. */
function runsOf(flags: readonly boolean[]): readonly (readonly [from: number, to: number])[] {
  const runs: [number, number][] = [];
  flags.forEach((flag, i) => {
    if (!flag) return;
    const last = runs.at(-1);
    if (last !== undefined && i - last[1] <= 1) last[1] = i + 1;
    else runs.push([i, i + 1]);
  });
  return runs;
}

/**
 * A blank bar along an edge that ends in a straight step: the sheet stood out of the developer, or tape lay on it.
 *
 * @returns bars, with their width in mm
 * @source common practice
 * @example bars({ width: 2, height: 2, pitch: 1, share: new Float32Array(4) }).length // 0
 */
export function bars(densities: UprightDensities): readonly FoundFault[] {
  return edgesOf(densities).flatMap(({ length, depth, at, place }): readonly FoundFault[] => {
    const ends = Array.from({ length }, (_, i) => {
      let deep = 0;
      while (deep < depth && at(i, deep) < BAR.blank) deep++;
      return deep;
    });
    const deep = median(ends);
    if (deep < BAR.least * depth || deep > BAR.most * depth) return [];
    const straight = ends.filter((end) => Math.abs(end - deep) <= Math.max(1.5, BAR.ragged * depth)).length;
    const beyond = Math.min(depth - 1, deep + 2);
    const steps = ends.filter((_, i) => at(i, beyond) > BAR.step).length;
    if (straight < BAR.along * length || steps < BAR.along * length) return [];
    return [{ code: "bar", at: place(0, length, deep), measured: deep * densities.pitch }];
  });
}
