import type { SunPlace } from "./observer.ts";

/** How near the top the last look is taken, ms. */
const CLOSE = 20_000;
const SECOND = 1000;

/**
 * When the sun stands highest in a day: the top of the parabola through three places, first a step apart, then closer.
 *
 * @param sun where it stands at a time
 * @param best the highest of the day’s moments, ms since 1970
 * @param step between moments, ms
 * @param day its first instant and that of the next: the top is looked for between them
 * @returns ms since 1970, to the second
 * @example noonOf(sun, best, 300_000, { from, to }) // the transit, but for the sun’s own rise or fall (up to 20 s) …
 */
export function noonOf(
  sun: (at: number) => SunPlace,
  best: number,
  step: number,
  day: { readonly from: number; readonly to: number },
): number {
  const within = (at: number): number => Math.min(day.to - SECOND, Math.max(day.from, at));
  const topBeside = (at: number, reach: number): number => {
    const [before, here, after] = [sun(at - reach).trueAltitude, sun(at).trueAltitude, sun(at + reach).trueAltitude];
    const bend = before - 2 * here + after;
    const shift = bend < 0 ? (reach * (before - after)) / (2 * bend) : Math.sign(after - before) * reach;
    return within(at + Math.max(-reach, Math.min(reach, shift)));
  };
  let top = topBeside(best, step);
  for (let look = 0; look < 2; look++) top = topBeside(top, CLOSE);
  return within(SECOND * Math.round(top / SECOND));
}
