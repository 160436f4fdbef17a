export { type HoleMend, holeFix } from "./holeFix.ts";
export { contrastOf, type HoleToMake, holeToMake, idealAt, shareOf } from "./holeToMake.ts";
export {
  type FoundHole,
  foundHole,
  type HoleVerdict,
  type JudgedHole,
  judgeHole,
  type SunThroughHole,
} from "./judgeHole.ts";
export { sheetReach, withSheetAt } from "./sheetReach.ts";
