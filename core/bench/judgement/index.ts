export { judge } from "./judge.ts";
export type { Case, Verdict, Weight } from "./verdict.ts";
