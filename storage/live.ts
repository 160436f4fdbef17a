import { liveQuery } from "dexie";

/**
 * Calls back with the result of `query` now and whenever what it reads changes, in this tab or another.
 *
 * @returns a function that ends it
 */
export function subscribe<T>(
  query: () => Promise<T>,
  onValue: (value: T) => void,
  onError: (error: unknown) => void,
): () => void {
  const subscription = liveQuery(query).subscribe({ next: onValue, error: onError });
  return () => subscription.unsubscribe();
}
