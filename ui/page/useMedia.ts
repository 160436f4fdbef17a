import { useCallback, useSyncExternalStore } from "react";

/** Whether a media query holds; on the server, and until the page lives, it doesn't. */
export function useMedia(query: string): boolean {
  const watch = useCallback(
    (changed: () => void) => {
      const list = window.matchMedia(query);
      list.addEventListener("change", changed);
      return () => list.removeEventListener("change", changed);
    },
    [query],
  );
  return useSyncExternalStore(
    watch,
    () => window.matchMedia(query).matches,
    () => false,
  );
}
