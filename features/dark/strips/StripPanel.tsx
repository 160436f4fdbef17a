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

/** What a strip is made for, on which medium, and what was read before. */
interface OfStrip {
  readonly purpose: "print" | "flash";
  readonly medium: string;
  readonly done: readonly Processing[];
}

/** One strip from its plan over its counts to the step that is best, and what follows from it. */
export function StripPanel({ sound, ...of }: OfStrip & { readonly sound: boolean }) {
  const strip = useStrip(of);
  const [counting, setCounting] = useState(false);
  const { darkFirst, question } = useDarkFirst();
  if (counting) {
    return (
      <CountOverlay
        parts={partsOf(strip.times)}
        sound={sound}
        onCancel={() => setCounting(false)}
        onDone={() => {
          setCounting(false);
          strip.counted();
        }}
      />
    );
  }
  const count = (): void => {
    wakeSound();
    darkFirst({ run: () => setCounting(true), what: "fresh paper leaves its box" });
  };
  return (
    <div className="grid gap-4">
      {question}
      <LastStrip {...of} />
      <PlanOfStrip strip={strip} isFlash={of.purpose === "flash"} onCount={count} />
      <ReadIt strip={strip} isFlash={of.purpose === "flash"} />
    </div>
  );
}

/** A strip that is planned, counted and read. */
interface Strip {
  readonly plan: StripPlan;
  readonly setPlan: (plan: StripPlan) => void;
  readonly count: number;
  readonly setCount: (count: number) => void;
  readonly setup: string;
  readonly setSetup: (setup: string) => void;
  readonly times: readonly StripTime[];
  /** What is read: the strip that was counted, also before a reload; else the plan as it stands. */
  readonly readable: readonly StripTime[];
  /** Whether one is counted and not read yet. */
  readonly isExposed: boolean;
  /** Its last tone was heard. */
  readonly counted: () => void;
  /** Which step is best, or none, and the time that follows, s. */
  readonly read: (picked: number | null, seconds: number | null) => void;
}

function useStrip({ purpose, medium, done }: OfStrip): Strip {
  // In the database from its last tone on: a reload, or another page, and it can still be read.
  const unread = done.find((each) => each.unread === true && each.purpose === purpose && each.medium === medium);
  const [plan, setPlan] = useState<StripPlan>({ kind: "even", step: 1 });
  const [count, setCount] = useState(6);
  const [setup, setSetup] = useState(unread?.setup ?? lastStrip(done, medium, purpose)?.setup ?? "");
  const times = useMemo(() => stripTimes(plan, count), [plan, count]);
  const record = (): Processing => ({
    id: crypto.randomUUID(),
    kind: "strip",
    at: isoWithOffset(new Date()),
    medium,
    purpose,
    setup: setup.trim(),
    times: times.map(({ total }) => total),
  });
  const note = async (): Promise<void> => {
    const saved = await saveRecord("processing", { ...record(), unread: true });
    if (!saved.ok)
      notify(`The strip is not noted: read it before you leave this page. ${saved.error.message}`, { urgent: true });
  };
  const read = async (picked: number | null, seconds: number | null): Promise<void> => {
    const said = seconds === null ? "The strip is noted." : `Noted: ${formatTime(seconds)} with this set-up.`;
    if (unread === undefined) {
      await saveUndoable("processing", { ...record(), picked, seconds }, said);
      return;
    }
    await changeUndoable(
      "processing",
      unread.id,
      (stored) => {
        const { unread: _, ...now } = there(stored);
        return { ...now, setup: setup.trim() || (now.setup ?? ""), picked, seconds };
      },
      said,
    );
  };
  return {
    plan,
    setPlan,
    count,
    setCount,
    setup,
    setSetup,
    times,
    readable: unread?.times ? stripOf(unread.times) : times,
    isExposed: unread !== undefined,
    counted: () => void note(),
    read: (picked, seconds) => void read(picked, seconds),
  };
}

/** What is said at each count. */
function partsOf(times: readonly StripTime[]) {
  return stripCounts(times).map(({ seconds, open }) => ({
    seconds,
    caption: open.length === 1 ? `Strip ${open[0]} open` : `Uncover strip ${open[0]}`,
  }));
}

/** The time that the last strip of this sort gave. */
function LastStrip({ purpose, medium, done }: OfStrip) {
  const last = lastStrip(done, medium, purpose);
  if (!last) return null;
  return (
    <p className="border-action border-l-4 pl-3" data-last-strip={last.seconds}>
      <strong>{formatTime(last.seconds ?? 0)}</strong> {purpose === "flash" ? "flash" : "of light"}, from the strip of{" "}
      {readableDay(last.at)}
      {last.setup ? `: ${last.setup}` : ""}.
    </p>
  );
}

/** How its times grow, how many, with what set-up; and the press that counts it. */
function PlanOfStrip({
  strip: { plan, setPlan, count, setCount, setup, setSetup, times },
  isFlash,
  onCount,
}: {
  readonly strip: Strip;
  readonly isFlash: boolean;
  readonly onCount: () => void;
}) {
  const step = plan.kind === "even" ? plan.step : plan.first;
  const [stops, setStops] = useState(plan.kind === "stops" ? plan.stops : 0.5);
  const planned = (kind: StripPlan["kind"], step: number, stops: number): void =>
    setPlan(kind === "even" ? { kind, step } : { kind, first: step, stops });
  return (
    <Panel title="Plan of the strip">
      <div className="grid gap-3">
        <Segments
          label="How the times grow"
          value={plan.kind}
          options={[
            { id: "even", name: "Even steps" },
            { id: "stops", name: "In stops" },
          ]}
          onChoose={(kind) => planned(kind, step, stops)}
        />
        <div className="grid grid-cols-3 gap-3">
          <QuantityField
            key={plan.kind}
            label={plan.kind === "even" ? "Each step" : "First time"}
            name="strip-step"
            value={step}
            show={formatTime}
            read={parseTime}
            take={(value) => {
              if (value === null || value < TIMES.least || value > TIMES.most) return "From 0.1 s to an hour.";
              planned(plan.kind, value, stops);
              return null;
            }}
          />
          {plan.kind === "stops" && (
            <QuantityField
              label="Stops a strip"
              name="strip-stops"
              value={stops}
              show={String}
              read={plainNumber}
              take={(value) => {
                if (value === null || value < 0.1 || value > 3) return "From 0.1 to 3, such as 0.5.";
                setStops(value);
                planned(plan.kind, step, value);
                return null;
              }}
            />
          )}
          <CountField label="Strips" name="strip-count" value={count} least={2} most={12} onTake={setCount} />
        </div>
        <StripFigure times={times} />
        <p>
          {isFlash
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
        <Button look="action" className="text-[1.3rem]" onClick={onCount}>
          Count the strip
        </Button>
      </div>
    </Panel>
  );
}

/** Which step is best. */
function ReadIt({
  strip: { readable, isExposed, read },
  isFlash,
}: {
  readonly strip: Strip;
  readonly isFlash: boolean;
}) {
  const when = isExposed ? "Develop it now, then: w" : "Developed: w";
  return (
    <Panel title="Read it">
      <p className="mb-2">
        {isFlash
          ? `${when}hich is the first strip that shows any grey? The dose is eight tenths of the one before it.`
          : `${when}hich strip looks best?`}
      </p>
      <div className="grid grid-cols-3 gap-2" data-read>
        {readable.map(({ number, total }) => {
          const seconds = isFlash ? flashFromStrip(readable, number) : total;
          return (
            <Button
              key={number}
              disabled={seconds === null}
              aria-label={`Strip ${number}, ${formatTime(total)}`}
              onClick={() => read(number, seconds)}
            >
              {number}: {formatTime(total)}
            </Button>
          );
        })}
        {isFlash && (
          <Button className="col-span-3" onClick={() => read(null, flashFromStrip(readable, null))}>
            None shows grey
          </Button>
        )}
      </div>
      {isFlash && (
        <p className="mt-2 text-quiet">If already the first is grey, put the lamp farther away and begin again.</p>
      )}
    </Panel>
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
