/** Some phones ask before they tell how they are held. */
type Asking = typeof DeviceOrientationEvent & {
  readonly requestPermission?: () => Promise<"granted" | "denied" | "prompt">;
};
/** What some phones tell beside the standard. */
type PhoneEvent = DeviceOrientationEvent & { readonly webkitCompassHeading?: number };

/** How a phone is held, degrees; what it does not tell is `null`. */
export interface Orientation {
  /** About the upright, anticlockwise. */
  readonly alpha: number | null;
  readonly beta: number | null;
  readonly gamma: number | null;
  /** As the phone itself calls its heading, clockwise from north. */
  readonly heading: number | undefined;
  /** Whether alpha is told from north; else from where the phone lay at first. */
  readonly fromNorth: boolean;
}

/** Its events: the first where a browser has it, which knows where north is. */
const EVENTS = ["deviceorientationabsolute", "deviceorientation"] as const;

/** Whether the browser was told not to tell how the phone is held. Where it has not asked yet, or can’t say, the sensors themselves show it. */
export async function isRefused(): Promise<boolean> {
  try {
    return (await (DeviceOrientationEvent as Asking).requestPermission?.()) === "denied";
  } catch {
    return false;
  }
}

/** Hears how the phone is held, until the answer is called. Where a browser has both events, only the one that knows north counts. */
export function hearOrientation(hear: (told: Orientation) => void): () => void {
  let absolute = false;
  const listen = (event: Event): void => {
    const { alpha, beta, gamma, absolute: told, webkitCompassHeading: heading } = event as PhoneEvent;
    if (event.type === EVENTS[0]) absolute = true;
    else if (absolute) return;
    hear({ alpha, beta, gamma, heading, fromNorth: told || event.type === EVENTS[0] });
  };
  for (const name of EVENTS) window.addEventListener(name, listen);
  return () => {
    for (const name of EVENTS) window.removeEventListener(name, listen);
  };
}
