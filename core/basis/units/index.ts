export { formatFNumber, parseFNumber } from "./fNumber.ts";
export {
  formatDistance,
  formatLength,
  formatLengthNumber,
  type LengthUnit,
  MM_PER_INCH,
  MM_PER_NM,
  parseLength,
} from "./length.ts";
export { parseNumber } from "./parseNumber.ts";
export { plainNumber } from "./plainNumber.ts";
export { failure, type Result, success } from "./result.ts";
export { formatStops } from "./stops.ts";
export { formatTime, parseTime, sayTime } from "./time.ts";
