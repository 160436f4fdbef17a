export { contrastOf, type HoleToMake, holeToMake, idealAt, shareOf } from "./holeToMake.ts";
export { bandWords, holeFix, holeVerdictWords } from "./holeWords.ts";
export { type FoundHole, foundHole, type HoleVerdict, type JudgedHole, judgeHole } from "./judgeHole.ts";
export { sheetReach, withSheetAt } from "./sheetReach.ts";
