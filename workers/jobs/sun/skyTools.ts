import { Body, GeoVector, MakeTime, RotateVector, Rotation_EQJ_EQD, SiderealTime } from "astronomy-engine";
import type { Ephemeris, SunTools } from "../../../core/sun/index.ts";
import { calendar } from "../../codecs/calendarLibrary.ts";

/** The sun of astronomy-engine (VSOP87 cut short, within 1′ of JPL’s ephemeris by its makers’ tests). */
const ephemeris: Ephemeris = {
  sun: (at) => {
    const time = MakeTime(new Date(at));
    return RotateVector(Rotation_EQJ_EQD(time), GeoVector(Body.Sun, time, true));
  },
  sidereal: (at) => (SiderealTime(MakeTime(new Date(at))) * Math.PI) / 12,
};

/** What the core reckons the sun with. */
export const skyTools: SunTools = { ephemeris, calendar };
