import { openInRed } from "../ui/openInRed.ts";
import { safeLevel } from "../ui/safelight.ts";
import { ready } from "./ready.ts";

/** What every page of Dark does before it is shown: the light turns red, then the maker's data are read. */
export async function intoTheDark(): Promise<void> {
  openInRed(safeLevel());
  await ready();
}
