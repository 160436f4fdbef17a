import { useState } from "react";
import { bearing, DEGREES } from "../../../core/basis/units/index.ts";
import type { SunSite } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { sunClient } from "../../../workers/jobs/sun/sun.client.ts";

/** The sun as a compass: at a known time the shadow of an upright stick points where the almanac says. */
export function SunCompass({
  site,
  onAzimuth,
}: {
  readonly site: SunSite;
  readonly onAzimuth: (azimuth: number) => void;
}) {
  const now = isoWithOffset(new Date());
  const [date, setDate] = useState(now.slice(0, 10));
  const [clock, setClock] = useState(now.slice(11, 16));
  const [found, setFound] = useState<{ readonly shadow: number; readonly altitude: number } | null>(null);
  const ask = async (): Promise<void> => {
    const done = await sunClient.run({ kind: "at", site, date, clock });
    if (!done.ok || done.value.kind !== "at") return;
    const { azimuth, apparentAltitude: altitude } = done.value.place;
    setFound({ shadow: bearing(azimuth * DEGREES + 180), altitude: altitude * DEGREES });
  };
  return (
    <div className="grid gap-2">
      <p className="text-[0.87rem] text-quiet">
        Stand a straight stick upright and mark where its shadow points at a time you note, by local clocks. Look at the
        shadow, never at the sun.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <TextEntry label="Day" type="date" value={date} onChange={(event) => setDate(event.target.value)} />
        <TextEntry label="Clock" type="time" value={clock} onChange={(event) => setClock(event.target.value)} />
      </div>
      <Button disabled={date === "" || clock === ""} onClick={() => void ask()}>
        Where does the shadow point?
      </Button>
      {found !== null &&
        (found.altitude <= 0 ? (
          <p data-shadow="none">The sun is under the horizon then.</p>
        ) : (
          <div data-shadow className="grid gap-1">
            <p>
              The shadow points to {Math.round(found.shadow)}°; the sun stands {found.altitude.toFixed(0)}° high.
            </p>
            <div className="flex flex-wrap gap-2">
              <Button onClick={() => onAzimuth(found.shadow)}>It looks along the shadow</Button>
              <Button onClick={() => onAzimuth(bearing(found.shadow + 180))}>It looks to the sun’s side</Button>
            </div>
          </div>
        ))}
    </div>
  );
}
