export { PERFORATION_PITCH, type RollPlan, rollPlan } from "./rollPlan.ts";
export { turnsFor, woundLength } from "./winding.ts";
