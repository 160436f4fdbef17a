export {
  flashFromStrip,
  type StripCount,
  type StripPlan,
  type StripTime,
  stripCounts,
  stripTimes,
} from "./strip.ts";
