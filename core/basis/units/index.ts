export { DEGREES, RADIANS, TURN } from "./angle.ts";
export { bearing, turnBetween } from "./bearing.ts";
export { formatFNumber } from "./formatFNumber.ts";
export {
  formatDistance,
  formatLength,
  formatLengthNumber,
  type LengthUnit,
  MM_PER_INCH,
  MM_PER_NM,
  sayLength,
} from "./length.ts";
export { parseFNumber } from "./parseFNumber.ts";
export { parseLength } from "./parseLength.ts";
export { parseNumber } from "./parseNumber.ts";
export { plainNumber } from "./plainNumber.ts";
export { failure, type Result, success } from "./result.ts";
export { formatStops, isSaid, moreOrLess } from "./stops.ts";
export { DAY_MS, formatClock, formatTime, parseTime, sayOpenTime, sayTime } from "./time.ts";
