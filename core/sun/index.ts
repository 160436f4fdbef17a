export type { SkyDirection } from "./aim.ts";
export { aimLaying } from "./aimLaying.ts";
export { type SunAnswer, type SunDay, type SunSummary, summaryOf, sunAnswer } from "./answer.ts";
export type { Calendar, Zone } from "./calendar.ts";
export { comesRound } from "./comesRound.ts";
export { type DayTrack, type SheetSky, type SunMoment, sheetSky } from "./dayTrack.ts";
export { type Diary, hoursOfDiary, PARTED, readDiary, SHONE } from "./diary.ts";
export { type DiaryDoubt, diaryDoubt } from "./diaryDoubt.ts";
export { dailyEphemeris, type Ephemeris } from "./ephemeris.ts";
export { type SunFan, type SunTools, sunFan } from "./fan.ts";
export { type FitPoint, type FittedAim, fitAim } from "./fitAim.ts";
export { hangsUpsideDown, hungOver } from "./hanging.ts";
export { horizonLine } from "./horizonLine.ts";
export {
  type HorizonPicture,
  type KnownPlace,
  pictureDirections,
  withTraced,
} from "./horizonPicture.ts";
export { findMishap, type Mishap } from "./mishap.ts";
export { type SunPlace, sunFrom } from "./observer.ts";
export { type Coordinates, parseCoordinates } from "./parseCoordinates.ts";
export { type PhoneLie, phoneHeading } from "./phoneHeading.ts";
export { type Air, refracted, USUAL_AIR } from "./refraction.ts";
export { type Reminder, reminders, SOLSTICES } from "./reminders.ts";
export { type HorizonPoint, MOST_DAYS, SUN_DEFAULTS, type SunAim, type SunRequest, type SunSite } from "./request.ts";
export { type SkyPicture, skyPicture } from "./skyPicture.ts";
export { trackWidth } from "./trackWidth.ts";
export { type CanStand, type TrailPicture, trailPicture } from "./trailPicture.ts";
export { type SunFix, type SunVerdict, sunVerdicts } from "./verdicts.ts";
export { madeUpSky } from "./weather.ts";
export { whenAt } from "./whenAt.ts";
