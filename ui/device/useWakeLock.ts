import { useEffect } from "react";

/** Keeps the screen awake while something is counted, where the browser can; asked again when the page comes back into sight. */
export function useWakeLock(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const ask = (): void => {
      if (document.visibilityState !== "visible") return;
      // Refused (low battery, say), the count goes on all the same.
      navigator.wakeLock.request("screen").then(
        (given) => {
          lock = given;
          if (over) void given.release();
        },
        () => undefined,
      );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [wanted]);
}
