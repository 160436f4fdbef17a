import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { NearThing } from "./finderView.ts";

/** Farthest that is asked for, mm: beyond it, a phone beside the hole sees the same. */
const FARTHEST = 20_000;
/** A phone held higher above the box sees another place, mm. */
const HIGHEST = 1000;

/** Something near, seen by a phone that is not in the hole: its frame lies elsewhere. */
export function NearPart({
  near,
  count,
  onNear,
}: {
  readonly near: NearThing;
  /** How many stand on one board. */
  readonly count: number;
  readonly onNear: (near: NearThing) => void;
}) {
  const words = useLengthWords();
  const distance = (mm: number | null) => {
    if (mm !== null && !(mm > 0 && mm <= FARTHEST))
      return `Above 0, at most ${words(FARTHEST, "far")}; leave it empty for all that is far.`;
    onNear({ ...near, distance: mm });
    return null;
  };
  const above = (mm: number | null) => {
    if (mm === null || mm < 0 || mm > HIGHEST) return `From 0 to ${words(HIGHEST)}.`;
    onNear({ ...near, above: mm });
    return null;
  };
  return (
    <div className="grid gap-2" data-near={near.distance ?? "far"}>
      <p className="text-[0.87rem] text-quiet">
        The phone is not where the hole is, so near things stand elsewhere in its view. The dashed frame is right for
        what is at this distance, the whole one for all that is far.
        {count > 1 && ` There is one for each of the ${count} on the board, with the phone over its middle.`}
      </p>
      <div className="grid grid-cols-2 gap-3">
        <LengthField
          label="The near thing’s distance"
          name="near-distance"
          optional
          value={near.distance}
          onTake={distance}
        />
        <LengthField label="The phone’s lens above the hole" name="lens-above" value={near.above} onTake={above} />
      </div>
    </div>
  );
}
