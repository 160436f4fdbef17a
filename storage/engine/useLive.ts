import { useLiveQuery } from "dexie-react-hooks";
import { type StorageFailure, whatFailed } from "./failure.ts";

/** What a query over the database gives: not answered yet, answered, or why there is no answer. */
export type Live<T> =
  | { readonly status: "loading"; readonly value: T }
  | { readonly status: "ready"; readonly value: T }
  | { readonly status: "failed"; readonly value: T; readonly failure: StorageFailure };

/**
 * Follows a query: changes in this tab and in others show at once.
 *
 * @param initial stands until the first answer (what the route's loader read), and where there never is one
 * @param query must be stable (useCallback)
 */
export function useLive<T>(initial: T, query: () => Promise<T>): Live<T> {
  const answer = useLiveQuery(
    () =>
      query().then(
        (value): Live<T> => ({ status: "ready", value }),
        (error: unknown): Live<T> => ({ status: "failed", value: initial, failure: whatFailed(error) }),
      ),
    [query],
  );
  return answer ?? { status: "loading", value: initial };
}
