export { type ColourPicture, type MadeUpCan, type MadeUpDisturbance, madeUpTrail } from "./madeUpTrail.ts";
