export {
  developerSeconds,
  isTooSoon,
  leastOf,
  MOVE_SECONDS,
  type PlannedStep,
  planOf,
  roomOf,
  staysOf,
} from "./plan.ts";
export {
  type Agitation,
  type BathName,
  type Lamp,
  lampAfter,
  lampFor,
  type Recipe,
  type RecipeStep,
} from "./recipe.ts";
export { type ThroughTrays, throughTrays } from "./throughTrays.ts";
