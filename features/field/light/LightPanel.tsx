import { Suspense } from "react";
import { lightTable } from "../../../catalogue/lightTable.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Meter } from "../../../core/document/index.ts";
import type { Medium } from "../../../core/light/exposure/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import type { Suggestion } from "../expose/suggestion.ts";
import { MeterEntry } from "./MeterEntry.tsx";
import type { Compared } from "./MeterOffset.tsx";
import { type LightSource, type MeterFault, meterOf, OWN_METER, offsetOf } from "./readLight.ts";

const PhotographEntry = lazyPart(() => import("./PhotographEntry.tsx"));
const PracticeEntry = lazyPart(() => import("./PracticeEntry.tsx"));

const WAYS = [
  { id: "table", name: "By eye" },
  { id: "meter", name: "Meter" },
  { id: "photograph", name: "Photograph" },
  { id: "practice", name: "Practice" },
] as const;

/** What each way begins with. */
const FRESH: { readonly [By in LightSource["by"]]: Extract<LightSource, { by: By }> } = {
  table: { by: "table", row: "sun" },
  meter: { by: "meter", seconds: "", fNumber: "", iso: "" },
  photograph: { by: "photograph", photograph: null, file: null, spots: [] },
  practice: { by: "practice", seconds: null, fNumber: 16, iso: 100 },
};

/** The light: judged by eye from the table, read off a meter, taken from a photograph, or practised. */
export function LightPanel({
  source,
  fault,
  meters,
  suggestion,
  camera,
  medium,
  seconds,
  onSource,
  onOffset,
}: {
  readonly source: LightSource;
  readonly fault: MeterFault | null;
  readonly meters: readonly Meter[];
  readonly suggestion: Suggestion | null;
  readonly camera: Camera;
  readonly medium: Medium;
  /** The time chosen, s. */
  readonly seconds: number | null;
  readonly onSource: (source: LightSource) => void;
  /** A meter was compared: its id, its name, the stops to add to its times. */
  readonly onOffset: (meter: Compared) => void;
}) {
  const meter = meterOf(source);
  const offset = meter === null ? 0 : offsetOf(meters, meter);
  const ev = suggestion?.reading.meter === meter && meter !== null ? suggestion.reading.ev : null;
  return (
    <>
      <Segments
        label="Light by"
        value={source.by}
        options={WAYS}
        className="mb-2 min-h-[3.3rem] text-[0.93rem]"
        onChoose={(by) => onSource(FRESH[by])}
      />
      {source.by === "table" && <LightRows row={source.row} onPick={(row) => onSource({ by: "table", row })} />}
      {source.by === "meter" && (
        <MeterEntry
          source={source}
          fault={fault}
          offset={offset}
          ev={ev}
          onChange={onSource}
          onOffset={(stops, comparedWith) =>
            onOffset({ id: OWN_METER, name: "My meter", kind: "meter", offset: stops, comparedWith })
          }
        />
      )}
      <Suspense fallback={<p className="p-3 text-quiet">One moment.</p>}>
        {source.by === "photograph" && (
          <PhotographEntry
            source={source}
            offset={offset}
            suggestion={suggestion}
            camera={camera}
            medium={medium}
            seconds={seconds}
            onSource={onSource}
            onOffset={onOffset}
          />
        )}
        {source.by === "practice" && (
          <PracticeEntry source={source} offset={offset} ev={ev} onSource={onSource} onOffset={onOffset} />
        )}
      </Suspense>
    </>
  );
}

function LightRows({ row, onPick }: { readonly row: string; readonly onPick: (row: string) => void }) {
  return (
    <Radios label="Light" value={row} className="grid gap-px bg-line" onChoose={onPick}>
      {lightTable.map(({ id, name, sign, ev }) => (
        <Radio key={id} id={id} className={cx("min-h-[3.3rem] gap-3 px-2", row === id ? "bg-kraft-pale" : "bg-board")}>
          <span className="flex min-h-[3.3rem] items-center gap-3">
            <span className="font-medium">{name}</span>
            <span className="text-[0.83rem] text-quiet">{sign}</span>
            <span className="ml-auto whitespace-nowrap text-quiet">EV {ev}</span>
          </span>
        </Radio>
      ))}
    </Radios>
  );
}
