import type { SunRequest } from "../site/siteAndAim.ts";

/** Where and when a camera stands, how it looks, and what stands before its sky: a plan but for its camera. */
export type SunStay = Pick<SunRequest, "site" | "aim" | "from" | "to" | "horizon">;

/** A stay to begin with, until a maker says theirs: half a year of the north; the line of longitude is nobody’s garden. */
export const USUAL_STAY: SunStay = {
  site: { latitude: 51.48, longitude: 0, height: 0, timeZone: "Europe/London" },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-06-21",
  horizon: [],
};
