import type { Result } from "../../core/basis/units/index.ts";
import type { StorageFailure, StorageReason } from "../../storage/index.ts";

/** What could not be stored is tried again after so long, ms. */
export const TRY_AGAIN_AFTER_MS = 5000;

/** What may pass: there is room again, or the browser gives its database back. */
const PASSING: readonly StorageReason[] = ["full", "unavailable"];

/** Whether what could not be stored now may be stored later. */
export function mayPass({ reason }: StorageFailure): boolean {
  return PASSING.includes(reason);
}

/**
 * Stores until it is stored, or can never be.
 *
 * @param onFailed tells the maker; called once
 * @returns whether it is stored
 */
export async function storeUntilDone(
  store: () => Promise<Result<unknown, StorageFailure>>,
  onFailed: (failure: StorageFailure) => void,
): Promise<boolean> {
  for (let attempt = 0; ; attempt++) {
    const done = await store();
    if (done.ok) return true;
    if (attempt === 0) onFailed(done.error);
    if (!mayPass(done.error)) return false;
    await new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_AFTER_MS));
  }
}
