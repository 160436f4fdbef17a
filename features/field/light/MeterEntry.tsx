import { useId } from "react";
import { cx } from "../../../ui/controls/cx.ts";
import { MeterOffset } from "./MeterOffset.tsx";
import type { LightSource, MeterFault } from "./readLight.ts";

type Meter = Extract<LightSource, { by: "meter" }>;

const ENTRIES = [
  { field: "seconds", label: "Time read", hint: "1/60, 2 s, 1 min" },
  { field: "fNumber", label: "at f-number", hint: "f/16" },
  { field: "iso", label: "Meter’s ISO", hint: "100" },
] as const;

/** A reading of any meter, at any f-number and ISO it has, and the stops by which this meter is off. */
export function MeterEntry({
  source,
  fault,
  offset,
  ev,
  onChange,
  onOffset,
}: {
  readonly source: Meter;
  readonly fault: MeterFault | null;
  readonly offset: number;
  /** What it says now, its correction taken in; `null`: nothing yet. */
  readonly ev: number | null;
  readonly onChange: (source: Meter) => void;
  readonly onOffset: (stops: number, comparedWith: string) => void;
}) {
  const id = useId();
  // Nothing typed yet is no mistake.
  const wrong = ENTRIES.some(({ field }) => source[field].trim() !== "") ? fault : null;
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-3 gap-3">
        {ENTRIES.map(({ field, label, hint }) => (
          <label key={field} className="text-[0.87rem] text-quiet">
            {label}
            <input
              name={`meter-${field}`}
              className="entry text-ink"
              value={source[field]}
              aria-invalid={wrong?.field === field}
              aria-describedby={`${id}-note`}
              placeholder={hint}
              onChange={(event) => onChange({ ...source, [field]: event.target.value })}
            />
          </label>
        ))}
      </div>
      <p
        id={`${id}-note`}
        role={wrong ? "alert" : undefined}
        className={cx("text-[0.87rem]", wrong ? "text-action" : "text-quiet")}
      >
        {wrong?.message ?? "Meter the scene, not the sky. Any f-number the meter has will do."}
      </p>
      <MeterOffset
        label="My meter’s correction"
        offset={offset}
        ev={ev}
        hint="Phone meters can be wrong by two stops and more: compare once with a camera you trust, or in full sun."
        onOffset={onOffset}
      />
    </div>
  );
}
