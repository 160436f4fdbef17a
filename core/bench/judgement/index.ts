export { judge } from "./judge.ts";
export { isMeant, withMeant } from "./meant.ts";
export type { BuildFault, Case, Finding, Mend, Verdict, Weight } from "./verdict.ts";
