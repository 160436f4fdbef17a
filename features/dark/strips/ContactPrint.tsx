import { useMemo, useState } from "react";
import { formatTime, parseTime } from "../../../core/basis/units/index.ts";
import type { Exposure, Processing } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { useDarkFirst } from "../../../ui/dark/useDarkFirst.tsx";
import { wakeSound } from "../../../ui/device/signals.ts";
import { removeUndoable, saveUndoable } from "../../../ui/edits/undoable.ts";
import { isoWithOffset, readableDay } from "../../../ui/format/localTime.ts";
import { Term } from "../../../ui/words/Term.tsx";
import { CountOverlay } from "../CountOverlay.tsx";
import { lastStrip } from "../lastStrip.ts";
import type { StripsNow } from "./stripsData.ts";

/** With nothing known: a phone's lamp for a second, three were far too long. Common practice (TRADE section 8). */
const FIRST_TRY = 1;
const NONE = "none";

const ORDER = [
  "Red lamp: a fresh sheet, emulsion up.",
  "The negative on it, face down: emulsion to emulsion turns the picture right.",
  "Glass on top, clean and heavy: what does not touch is soft.",
  "Light; then develop as any sheet.",
] as const;

/** A positive by contact: set-up, light, and what was printed of this negative before. */
export function ContactPrint({
  medium,
  now: { done, shots },
  sound,
}: {
  readonly medium: string;
  readonly now: StripsNow;
  readonly sound: boolean;
}) {
  const last = lastStrip(done, medium, "print");
  const [negative, setNegative] = useState<string>(shots[0]?.id ?? NONE);
  const printed = done.filter(({ kind, exposureId }) => kind === "print" && exposureId === negative);
  const [seconds, setSeconds] = useState(printed[0]?.seconds ?? last?.seconds ?? FIRST_TRY);
  const [setup, setSetup] = useState(last?.setup ?? "");
  const [wet, setWet] = useState(false);
  const [note, setNote] = useState("");
  const [counting, setCounting] = useState(false);
  const { darkFirst, question } = useDarkFirst();
  const parts = useMemo(() => [{ seconds, caption: "Light on" }], [seconds]);
  if (counting) {
    return (
      <CountOverlay parts={parts} sound={sound} onCancel={() => setCounting(false)} onDone={() => setCounting(false)} />
    );
  }
  const writeDown = async (): Promise<void> => {
    const record: Processing = {
      id: crypto.randomUUID(),
      kind: "print",
      at: isoWithOffset(new Date()),
      medium,
      exposureId: negative === NONE ? null : negative,
      setup: setup.trim(),
      seconds,
      wet,
      note: note.trim(),
    };
    if (await saveUndoable("processing", record, "The positive is noted with its negative.")) setNote("");
  };
  return (
    <div className="grid gap-4">
      {question}
      <Choice
        label="Negative"
        value={negative}
        options={[
          ...shots.map((shot) => ({ id: shot.id, name: nameOf(shot) })),
          { id: NONE, name: "one nobody logged" },
        ]}
        onChoose={setNegative}
      />
      <p>
        A <Term id="contact-print">contact print</Term>, step by step:
      </p>
      <ol className="list-decimal pl-6">
        {ORDER.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      {wet && (
        <p>
          Wet on wet: both sheets wet, negative on paper under water, lifted out together and rolled flat; wipe the back
          dry before the light. No lamp, lead or plug near the water.
        </p>
      )}
      <div className="grid grid-cols-[9rem_minmax(0,1fr)] gap-3">
        <QuantityField
          key={negative}
          label="Light for"
          name="print-seconds"
          value={seconds}
          show={formatTime}
          read={parseTime}
          take={(value) => {
            if (value === null || value < 0.1 || value > 3600) return "From 0.1 s to an hour.";
            setSeconds(value);
            return null;
          }}
        />
        <TextEntry
          label="Set-up: lamp, its height, glass"
          name="print-setup"
          value={setup}
          maxLength={200}
          onChange={(event) => setSetup(event.target.value)}
        />
      </div>
      <p className="text-quiet">
        {last
          ? `The strip of ${readableDay(last.at)} says ${formatTime(last.seconds ?? 0)}.`
          : `No strip was read for this paper. First try: a phone’s lamp at arm’s length for about ${FIRST_TRY} s; then a strip.`}
      </p>
      <Check label="Wet on wet" checked={wet} className="min-h-[3.75rem]" onCheck={setWet} />
      <Button
        look="action"
        className="text-[1.3rem]"
        onClick={() => {
          wakeSound();
          darkFirst({ run: () => setCounting(true), what: "fresh paper leaves its box" });
        }}
      >
        Count {formatTime(seconds)} of light
      </Button>
      <Panel title="Positives of this negative">
        <ul data-prints={printed.length}>
          {printed.map((print) => (
            <li key={print.id} className="flex items-center justify-between gap-3 border-line border-b">
              <span>
                {readableDay(print.at)}: {formatTime(print.seconds ?? 0)}
                {print.wet ? ", wet on wet" : ""}
                {print.setup ? `, ${print.setup}` : ""}
                {print.note ? `. ${print.note}` : ""}
              </span>
              <Button
                look="quiet"
                aria-label={`Delete the positive of ${readableDay(print.at)}`}
                onClick={() => void removeUndoable("processing", print.id, "The positive is removed from the list.")}
              >
                Delete
              </Button>
            </li>
          ))}
        </ul>
        <div className="mt-2 grid grid-cols-[minmax(0,1fr)_auto] items-end gap-3">
          <TextEntry
            label="How it came out"
            name="print-note"
            value={note}
            maxLength={500}
            onChange={(event) => setNote(event.target.value)}
          />
          <Button onClick={() => void writeDown()}>Note this print</Button>
        </div>
      </Panel>
    </div>
  );
}

function nameOf({ subject, cameraName, openedAt }: Exposure): string {
  return `${subject || "No subject"}, ${cameraName ?? ""}, ${readableDay(openedAt)}`;
}
