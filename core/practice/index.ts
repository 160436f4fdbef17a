export { type Hidden, hiddenIn, MOST_SEED, type Practised, SESSIONS, type SessionName, seedFrom } from "./sessions.ts";
export {
  GIVEN,
  type GoalName,
  type PracticeTools,
  type SessionRecords,
  type SessionStart,
  type Standing,
  standingOf,
} from "./standing.ts";
export { leakedOn, stopsOver } from "./stopsOver.ts";
