import type { Negative, OtherOfPair } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { EditButtons } from "../../../ui/edits/EditButtons.tsx";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { negativeName } from "../negativeName.ts";
import type { Proof } from "../useProof.ts";
import { PairOf } from "./PairOf.tsx";
import { viewsOfSheets } from "./twoViews.ts";

const SIDES = [
  { id: "left", name: "This one for the left eye" },
  { id: "right", name: "for the right eye" },
] as const;
/** About as far as eyes are apart, mm. Common practice: 60 to 65. */
const EYES_APART = 65;
/** Least and most that a camera is moved, mm. */
const BASE = { least: 1, most: 100_000 } as const;

/** So many pairs are named. */
const MOST_NAMED = 6;

/** Sheets that are pairs: of two holes, or with the sheet beside them named. */
function pairsAmong(negatives: readonly Negative[], { cameras }: Proof): readonly Negative[] {
  const twoHoled = new Set(cameras.filter(({ chambers }) => chambers[0].holes.length === 2).map(({ id }) => id));
  return negatives
    .filter(({ pair, cameraId }) => pair != null || (cameraId != null && twoHoled.has(cameraId)))
    .slice(0, MOST_NAMED);
}

/** A sheet of a camera with one hole, and the one beside it: the camera moved to the side between them. */
export function PairOfSheets({ stored, proof }: { readonly stored: Negative; readonly proof: Proof }) {
  const { record: negative, edit, undo, redo } = useRecordEdits("negatives", stored);
  const others = proof.negatives.filter(({ id }) => id !== negative.id);
  const pair = negative.pair ?? null;
  const other = others.find(({ id }) => id === pair?.other) ?? null;
  const set = (part: Partial<OtherOfPair>): void =>
    edit((before) => ({ ...before, pair: { other: "", base: EYES_APART, side: "left", ...before.pair, ...part } }));
  const pairs = pair === null ? pairsAmong(others, proof) : [];
  return (
    <div className="grid gap-4" data-pair-of="sheets">
      <p className="max-w-[70ch]">
        This sheet has one picture. A pair can be made of two: of something that keeps still, the camera moved straight
        to the side between them, looking the same way. Move it by a thirtieth of the distance of the nearest thing
        (common practice); {EYES_APART} mm for what is two metres away.
      </p>
      {pairs.length > 0 && (
        <p className="flex flex-wrap items-center gap-2" data-pairs-here>
          Pairs you have already:
          {pairs.map((each) => (
            <Button key={each.id} onClick={() => proof.choose(each.id)}>
              {negativeName(each, proof)}
            </Button>
          ))}
        </p>
      )}
      {others.length === 0 ? (
        <p data-pair="one-sheet">There is no other sheet here yet: add its scan first.</p>
      ) : (
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <Choice
            label="The other sheet"
            value={other?.id ?? null}
            options={others.map((each) => ({ id: each.id, name: negativeName(each, proof) }))}
            onChoose={(id) => set({ other: id })}
            className="w-64"
          />
          {pair !== null && (
            <>
              <LengthField
                label="Moved by"
                name="pair-base"
                value={pair.base}
                onTake={(mm) => {
                  if (mm === null || mm < BASE.least || mm > BASE.most) return "From 1 mm to 100 m.";
                  set({ base: mm });
                  return null;
                }}
              />
              <Segments
                label="Which eye’s this one is"
                value={pair.side}
                options={SIDES}
                onChoose={(side) => set({ side })}
              />
            </>
          )}
          <EditButtons undo={undo} redo={redo} />
        </div>
      )}
      {pair !== null && other !== null && <PairOf views={viewsOfSheets(negative, other, pair)} />}
    </div>
  );
}
