import { useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { parseTime } from "../../../core/basis/units/index.ts";
import type { Negative, OwnMedium } from "../../../core/document/index.ts";
import { curveFromStrip, type MeasuredCurve, type StripTrouble } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { saveUndoable } from "../../../ui/edits/undoable.ts";
import { readOwnMedia } from "../../../ui/records/ownMedia.ts";
import { askProof } from "../askProof.ts";

const TROUBLES: Readonly<Record<StripTrouble, string>> = {
  "too-few": "A curve has four unknowns: give at least five times.",
  "no-range": "The steps are all nearly alike: a strip needs blank and black ends.",
  "no-end": "Neither a blank nor a black end is near: give the strip more steps, shorter and longer ones.",
};
const WAYS = [
  { id: "across", name: "Left to right" },
  { id: "down", name: "Top to bottom" },
] as const;

/** Where this sheet is a strip of known times: the curve of its paper, kept as one's own. */
export function CurvePanel({ negative }: { readonly negative: Negative }) {
  const [times, setTimes] = useState("");
  const [lux, setLux] = useState("");
  const [along, setAlong] = useState<"across" | "down">("across");
  const [said, setSaid] = useState<string | undefined>(undefined);
  const [curve, setCurve] = useState<(MeasuredCurve & { readonly lit: boolean }) | null>(null);
  const measure = async (): Promise<void> => {
    setCurve(null);
    const parts = times
      .split(/[;,\n]+/)
      .map((part) => part.trim())
      .filter((part) => part !== "");
    const seconds = parts.map((part) => parseTime(part));
    const bad = seconds.findIndex((time) => !time.ok || !(time.value > 0));
    if (bad >= 0) {
      setSaid(`“${parts[bad]}” is no time: write times like 1; 2; 4 s; 1 min.`);
      return;
    }
    const light = lux.trim() === "" ? null : Number(lux.trim().replace(",", "."));
    if (light !== null && !(light > 0)) {
      setSaid("The light is a number of lux above 0, or left out.");
      return;
    }
    const read = await askProof(negative, { kind: "strip", count: seconds.length, along });
    if (!read.ok) {
      setSaid(read.error ?? undefined);
      return;
    }
    const found = curveFromStrip(
      read.value.densities.map((density, i) => {
        const time = seconds[i];
        return { density, exposure: (time?.ok ? time.value : 1) * (light ?? 1) };
      }),
      negative.settings.medium.positive,
    );
    setSaid(found.ok ? undefined : TROUBLES[found.error]);
    if (found.ok) setCurve({ ...found.value, lit: light !== null });
  };
  const keep = async (measured: MeasuredCurve & { readonly lit: boolean }): Promise<void> => {
    const like = mediumById(negative.medium);
    const own: OwnMedium = {
      id: crypto.randomUUID(),
      name: `${like.name}, measured`,
      like: like.id,
      density: {
        least: measured.least,
        most: measured.most,
        range: measured.range,
        positive: measured.positive ?? false,
      },
      ...(measured.lit ? { iso: measured.iso } : {}),
      note: `From a strip: ${words(measured)}`,
    };
    if (await saveUndoable("media", own, `${own.name} is among your media, under Stock.`)) await readOwnMedia();
  };
  return (
    <Disclosure title="Is this a strip of known times? Measure the paper" name="curve">
      <div className="grid gap-2">
        <TextEntry
          label="Times of the steps in order, s"
          placeholder="1; 2; 4; 8; 16; 32; 64"
          value={times}
          error={said}
          hint="Equal steps that fill the sheet. Mark the unexposed paper on Scan first."
          onChange={(event) => setTimes(event.target.value)}
        />
        <TextEntry
          label="Light on the strip, lux (may stay empty)"
          value={lux}
          hint="With it the speed follows; without it the speed stays that of the class."
          onChange={(event) => setLux(event.target.value)}
        />
        <Segments label="Which way they lie" value={along} options={WAYS} onChoose={setAlong} />
        <Button disabled={times.trim() === ""} onClick={() => void measure()}>
          Measure the curve
        </Button>
        {curve !== null && (
          <>
            <p data-curve>{words(curve)}</p>
            {curve.lit && (
              <p>
                Speed: ISO {curve.iso.toPrecision(2)}, ± {curve.sd.stops.toFixed(2)} stop.
              </p>
            )}
            <Button look="action" onClick={() => void keep(curve)}>
              Keep it as my own medium
            </Button>
          </>
        )}
      </div>
    </Disclosure>
  );
}

function words({ least, most, range, sd, residual }: MeasuredCurve): string {
  return (
    `Dmin ${least.toFixed(2)} ± ${sd.least.toFixed(2)}, Dmax ${most.toFixed(2)} ± ${sd.most.toFixed(2)}, ` +
    `range R ${Math.round(range)} ± ${Math.round(sd.range)}; the steps lie ${residual.toFixed(3)} off the curve.`
  );
}
