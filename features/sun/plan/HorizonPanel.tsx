import { memo, useState } from "react";
import { bearing, DEGREES, failure, parseNumber, type Result, success } from "../../../core/basis/units/index.ts";
import type { HorizonPoint } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { HorizonOnPicture } from "./HorizonOnPicture.tsx";
import { readHorizon, writeHorizon } from "./horizonText.ts";

const EMPTY = { from: "", to: "", height: "", distance: "" };

/** What stands before the sky: points typed, or roofs and trees by their height and distance. */
export const HorizonPanel = memo(function HorizonPanel({
  horizon,
  onHorizon,
}: {
  readonly horizon: readonly HorizonPoint[];
  readonly onHorizon: (horizon: readonly HorizonPoint[]) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | undefined>();
  const [thing, setThing] = useState(EMPTY);
  const [wrong, setWrong] = useState<{ readonly field: keyof typeof EMPTY; readonly message: string } | null>(null);
  const leave = (): void => {
    if (typed === null) return;
    const read = readHorizon(typed);
    setError(read.ok ? undefined : read.error);
    if (!read.ok) return;
    setTyped(null);
    onHorizon(read.value);
  };
  const add = (): void => {
    const read = readThing(thing);
    if (!read.ok) {
      setWrong(read.error);
      return;
    }
    setWrong(null);
    setThing(EMPTY);
    onHorizon(withThing(horizon, read.value));
  };
  const entry = (field: keyof typeof EMPTY, label: string) => (
    <TextEntry
      label={label}
      value={thing[field]}
      error={wrong?.field === field ? wrong.message : undefined}
      onChange={(event) => setThing({ ...thing, [field]: event.target.value })}
    />
  );
  return (
    <Panel title="Horizon">
      <TextEntry
        label="Points: towards and how high, degrees"
        hint="such as 90 3, 180 8, 270 4; empty: free all round"
        value={typed ?? writeHorizon(horizon)}
        error={error}
        onChange={(event) => {
          setTyped(event.target.value);
          setError(undefined);
        }}
        onBlur={leave}
        onKeyDown={(event) => event.key === "Enter" && leave()}
      />
      <p className="mt-2 text-[0.87rem] text-quiet">A roof, a hedge, a tree:</p>
      <div className="grid grid-cols-2 gap-2" data-thing>
        {entry("from", "From, degrees")}
        {entry("to", "To, degrees")}
        {entry("height", "Above the hole, m")}
        {entry("distance", "Away, m")}
      </div>
      <Button look="quiet" className="-ml-3" onClick={add}>
        Stand it there
      </Button>
      <HorizonOnPicture horizon={horizon} onHorizon={onHorizon} />
    </Panel>
  );
});

interface Thing {
  readonly from: number;
  readonly to: number;
  readonly altitude: number;
}

function readThing(
  thing: typeof EMPTY,
): Result<Thing, { readonly field: keyof typeof EMPTY; readonly message: string }> {
  const read = (field: keyof typeof EMPTY, least: number, most: number, message: string) => {
    const parsed = parseNumber(thing[field]);
    const value = parsed.ok ? parsed.value.value : Number.NaN;
    return value >= least && value <= most ? success(value) : failure({ field, message });
  };
  const from = read("from", 0, 359.9, "Degrees from 0 to 359.9, north 0, east 90.");
  if (!from.ok) return from;
  const to = read("to", 0, 359.9, "Degrees from 0 to 359.9, clockwise from the first.");
  if (!to.ok) return to;
  const height = read("height", 0, 1000, "Metres above the hole, 0 to 1000.");
  if (!height.ok) return height;
  const distance = read("distance", 0.1, 100_000, "Metres, 0.1 to 100 000.");
  if (!distance.ok) return distance;
  const altitude = Math.round(Math.atan2(height.value, distance.value) * DEGREES * 10) / 10;
  return success({ from: from.value, to: to.value, altitude });
}

/** A horizon with something standing before it: what was lower between its sides is hidden. */
function withThing(horizon: readonly HorizonPoint[], { from, to, altitude }: Thing): readonly HorizonPoint[] {
  const isBehind = (azimuth: number): boolean =>
    from <= to ? azimuth >= from && azimuth <= to : azimuth >= from || azimuth <= to;
  const rest = horizon.filter(([azimuth, high]) => !isBehind(azimuth) || high > altitude);
  const ground = horizon.length === 0 ? [[bearing(from - 0.5), 0] as const, [bearing(to + 0.5), 0] as const] : [];
  const points = new Map<number, number>(rest.map(([azimuth, high]) => [azimuth, high]));
  for (const [azimuth, high] of [...ground, [from, altitude] as const, [to, altitude] as const])
    points.set(azimuth, Math.max(high, points.get(azimuth) ?? 0));
  return [...points].sort(([a], [b]) => a - b);
}
