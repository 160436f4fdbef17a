import { plainNumber, success } from "../../../core/basis/units/index.ts";
import type { Meter } from "../../../core/document/index.ts";
import { FULL_SUN_EV } from "../../../core/light/exposure/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";

/** A meter that was compared: who it is, the stops to add to its times, with what it was compared. */
export type Compared = Pick<Meter, "id" | "name" | "kind" | "offset" | "comparedWith">;

const HALVES = Array.from({ length: 13 }, (_, i) => (i - 6) / 2);

function optionOf(stops: number): { readonly id: string; readonly name: string } {
  const size = Number(Math.abs(stops).toFixed(2));
  return { id: String(stops), name: stops === 0 ? "none" : `${stops > 0 ? "+" : "−"}${size} stops` };
}

/** Finer than a third of a stop nobody reads a meter. */
function thirds(stops: number): number {
  return Math.round(3 * stops) / 3;
}

/** The stops by which a meter is off: chosen, or found by comparing it once with the full sun. */
export function MeterOffset({
  label,
  offset,
  ev,
  hint,
  onOffset,
}: {
  readonly label: string;
  readonly offset: number;
  /** What it says now, its correction taken in; `null`: nothing yet. */
  readonly ev: number | null;
  readonly hint: string;
  readonly onOffset: (stops: number, comparedWith: string) => void;
}) {
  const known = HALVES.includes(offset) ? HALVES : [...HALVES, offset].sort((a, b) => a - b);
  return (
    <div>
      <Choice
        label={label}
        value={String(offset)}
        options={known.map(optionOf)}
        onChoose={(stops) => onOffset(Number(stops), "chosen")}
      />
      <p className="mt-0.5 text-[0.87rem] text-quiet">{hint}</p>
      {ev !== null && (
        <>
          <Button
            className="mt-1 min-h-[3.3rem] w-full"
            onClick={() => onOffset(thirds(ev + offset - FULL_SUN_EV), "full sun")}
          >
            It is looking at grass in full sun: set the correction by it
          </Button>
          <QuantityField
            label="Or a meter you trust says, of the same place, EV at ISO 100"
            name="trusted-ev"
            optional
            value={null}
            show={() => ""}
            read={(text) => (text.trim() === "" ? success(null) : plainNumber(text))}
            take={(trusted) => {
              if (trusted === null) return null;
              if (!(trusted >= -10 && trusted <= 25)) return "From −10 to 25, such as 12.3.";
              onOffset(thirds(ev + offset - trusted), "a meter that is trusted");
              return null;
            }}
          />
        </>
      )}
    </div>
  );
}
