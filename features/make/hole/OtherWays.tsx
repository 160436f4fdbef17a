import { useState } from "react";
import { plainNumber, success } from "../../../core/basis/units/index.ts";
import { asMade, byGauge, byProjection, byReticle, type Sized } from "../../../core/make/steps/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { TabPage, TabPages } from "../../../ui/controls/TabPages.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";

const WAYS = [
  { id: "projection", name: "Projected" },
  { id: "reticle", name: "Reticle" },
  { id: "gauge", name: "Wire or drill" },
  { id: "made", name: "Not at all" },
] as const;
type Way = (typeof WAYS)[number]["id"];

type Entries = Readonly<
  Record<"ruler" | "projected" | "hole" | "divisions" | "value" | "passes" | "stops", number | null>
>;

const EMPTY: Entries = {
  ruler: 10,
  projected: null,
  hole: null,
  divisions: null,
  value: 0.05,
  passes: null,
  stops: null,
};

/** Measuring without a picture: each way with its own ±. */
export function OtherWays({
  target,
  onTake,
}: {
  /** The hole that was to be made, mm. */
  readonly target: number;
  readonly onTake: (way: string, sized: Sized) => void;
}) {
  const words = useLengthWords();
  const [way, setWay] = useState<Way>("projection");
  const [entries, setEntries] = useState<Entries>(EMPTY);
  const set =
    (name: keyof Entries) =>
    (value: number | null): string | null => {
      if (value !== null && !(value > 0 && value < 5000)) return "Type a size above 0.";
      setEntries({ ...entries, [name]: value });
      return null;
    };
  const length = (label: string, name: keyof Entries, hint?: string) => (
    <LengthField
      key={name}
      label={label}
      name={name}
      value={entries[name]}
      digits={3}
      optional
      hint={hint}
      onTake={set(name)}
    />
  );
  const sized = sizedBy(way, entries, target);
  return (
    <div className="grid gap-3">
      <TabPages label="Way to measure" value={way} pages={WAYS} onTurn={setWay}>
        <TabPage id="projection">
          <p className="text-[0.93rem] text-quiet">
            Put the plate beside a clear ruler in an enlarger or slide projector; measure both on the wall.
          </p>
          {length("On the clear ruler", "ruler")}
          {length("The same length on the wall", "projected")}
          {length("The hole on the wall", "hole", "Read to half a millimetre.")}
        </TabPage>
        <TabPage id="reticle">
          <p className="text-[0.93rem] text-quiet">
            Under a loupe or microscope with a scale: ×25 with {words(0.05, 2)}, or ×8 with {words(0.1, 1)} divisions.
          </p>
          <QuantityField
            label="Divisions it covers"
            name="divisions"
            value={entries.divisions}
            optional
            hint="Read to a quarter of a division."
            show={(value) => String(value)}
            read={(text) => (text.trim() === "" ? success(null) : plainNumber(text))}
            take={set("divisions")}
          />
          {length("One division", "value")}
        </TabPage>
        <TabPage id="gauge">
          <p className="text-[0.93rem] text-quiet">Try wires or drill shanks of known size, with no force at all.</p>
          {length("Thickest that passes", "passes")}
          {length("Thinnest that does not", "stops")}
        </TabPage>
        <TabPage id="made">
          <p className="text-[0.93rem] text-quiet">
            Nothing to measure with? Take the size you meant to make. By hand a hole comes out within a fifth of it, so
            a time is good to half a stop; the first sheet you judge says more.
          </p>
        </TabPage>
      </TabPages>
      {sized === "order" && <p role="alert">What passes must be thinner than what does not.</p>}
      {sized !== null && sized !== "order" && (
        <p className="flex flex-wrap items-center gap-3">
          <strong className="font-semibold" data-by-hand>
            {words(sized.diameter, 3)} ± {words(sized.uncertainty, 3)}
          </strong>
          <Button look="action" onClick={() => onTake(way, sized)}>
            {way === "made" ? "Take it as meant" : "Take this measurement"}
          </Button>
        </p>
      )}
    </div>
  );
}

function sizedBy(
  way: Way,
  { ruler, projected, hole, divisions, value, passes, stops }: Entries,
  target: number,
): Sized | null | "order" {
  switch (way) {
    case "projection":
      return ruler === null || projected === null || hole === null ? null : byProjection(ruler, projected, hole);
    case "reticle":
      return divisions === null || value === null ? null : byReticle(divisions, value);
    case "gauge":
      if (passes === null || stops === null) return null;
      return passes < stops ? byGauge(passes, stops) : "order";
    case "made":
      return asMade(target);
    default:
      return way satisfies never;
  }
}
