import { type FitPoint, horizonLine, type SunFan, type SunRequest } from "../sun/index.ts";

/** Thistle Row's can by the cold frames, from one solstice to the next: deep and finely pierced, so that days are parted. */
export const COLD_FRAMES: SunRequest = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.3 },
  film: { surface: "cylinder", radius: 50, distance: 100, width: 254, height: 203.2, y: -60 },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-06-21",
  horizon: [
    [90, 3],
    [180, 6],
    [270, 4],
  ],
};

/**
 * Points as a maker sets them: along the tracks of some days, and on the horizon.
 *
 * @param off how far one is set beside its place, mm
 */
export function pointsOn(
  truth: SunFan,
  horizon: SunRequest["horizon"],
  dates: readonly string[],
  off: () => number,
): readonly FitPoint[] {
  const tracks = dates.flatMap((date) => {
    const own = truth.days.find((day) => day.date === date)?.moments.filter(({ isRecorded }) => isRecorded) ?? [];
    return [0.1, 0.35, 0.6, 0.9].flatMap((part): FitPoint[] => {
      const { place } = own[Math.floor(part * own.length)] ?? {};
      return place ? [{ kind: "track", s: place.s + off(), t: place.t + off(), date }] : [];
    });
  });
  const [line = []] = horizonLine(horizon ?? [], truth.sky, 1);
  const ground = [0.3, 0.5, 0.7].flatMap((part): FitPoint[] => {
    const place = line[Math.floor(part * line.length)];
    return place ? [{ kind: "horizon", s: place.s + off(), t: place.t + off() }] : [];
  });
  return [...tracks, ...ground];
}
