import { failure, type Result, success } from "../../core/basis/units/index.ts";

/** How long the browser may look for the place, and its question may stand unanswered, ms. */
const WAITED = { browser: 20_000, maker: 45_000 } as const;

/** Where this device is, degrees; or in words why that isn't known. It settles also where the browser's question is left unanswered. */
export function whereabouts(): Promise<Result<{ readonly latitude: number; readonly longitude: number }>> {
  const unknown = failure("The browser doesn’t say where this is. Type the place instead.");
  return new Promise((resolve) => {
    // The browser's own limit does not run while its question waits for an answer.
    const timer = setTimeout(() => resolve(unknown), WAITED.maker);
    const settle = (found: Parameters<typeof resolve>[0]): void => {
      clearTimeout(timer);
      resolve(found);
    };
    if (navigator.geolocation === undefined) return settle(unknown);
    navigator.geolocation.getCurrentPosition(
      ({ coords: { latitude, longitude } }) => settle(success({ latitude, longitude })),
      () => settle(unknown),
      { timeout: WAITED.browser, maximumAge: 60_000 },
    );
  });
}
