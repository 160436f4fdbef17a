import { useEffect, useRef, useState } from "react";
import { type DeviceOrientation, phoneHeading } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { hearOrientation, isRefused } from "../../../ui/device/orientation.ts";

/** How long the phone is listened to, ms. */
const LISTENED = 1200;
/** The phone's own compass, where there is one: laid flat beside the camera, its top edge to where that looks. */
export function PhoneCompass({ onNeedle }: { readonly onNeedle: (degrees: number) => void }) {
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const stop = useRef(() => {});
  useEffect(() => () => stop.current(), []);
  if (typeof window === "undefined" || !("DeviceOrientationEvent" in window)) return null;
  const listen = async (): Promise<void> => {
    setBusy(true);
    setSaid(null);
    if (await isRefused()) {
      setSaid("The browser was told not to ask the compass. Type what a compass says.");
      setBusy(false);
      return;
    }
    const heard: DeviceOrientation[] = [];
    const end = hearOrientation(({ alpha, beta, gamma, heading, fromNorth }) => {
      // What is only told from where the phone lay at first is no direction.
      const known = fromNorth || heading !== undefined ? alpha : null;
      heard.push({ alpha: known, beta, gamma, ...(heading === undefined ? {} : { heading }) });
    });
    const timer = setTimeout(() => {
      end();
      const read = phoneHeading(heard);
      if (read.ok) onNeedle(read.value);
      setSaid(read.ok ? `The phone says ${Math.round(read.value)}°, good to some 5 to 10°.` : read.error);
      setBusy(false);
    }, LISTENED);
    stop.current = () => {
      clearTimeout(timer);
      end();
    };
  };
  return (
    <div className="mt-2">
      <p className="text-[0.87rem] text-quiet">
        Or lay the phone flat, away from steel, its top edge to where the camera looks.
      </p>
      <Button className="mt-1" disabled={busy} onClick={() => void listen()}>
        Read the phone’s compass
      </Button>
      {said !== null && (
        <p role="status" data-phone-compass>
          {said}
        </p>
      )}
    </div>
  );
}
