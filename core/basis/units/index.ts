export { formatFNumber, parseFNumber } from "./fNumber.ts";
export {
  formatDistance,
  formatLength,
  formatLengthNumber,
  type LengthUnit,
  MM_PER_INCH,
  parseLength,
} from "./length.ts";
export { parseNumber } from "./parseNumber.ts";
export { plainNumber } from "./plainNumber.ts";
export { failure, type Result, success } from "./result.ts";
export { formatTime, parseTime } from "./time.ts";
