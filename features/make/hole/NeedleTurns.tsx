import { useState } from "react";
import { plainNumber, success } from "../../../core/basis/units/index.ts";
import type { HoleToMake } from "../../../core/camera/holeToMake/index.ts";
import { needleTurns } from "../../../core/make/steps/index.ts";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";

const MOST_TURNS = 200;

/** A depth that nobody can measure, as turns that anybody can count: from a trial, or from the hole as it now is. */
export function NeedleTurns({
  toMake: { target, band },
  measured,
}: {
  readonly toMake: HoleToMake;
  readonly measured: number | null;
}) {
  const words = useLengthWords();
  const [turns, setTurns] = useState<number | null>(null);
  const [typed, setTyped] = useState<number | null>(null);
  const left = typed ?? measured;
  const trial = left === null || turns === null ? null : { turns, diameter: left };
  return (
    <section aria-label="Turns of the needle">
      <h3 className="font-semibold">By turns of the needle</h3>
      <p className="text-[0.93rem] text-quiet">
        Try it on a scrap of the same metal. Count turns from the first light on, and measure what they left.
      </p>
      <div className="mt-2 grid grid-cols-2 gap-3">
        <QuantityField
          label="Turns given"
          name="turns"
          value={turns}
          optional
          show={String}
          read={(text) => (text.trim() === "" ? success(null) : plainNumber(text))}
          take={(count) => {
            if (count !== null && !(count > 0 && count <= MOST_TURNS)) return `Above 0, up to ${MOST_TURNS}.`;
            setTurns(count);
            return null;
          }}
        />
        <LengthField
          label="They left a hole of"
          name="turnsLeft"
          value={left}
          optional
          onTake={(mm) => {
            if (mm !== null && !(mm > 0)) return "A diameter above 0.";
            setTyped(mm);
            return null;
          }}
        />
      </div>
      {trial !== null && (
        <p className="mt-2" data-turns>
          For {words(target, 3)} about{" "}
          <strong className="font-semibold">{Math.round(needleTurns(target, trial))} turns</strong> in all with the same
          push; {rangeWords(needleTurns(band[0], trial), needleTurns(band[1], trial))} do as well.
        </p>
      )}
    </section>
  );
}

/** Whole turns from one to the other, none outside of the band. */
function rangeWords(low: number, high: number): string {
  const [from, to] = [Math.ceil(low), Math.floor(high)];
  return from < to ? `${from} to ${to}` : `${low.toFixed(1)} to ${high.toFixed(1)}`;
}
