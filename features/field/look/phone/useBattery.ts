import { useEffect, useState } from "react";

/** What a browser tells of the battery, where it does. @source W3C, Battery Status API */
interface Battery extends EventTarget {
  /** 0 to 1. */
  readonly level: number;
  readonly charging: boolean;
}

/** The battery at a moment. */
export interface Charge {
  /** ms of the page's steady clock. */
  readonly at: number;
  /** 0 to 1. */
  readonly level: number;
}

/** Batteries tell whole percents: before so long, or with less gone, nothing can be said. */
const [LEAST_MS, LEAST_GONE] = [3 * 60_000, 0.015];
const TEN_MINUTES = 600_000;

/** Share of the battery that ten minutes take, by what was gone since; `null`: it can't be said yet. */
export function inTenMinutes(since: Charge, now: Charge): number | null {
  const [ms, gone] = [now.at - since.at, since.level - now.level];
  return ms >= LEAST_MS && gone >= LEAST_GONE ? (gone * TEN_MINUTES) / ms : null;
}

/** Share of the battery that ten minutes of looking take, where the browser tells; `null`: it doesn't, or not yet. */
export function useBattery(active: boolean): number | null {
  const [share, setShare] = useState<number | null>(null);
  useEffect(() => {
    const ask = (navigator as { getBattery?: () => Promise<Battery> }).getBattery;
    if (!active || ask === undefined) return;
    let end = (): void => undefined;
    let gone = false;
    void ask.call(navigator).then((battery) => {
      if (gone) return;
      let since: Charge | null = null;
      const look = (): void => {
        const now = { at: performance.now(), level: battery.level };
        // While it is charged nothing is told; afterwards it begins anew.
        if (battery.charging) since = null;
        else if (since === null) since = now;
        else setShare(inTenMinutes(since, now));
      };
      look();
      for (const event of ["levelchange", "chargingchange"]) battery.addEventListener(event, look);
      end = () => {
        for (const event of ["levelchange", "chargingchange"]) battery.removeEventListener(event, look);
      };
    }, end);
    return () => {
      gone = true;
      end();
      setShare(null);
    };
  }, [active]);
  return share;
}
