import { useMemo, useState } from "react";
import { formatTime, parseTime, plainNumber } from "../../../core/basis/units/index.ts";
import {
  flashFromStrip,
  type StripPlan,
  type StripTime,
  stripCounts,
  stripTimes,
} from "../../../core/darkroom/strip/index.ts";
import type { Processing } from "../../../core/document/index.ts";
import { saveRecord, there } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { CountField } from "../../../ui/controls/entries/CountField.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { useDarkFirst } from "../../../ui/dark/useDarkFirst.tsx";
import { wakeSound } from "../../../ui/device/signals.ts";
import { changeUndoable, saveUndoable } from "../../../ui/edits/undoable.ts";
import { isoWithOffset, readableDay } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { CountOverlay } from "../CountOverlay.tsx";
import { lastStrip } from "../lastStrip.ts";

/** Times that a hand can give, s. */
const TIMES = { least: 0.1, most: 3600 } as const;

/** One strip from its plan over its counts to the step that is best, and what follows from it. */
export function StripPanel({
  purpose,
  medium,
  done,
  sound,
}: {
  readonly purpose: "print" | "flash";
  readonly medium: string;
  readonly done: readonly Processing[];
  readonly sound: boolean;
}) {
  const last = lastStrip(done, medium, purpose);
  // In the database from its last tone on: a reload, or another page, and it can still be read.
  const unread = done.find((each) => each.unread === true && each.purpose === purpose && each.medium === medium);
  const exposed = unread !== undefined;
  const [kind, setKind] = useState<StripPlan["kind"]>("even");
  const [step, setStep] = useState(1);
  const [stops, setStops] = useState(0.5);
  const [count, setCount] = useState(6);
  const [setup, setSetup] = useState(unread?.setup ?? last?.setup ?? "");
  const [counting, setCounting] = useState(false);
  const { darkFirst, question } = useDarkFirst();
  const plan: StripPlan = useMemo(
    () => (kind === "even" ? { kind, step } : { kind, first: step, stops }),
    [kind, step, stops],
  );
  const times = useMemo(() => stripTimes(plan, count), [plan, count]);
  const parts = useMemo(
    () =>
      stripCounts(times).map(({ seconds, open }) => ({
        seconds,
        caption: open.length === 1 ? `Strip ${open[0]} open` : `Uncover strip ${open[0]}`,
      })),
    [times],
  );
  const strip = (): Processing => ({
    id: crypto.randomUUID(),
    kind: "strip",
    at: isoWithOffset(new Date()),
    medium,
    purpose,
    setup: setup.trim(),
    times: times.map(({ total }) => total),
  });
  const note = async (): Promise<void> => {
    const saved = await saveRecord("processing", { ...strip(), unread: true });
    if (!saved.ok)
      notify(`The strip is not noted: read it before you leave this page. ${saved.error.message}`, { urgent: true });
  };
  /** What is read: the strip that was counted, also before a reload; else the plan as it stands. */
  const readable: readonly StripTime[] = unread?.times ? stripOf(unread.times) : times;
  if (counting) {
    return (
      <CountOverlay
        parts={parts}
        sound={sound}
        onCancel={() => setCounting(false)}
        onDone={() => {
          setCounting(false);
          void note();
        }}
      />
    );
  }
  const read = async (picked: number | null, seconds: number | null): Promise<void> => {
    const said = seconds === null ? "The strip is noted." : `Noted: ${formatTime(seconds)} with this set-up.`;
    if (unread !== undefined) {
      await changeUndoable(
        "processing",
        unread.id,
        (stored) => {
          const { unread: _, ...now } = there(stored);
          return { ...now, setup: setup.trim() || (now.setup ?? ""), picked, seconds };
        },
        said,
      );
      return;
    }
    await saveUndoable("processing", { ...strip(), picked, seconds }, said);
  };
  return (
    <div className="grid gap-4">
      {question}
      {last && (
        <p className="border-action border-l-4 pl-3" data-last-strip={last.seconds}>
          <strong>{formatTime(last.seconds ?? 0)}</strong> {purpose === "flash" ? "flash" : "of light"}, from the strip
          of {readableDay(last.at)}
          {last.setup ? `: ${last.setup}` : ""}.
        </p>
      )}
      <Panel title="Plan of the strip">
        <div className="grid gap-3">
          <Segments
            label="How the times grow"
            value={kind}
            options={[
              { id: "even", name: "Even steps" },
              { id: "stops", name: "In stops" },
            ]}
            onChoose={setKind}
          />
          <div className="grid grid-cols-3 gap-3">
            <QuantityField
              key={kind}
              label={kind === "even" ? "Each step" : "First time"}
              name="strip-step"
              value={step}
              show={formatTime}
              read={parseTime}
              take={(value) => {
                if (value === null || value < TIMES.least || value > TIMES.most) return "From 0.1 s to an hour.";
                setStep(value);
                return null;
              }}
            />
            {kind === "stops" && (
              <QuantityField
                label="Stops a strip"
                name="strip-stops"
                value={stops}
                show={String}
                read={plainNumber}
                take={(value) => {
                  if (value === null || value < 0.1 || value > 3) return "From 0.1 to 3, such as 0.5.";
                  setStops(value);
                  return null;
                }}
              />
            )}
            <CountField label="Strips" name="strip-count" value={count} least={2} most={12} onTake={setCount} />
          </div>
          <StripFigure times={times} />
          <p>
            {purpose === "flash"
              ? "A bare bulb or a dim lamp far away, no negative: paper under a card, emulsion up."
              : "As for a print: fresh paper emulsion up, negative face down on it, glass, card on top."}{" "}
            The card uncovers one strip after the other, the one that gets most first; the tone says when.
          </p>
          <TextEntry
            label="Set-up: lamp, its height, glass"
            name="setup"
            value={setup}
            maxLength={200}
            onChange={(event) => setSetup(event.target.value)}
          />
          <Button
            look="action"
            className="text-[1.3rem]"
            onClick={() => {
              wakeSound();
              darkFirst({ run: () => setCounting(true), what: "fresh paper leaves its box" });
            }}
          >
            Count the strip
          </Button>
        </div>
      </Panel>
      <Panel title="Read it">
        <p className="mb-2">
          {purpose === "flash"
            ? `${exposed ? "Develop it now, then: w" : "Developed: w"}hich is the first strip that shows any grey? The dose is eight tenths of the one before it.`
            : `${exposed ? "Develop it now, then: w" : "Developed: w"}hich strip looks best?`}
        </p>
        <div className="grid grid-cols-3 gap-2" data-read>
          {readable.map(({ number, total }) => {
            const seconds = purpose === "flash" ? flashFromStrip(readable, number) : total;
            return (
              <Button
                key={number}
                disabled={seconds === null}
                aria-label={`Strip ${number}, ${formatTime(total)}`}
                onClick={() => void read(number, seconds)}
              >
                {number}: {formatTime(total)}
              </Button>
            );
          })}
          {purpose === "flash" && (
            <Button className="col-span-3" onClick={() => void read(null, flashFromStrip(readable, null))}>
              None shows grey
            </Button>
          )}
        </div>
        {purpose === "flash" && (
          <p className="mt-2 text-quiet">If already the first is grey, put the lamp farther away and begin again.</p>
        )}
      </Panel>
    </div>
  );
}

/** The strips of one that was counted, by their light in all. */
function stripOf(totals: readonly number[]): readonly StripTime[] {
  return totals.map((total, index) => ({ number: index + 1, total, further: total - (totals[index - 1] ?? 0) }));
}

/** The strips as they will come out: the more light, the darker; with their times in all and what each is counted. */
function StripFigure({ times }: { readonly times: readonly StripTime[] }) {
  return (
    <ol
      className="grid grid-flow-col border border-ink"
      data-strip={times.map(({ total }) => total.toFixed(2)).join(" ")}
    >
      {times.map(({ number, total, further }) => (
        <li key={number} className="border-line border-l p-1 text-center leading-tight first:border-l-0">
          <span className="mb-1 block h-8 bg-on-tape" aria-hidden="true">
            <span className="block h-full bg-tape" style={{ opacity: number / (times.length + 1) }} />
          </span>
          <span className="block font-semibold">{formatTime(total)}</span>
          <span className="block text-[0.83rem] text-quiet">+{formatTime(further)}</span>
        </li>
      ))}
    </ol>
  );
}
