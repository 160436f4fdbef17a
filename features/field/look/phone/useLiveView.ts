import { useCallback, useEffect, useRef, useState } from "react";

/** The phone's camera, live. */
export interface LiveView {
  readonly state: "off" | "asking" | "live" | "refused";
  /** Why there is none, in words. */
  readonly said: string | null;
  readonly video: HTMLVideoElement | null;
  /** Of its picture, pixels; it changes when the screen is turned. */
  readonly size: { readonly width: number; readonly height: number } | null;
  readonly start: () => Promise<void>;
  readonly stop: () => void;
}

/** Why the browser gives no camera, in words. */
export function whyNoCamera(error: unknown): string {
  const name = error instanceof DOMException ? error.name : "";
  if (name === "NotAllowedError") {
    return "The browser was told not to give the camera. Allow it in the browser’s settings for this address, or take a photograph.";
  }
  if (name === "NotFoundError" || name === "OverconstrainedError") {
    return "No camera was found on this device. Choose a photograph.";
  }
  if (name === "NotReadableError") {
    return "Another program has the camera. Close it and try again, or take a photograph.";
  }
  return "The camera gave no picture. Take a photograph.";
}

/** Whether this page may ask for a camera at all; else why not, in words. */
function whyNotAsked(): string | null {
  if (typeof window === "undefined") return null;
  if (!window.isSecureContext) {
    return "A browser gives the camera and the sensors to https addresses alone, and this one is plain http. A photograph works here all the same.";
  }
  return navigator.mediaDevices === undefined
    ? "This browser has no camera to give. A photograph works here all the same."
    : null;
}

/**
 * A browser is told with the page which devices it may ask for, and only this page may ask for the camera: whoever came here from
 * another one without a new page gets one.
 */
export function useOwnDocument(): void {
  useEffect(() => {
    const [loaded] = performance.getEntriesByType("navigation");
    if (loaded !== undefined && new URL(loaded.name).pathname !== window.location.pathname) window.location.reload();
  }, []);
}

/** Opens the rear camera at a press; lets it go when the page is left or hidden, and takes it again when one comes back. */
export function useLiveView(): LiveView {
  const [state, setState] = useState<LiveView["state"]>("off");
  const [said, setSaid] = useState<string | null>(null);
  const [video, setVideo] = useState<HTMLVideoElement | null>(null);
  const [size, setSize] = useState<LiveView["size"]>(null);
  const stream = useRef<MediaStream | null>(null);
  // What was asked for before the last start or stop is not wanted any more when it comes.
  const asked = useRef(0);
  const letGo = useCallback((): void => {
    asked.current++;
    for (const track of stream.current?.getTracks() ?? []) track.stop();
    stream.current = null;
  }, []);
  const start = useCallback(async () => {
    const never = whyNotAsked();
    if (never !== null) {
      setSaid(never);
      return setState("refused");
    }
    setSaid(null);
    setState("asking");
    letGo();
    const mine = asked.current;
    try {
      const given = await navigator.mediaDevices.getUserMedia({
        video: { facingMode: "environment", width: { ideal: 1280 }, height: { ideal: 960 } },
        audio: false,
      });
      if (asked.current !== mine) {
        for (const track of given.getTracks()) track.stop();
        return;
      }
      stream.current = given;
      for (const track of given.getTracks()) {
        track.addEventListener("ended", () => {
          setSaid("The camera was taken away. Start it again, or take a photograph.");
          setState("refused");
        });
      }
      const element = document.createElement("video");
      element.muted = true;
      element.playsInline = true;
      element.srcObject = given;
      element.addEventListener("resize", () => setSize({ width: element.videoWidth, height: element.videoHeight }));
      await element.play();
      if (asked.current !== mine) return;
      setSize({ width: element.videoWidth, height: element.videoHeight });
      setVideo(element);
      setState("live");
    } catch (error) {
      if (asked.current !== mine) return;
      letGo();
      setSaid(whyNoCamera(error));
      setState("refused");
    }
  }, [letGo]);
  const stop = useCallback((): void => {
    letGo();
    setVideo(null);
    setSize(null);
    setState("off");
  }, [letGo]);
  useEffect(() => letGo, [letGo]);
  useEffect(() => {
    if (state !== "live") return;
    const turn = (): void => {
      if (document.hidden) letGo();
      else void start();
    };
    document.addEventListener("visibilitychange", turn);
    return () => document.removeEventListener("visibilitychange", turn);
  }, [state, start, letGo]);
  return { state, said, video, size, start, stop };
}
