import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { type PhoneAxes, phoneOverGround } from "../../../../core/viewfinder/index.ts";
import { hearOrientation, isRefused, type Orientation } from "../../../../ui/device/orientation.ts";

/** What a phone's sensors tell of how it is held. */
export interface Attitude {
  /** The newest; `null`: nothing told yet. Read when a frame is drawn: it changes oftener than the page. */
  readonly axes: RefObject<PhoneAxes | null>;
  readonly state: "off" | "waiting" | "told" | "refused" | "none";
  /** Whether its axes are over the ground as a map has it, or only from where the phone lay at first. */
  readonly knowsNorth: boolean;
  /** Begins to listen: some browsers ask, and only after a press. */
  readonly listen: () => Promise<void>;
}

/** A phone that tells nothing within this time has no sensors, ms. */
const LISTENED = 2000;

/** Follows how the phone is held, from the press on. */
export function useAttitude(): Attitude {
  const axes = useRef<PhoneAxes | null>(null);
  const [state, setState] = useState<Attitude["state"]>("off");
  const [knowsNorth, setNorth] = useState(false);
  const [listening, setListening] = useState(false);
  useEffect(() => {
    if (!listening) return;
    const end = hearOrientation((told) => {
      const held = axesOf(told, window.screen.orientation?.angle ?? 0);
      if (held === null) return;
      axes.current = held;
      setState("told");
      setNorth(told.fromNorth || told.heading !== undefined);
    });
    const timer = setTimeout(() => setState((now) => (now === "waiting" ? "none" : now)), LISTENED);
    return () => {
      clearTimeout(timer);
      end();
    };
  }, [listening]);
  const listen = useCallback(async () => {
    if (!("DeviceOrientationEvent" in window)) return setState("none");
    if (await isRefused()) return setState("refused");
    setState((now) => (now === "told" ? now : "waiting"));
    setListening(true);
  }, []);
  return { axes, state, knowsNorth, listen };
}

/**
 * A phone's axes by what it tells; `null`: too little.
 *
 * @param screen the screen's turn against the phone, degrees
 * @source phones that call their heading themselves tell alpha from where they lay at first: it is 360° less the heading then (common practice)
 */
export function axesOf({ alpha, beta, gamma, heading }: Orientation, screen: number): PhoneAxes | null {
  const about = heading === undefined ? alpha : 360 - heading;
  if (about === null || beta === null || gamma === null) return null;
  return phoneOverGround({ alpha: about, beta, gamma }, screen);
}
