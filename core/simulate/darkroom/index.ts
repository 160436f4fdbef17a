export { inDeveloper, inWater, type Place } from "./emulsion.ts";
export {
  LEVELS,
  levelOf,
  type PracticeBath,
  type PracticeEvent,
  type PracticeSetup,
  type PracticeSheet,
  practiceSheet,
} from "./practice.ts";
export { type PracticeFault, practiceFaults } from "./practiceVerdict.ts";
