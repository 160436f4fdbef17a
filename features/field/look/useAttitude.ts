import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { type PhoneAxes, phoneOverGround } from "../../../core/viewfinder/index.ts";
import { isRefused } from "../../../ui/device/orientation.ts";

/** What a phone's sensors tell of how it is held. */
export interface Attitude {
  /** The newest; `null`: nothing told yet. Read when a frame is drawn: it changes oftener than the page. */
  readonly axes: RefObject<PhoneAxes | null>;
  readonly state: "off" | "waiting" | "told" | "refused" | "none";
  /** Begins to listen: some browsers ask, and only after a press. */
  readonly listen: () => Promise<void>;
}

/** A phone that tells nothing within this time has no sensors, ms. */
const PATIENCE = 2000;
/** The one that knows north first. */
const EVENTS = ["deviceorientationabsolute", "deviceorientation"] as const;

/** Follows how the phone is held, from the press on. */
export function useAttitude(): Attitude {
  const axes = useRef<PhoneAxes | null>(null);
  const [state, setState] = useState<Attitude["state"]>("off");
  const [listening, setListening] = useState(false);
  const absolute = useRef(false);
  useEffect(() => {
    if (!listening) return;
    const hear = (event: Event): void => {
      const { alpha, beta, gamma } = event as DeviceOrientationEvent;
      if (alpha === null || beta === null || gamma === null) return;
      // Where both are told, the one that knows north counts.
      if (event.type === EVENTS[0]) absolute.current = true;
      else if (absolute.current) return;
      axes.current = phoneOverGround({ alpha, beta, gamma }, window.screen.orientation?.angle ?? 0);
      setState("told");
    };
    for (const name of EVENTS) window.addEventListener(name, hear);
    const timer = setTimeout(() => setState((now) => (now === "waiting" ? "none" : now)), PATIENCE);
    return () => {
      clearTimeout(timer);
      for (const name of EVENTS) window.removeEventListener(name, hear);
    };
  }, [listening]);
  const listen = useCallback(async () => {
    if (!("DeviceOrientationEvent" in window)) return setState("none");
    if (await isRefused()) return setState("refused");
    setState((now) => (now === "told" ? now : "waiting"));
    setListening(true);
  }, []);
  return { axes, state, listen };
}
