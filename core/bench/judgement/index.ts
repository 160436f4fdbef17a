export { judge } from "./judge.ts";
export { isMeant, withMeant } from "./meant.ts";
export type { Case, Verdict, Weight } from "./verdict.ts";
