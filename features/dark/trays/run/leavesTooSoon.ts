import { isTooSoon } from "../../../../core/darkroom/recipe/index.ts";
import { runAt } from "../../../../core/darkroom/run/index.ts";
import { clockNow } from "../../../../ui/device/useNow.ts";
import type { SheetNow } from "./useRuns.ts";

/** Whether a sheet would leave its bath long before that has done its work, at this very moment. */
export function leavesTooSoon({ run }: SheetNow): boolean {
  const { now, elapsed } = runAt(run, clockNow());
  return now !== null && isTooSoon(now, elapsed);
}
