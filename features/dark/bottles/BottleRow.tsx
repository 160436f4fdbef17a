import { useState } from "react";
import { formatTime, parseTime, plainNumber } from "../../../core/basis/units/index.ts";
import { clipTest, sheetsLeft, usedShare } from "../../../core/darkroom/bottle/index.ts";
import { dilutionWords } from "../../../core/darkroom/dilution/index.ts";
import type { Bottle } from "../../../core/document/index.ts";
import { bottleLabel } from "../../../core/make/cutsheet/index.ts";
import { there } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { changeUndoable } from "../../../ui/edits/undoable.ts";
import { savePartsPdf } from "../../../ui/files/partPdf.ts";
import { isoWithOffset, readableDay } from "../../../ui/format/localTime.ts";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import { BOTTLE_WORDS } from "../../../wording/darkroomWords.ts";
import { bottleFacts, keepsUntil, SHEET_CM2, stateOf } from "../bottleFacts.ts";

/** A bottle with what it has borne and still bears. */
export function BottleRow({ bottle, now }: { readonly bottle: Bottle; readonly now: number }) {
  const facts = bottleFacts(bottle);
  const share = usedShare(facts);
  const left = sheetsLeft(facts, SHEET_CM2);
  const state = stateOf(bottle, now);
  const keeps = readableDay(keepsUntil(bottle));
  const change = (how: (now: Bottle) => Bottle, said: string) =>
    changeUndoable("bottles", bottle.id, (stored) => how(there(stored)), said);
  return (
    <>
      <p className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="font-semibold text-[1.25rem]">{bottle.name}</span>
        <span>
          {dilutionWords(bottle.water)}, {Math.round(bottle.volumeMl)} ml, mixed {readableDay(bottle.mixedAt)}
        </span>
      </p>
      <span className="my-1.5 block h-4 border border-ink" aria-hidden="true">
        <span className="block h-full bg-action" style={{ width: `${100 * Math.max(0, 1 - share)}%` }} />
      </span>
      <p>
        {state === "spent" ? (
          <strong>Spent: it would spoil sheets. </strong>
        ) : state === "low" ? (
          <strong>Nearly used up. </strong>
        ) : (
          ""
        )}
        {left} more {left === 1 ? "sheet" : "sheets"} of 5×7 in; keeps till {keeps}.
      </p>
      {bottle.chemical === "fixer" && <Clips bottle={bottle} />}
      <Disclosure title="Label, what it bears, empty it" name={`bottle-${bottle.id}`}>
        <div className="mb-3 grid grid-cols-2 gap-3">
          <QuantityField
            label="Bears, cm² a litre"
            name="capacity"
            value={facts.capacityCm2}
            show={(value) => String(Math.round(value))}
            read={plainNumber}
            take={(value) => {
              if (value === null || !(value > 0) || value > 1_000_000)
                return "Above 0, such as 10000: see its data sheet.";
              void change((now) => ({ ...now, capacityCm2: value }), "What it bears is noted.");
              return null;
            }}
          />
          <QuantityField
            label="Keeps, days"
            name="keeps"
            value={facts.keepsDays}
            show={String}
            read={plainNumber}
            take={(value) => {
              if (value === null || !(value > 0) || value > 10_000) return "Above 0, such as 14.";
              void change((now) => ({ ...now, keepsDays: value }), "How long it keeps is noted.");
              return null;
            }}
          />
        </div>
        <p className="mb-3 text-quiet">
          What a litre bears is from memory, of a class and no product: the data sheet counts.
        </p>
        <div className="flex flex-wrap gap-2">
          <Button
            onClick={() =>
              void savePartsPdf(
                [
                  bottleLabel({
                    name: bottle.name,
                    mixture: `${dilutionWords(bottle.water)}, ${Math.round(bottle.volumeMl)} ml`,
                    mixed: readableDay(bottle.mixedAt),
                    keeps,
                    bears: `bears ${sheetsLeft({ ...facts, usedCm2: 0 }, SHEET_CM2)} sheets of 5×7 in`,
                    caution: BOTTLE_WORDS[bottle.chemical],
                  }),
                ],
                { words: `label ${bottle.name}`, foot: bottle.name, title: `${bottle.name}: label` },
                isoWithOffset(new Date()),
              )
            }
          >
            Label as PDF
          </Button>
          <ConfirmDialog
            title="Is it empty?"
            words="Poured away by your local rules: used fixer and much of the rest belong at the collecting point, not down the drain."
            yes="It is poured away"
            no="Keep it"
            onYes={() =>
              void change(
                (now) => ({ ...now, emptiedAt: isoWithOffset(new Date()) }),
                `${bottle.name} is removed from the list.`,
              )
            }
          >
            <Button>Pour it away</Button>
          </ConfirmDialog>
        </div>
      </Disclosure>
    </>
  );
}

/** The clip test: how long an undeveloped scrap of film takes to clear, now and when the fixer was fresh. */
function Clips({ bottle }: { readonly bottle: Bottle }) {
  const clips = bottle.clips ?? [];
  const [first] = clips;
  const last = clips.at(-1);
  const [round, setRound] = useState(0);
  const verdict = first && last && clips.length > 1 ? clipTest(first.seconds, last.seconds) : null;
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)_9rem] items-end gap-3">
      <p data-clip={verdict ?? "none"}>
        {first === undefined
          ? "Clip test: drop a scrap of film into the fresh fixer, in white light, and time until it is clear."
          : verdict === null
            ? `Fresh, a scrap of film cleared in ${formatTime(first.seconds)}.`
            : `A scrap cleared in ${formatTime(last?.seconds ?? 0)}, fresh in ${formatTime(first.seconds)}: ${CLIP_WORDS[verdict]}`}
      </p>
      <QuantityField
        key={round}
        label={first === undefined ? "Cleared in, fresh" : "Cleared in, now"}
        name="clip"
        value={null}
        show={formatTime}
        read={parseTime}
        take={(value) => {
          if (value === null) return null;
          if (value > 3600) return "At most an hour.";
          setRound(round + 1);
          const clip = { at: isoWithOffset(new Date()), seconds: value };
          const noted = (now: Bottle | null): Bottle => ({ ...there(now), clips: [...(now?.clips ?? []), clip] });
          void changeUndoable("bottles", bottle.id, noted, "The clip test is noted.");
          return null;
        }}
      />
    </div>
  );
}

const CLIP_WORDS = {
  good: "good.",
  tired: "half as long again, mix fresh soon.",
  spent: "twice as long: it is spent.",
} as const;
