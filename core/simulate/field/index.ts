export { madeUpSky } from "./madeUpSky.ts";
export { type PracticeMeter, practiceReading } from "./practiceMeter.ts";
