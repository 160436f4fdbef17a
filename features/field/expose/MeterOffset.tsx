import { FULL_SUN_EV } from "../../../core/light/exposure/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { Choice } from "../../../ui/Choice.tsx";

const HALVES = Array.from({ length: 13 }, (_, i) => (i - 6) / 2);

function optionOf(stops: number): { readonly id: string; readonly name: string } {
  const size = Number(Math.abs(stops).toFixed(2));
  return { id: String(stops), name: stops === 0 ? "none" : `${stops > 0 ? "+" : "−"}${size} stops` };
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
        <Button
          className="mt-1 min-h-[3.3rem] w-full"
          onClick={() => onOffset(Math.round(3 * (ev + offset - FULL_SUN_EV)) / 3, "full sun")}
        >
          It is looking at grass in full sun: set the correction by it
        </Button>
      )}
    </div>
  );
}
