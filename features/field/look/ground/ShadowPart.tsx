import { useState } from "react";
import { TALL } from "../../../../core/viewfinder/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { LengthField } from "../../../../ui/controls/entries/LengthField.tsx";
import { isoWithOffset } from "../../../../ui/format/localTime.ts";
import { useLengthWords } from "../../../../ui/format/UnitContext.ts";
import { whereabouts } from "../../../../ui/format/whereabouts.ts";
import { sunClient } from "../../../../workers/jobs/sun/sun.client.ts";

/** The sun of this hour, radians, and the height of the hole over the ground, mm. */
export interface SunNow {
  readonly azimuth: number;
  readonly altitude: number;
  readonly height: number;
}

/** A box on a low wall, mm. */
const USUAL_HEIGHT = 800;
/** Out of a window of the first floor, mm. */
const HIGHEST = 5000;

/** Asks where this is, and how high the hole stands: then the maker's own shadow can be shown. */
export function ShadowPart({ sun, onSun }: { readonly sun: SunNow | null; readonly onSun: (sun: SunNow) => void }) {
  const words = useLengthWords();
  const [height, setHeight] = useState(USUAL_HEIGHT);
  const [said, setSaid] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const ask = async (): Promise<void> => {
    setAsking(true);
    const place = await whereabouts();
    const now = isoWithOffset(new Date());
    const site = place.ok && { ...place.value, timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone };
    const done = site
      ? await sunClient.run({ kind: "at", site, date: now.slice(0, 10), clock: now.slice(11, 16) })
      : null;
    setAsking(false);
    if (!place.ok) setSaid(place.error);
    else if (done?.ok && done.value.kind === "at") {
      const { azimuth, apparentAltitude: altitude } = done.value.place;
      setSaid(altitude <= 0 ? "The sun is under the horizon." : null);
      onSun({ azimuth, altitude, height });
    } else setSaid("Where the sun stands could not be worked out.");
  };
  const take = (mm: number | null) => {
    if (mm === null || mm < 0 || mm > HIGHEST) return `From 0 to ${words(HIGHEST, "far")}.`;
    setHeight(mm);
    if (sun !== null) onSun({ ...sun, height: mm });
    return null;
  };
  return (
    <div className="grid gap-2" data-shadow={sun === null ? "unasked" : sun.altitude > 0 ? "shown" : "none"}>
      <p className="text-[0.87rem] text-quiet">
        Where the shadow of somebody {words(TALL, "far")} tall falls who stands behind the box, on level ground, at this
        hour. The browser asks where this is; it stays on this device.
      </p>
      <LengthField label="The hole above the ground" name="hole-above-ground" value={height} onTake={take} />
      <Button className="min-h-[3.3rem]" disabled={asking} onClick={() => void ask()}>
        {asking ? "Asking where this is …" : "Show my shadow"}
      </Button>
      {said !== null && <p role="alert">{said}</p>}
    </div>
  );
}
