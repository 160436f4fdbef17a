export {
  type Act,
  type ActName,
  type Station,
  type StationName,
  type Thread,
  type ThreadFacts,
  threadOf,
} from "./thread.ts";
