export { dailyEphemeris, type Ephemeris } from "./astronomy/ephemeris.ts";
export { type Air, refracted, USUAL_AIR } from "./astronomy/refraction.ts";
export { aimLaying } from "./plan/aimLaying.ts";
export { type DayTrack, type SheetSky, type SunMoment, sheetSky } from "./plan/dayTrack.ts";
export { type SunFan, type SunTools, sunFan } from "./plan/fan.ts";
export { horizonLine } from "./plan/horizonLine.ts";
export { type Reminder, reminders, SOLSTICES } from "./plan/reminders.ts";
export { type SkyPicture, skyPicture } from "./plan/skyPicture.ts";
export { type SunStay, USUAL_STAY } from "./plan/stay.ts";
export { type SunAnswer, type SunDay, type SunSummary, summaryOf, sunAnswer } from "./plan/sunAnswer.ts";
export { type SunFix, type SunVerdict, sunVerdicts } from "./plan/sunVerdicts.ts";
export { trackWidth } from "./plan/trackWidth.ts";
export {
  addTracks,
  type CanStand,
  halfExposure,
  rasterOf,
  SKY_OVER_SUN,
  type TrailPicture,
  trailPicture,
} from "./plan/trailPicture.ts";
export { wrapsAround } from "./plan/wrapsAround.ts";
export { type Diary, hoursOfDiary, PARTED, readDiary, SHONE } from "./read/diary.ts";
export { type DiaryDoubt, diaryDoubt } from "./read/diaryDoubt.ts";
export { type Disturbance, findDisturbance } from "./read/disturbance.ts";
export { type FitPoint, type FittedAim, fitAim } from "./read/fitAim.ts";
export { directionOf } from "./read/hourPlace.ts";
export { whenAt } from "./read/whenAt.ts";
export { aimed, type SkyDirection, vectorTo } from "./site/aim.ts";
export type { Calendar, Zone } from "./site/calendar.ts";
export { hangsUpsideDown, hungOver } from "./site/hanging.ts";
export { horizonOf } from "./site/horizon.ts";
export {
  type HorizonPicture,
  type KnownPlace,
  pictureDirections,
  withTraced,
} from "./site/horizonPicture.ts";
export { type SunPlace, sunFrom } from "./site/observer.ts";
export { type Coordinates, parseCoordinates } from "./site/parseCoordinates.ts";
export { type DeviceOrientation, phoneHeading } from "./site/phoneHeading.ts";
export {
  type HorizonPoint,
  MOST_DAYS,
  SUN_DEFAULTS,
  type SunAim,
  type SunRequest,
  type SunSite,
} from "./site/siteAndAim.ts";
