import { useLayoutEffect, useRef } from "react";

/**
 * What was drawn last, for what runs later: handlers, timers, answers. It changes with what stands on the screen, never
 * for a drawing that React gives up.
 */
export function useLatest<T>(value: T): { readonly current: T } {
  const latest = useRef(value);
  useLayoutEffect(() => {
    latest.current = value;
  });
  return latest;
}
