import { enterDark } from "../ui/dark/redLight.ts";
import { safeLevel } from "../ui/dark/safelight.ts";
import { ready } from "./ready.ts";

/** What every page of Dark does before it is shown: it is red, and asked whether this is the dark; then the maker's data are read. */
export async function intoTheDark(): Promise<void> {
  enterDark(safeLevel());
  await ready();
}
