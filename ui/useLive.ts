import { useEffect, useState } from "react";
import { subscribe } from "../storage/index.ts";

/**
 * What a query over the database gives, kept up to date: changes in this tab and in others show at once.
 *
 * @param initial value until the first answer (what the route's loader read)
 * @param query must be stable (useCallback)
 */
export function useLive<T>(initial: T, query: () => Promise<T>): T {
  const [value, setValue] = useState(initial);
  useEffect(() => subscribe(query, setValue, () => undefined), [query]);
  return value;
}
