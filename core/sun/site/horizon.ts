import { firstWhere } from "../../basis/numeric/index.ts";
import type { HorizonPoint } from "./siteAndAim.ts";

/**
 * What stands before the sky: altitude of the horizon by azimuth, straight between its points and closed round the circle.
 *
 * @param points degrees, rising in azimuth; none: 0 all round
 * @returns altitude for an azimuth, both in degrees
 * @source PHYSICS section 14: piecewise linear in azimuth
 * @example horizonOf([[90, 0], [270, 10]])(0) // 5
 */
export function horizonOf(points: readonly HorizonPoint[]): (azimuth: number) => number {
  const [first] = points;
  const last = points.at(-1);
  if (first === undefined || last === undefined) return () => 0;
  if (points.length === 1) return () => first[1];
  const azimuths = Float64Array.from([last[0] - 360, ...points.map(([azimuth]) => azimuth), first[0] + 360]);
  const altitudes = Float64Array.from([last[1], ...points.map(([, altitude]) => altitude), first[1]]);
  return (azimuth) => {
    const turned = azimuth - 360 * Math.floor(azimuth / 360);
    const beyond = firstWhere((i) => (azimuths[i] as number) > turned, azimuths.length);
    const above = Math.min(Math.max(1, beyond), azimuths.length - 1);
    const below = above - 1;
    const [from, to] = [azimuths[below] as number, azimuths[above] as number];
    const [low, high] = [altitudes[below] as number, altitudes[above] as number];
    return low + ((high - low) * (turned - from)) / (to - from);
  };
}
