import { useState } from "react";
import { Form, useSubmit } from "react-router";
import { formatTime } from "../../core/basis/units/index.ts";
import { type CameraSet, nextInSet } from "../../core/camera/container/index.ts";
import { type RunningExposure, type Settings, writeSetting } from "../../storage/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { Choice } from "../../ui/Choice.tsx";
import { isoWithOffset } from "../../ui/localTime.ts";

/** What was taken, in words, and the time given: logged at a press. Words typed survive a reload. */
export function LogForm({
  running,
  set,
  elapsedSeconds,
  draft,
  error,
  onDiscard,
}: {
  readonly running: RunningExposure;
  /** The tray the camera belongs to, if it is one of several alike. */
  readonly set: CameraSet | null;
  readonly elapsedSeconds: number;
  readonly draft: Settings["draft"];
  readonly error: string | null;
  readonly onDiscard: () => void;
}) {
  const submit = useSubmit();
  const [words, setWords] = useState(draft);
  const [seconds, setSeconds] = useState(formatTime(Math.max(0.1, elapsedSeconds)));
  const [number, setNumber] = useState(set === null ? "" : String(nextInSet(set) ?? ""));
  const keep = (change: Partial<Settings["draft"]>): void => {
    const next = { ...words, ...change };
    setWords(next);
    void writeSetting("draft", next);
  };
  const { cameraId, medium, iso, fNumber, ev, light, openedMs, targetSeconds } = running;
  const hidden: Readonly<Record<string, string | number>> = {
    cameraId,
    medium,
    iso,
    fNumber,
    ev,
    suggestedSeconds: targetSeconds,
    openedAt: isoWithOffset(new Date(openedMs)),
  };
  return (
    <Form
      method="post"
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event.currentTarget);
      }}
    >
      {Object.entries(hidden).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <label className="text-[0.87rem] text-quiet">
        Time given
        <input
          name="seconds"
          className="entry text-ink"
          value={seconds}
          aria-invalid={error !== null}
          aria-describedby={error ? "log-error" : undefined}
          onChange={(event) => setSeconds(event.target.value)}
        />
      </label>
      {set && <Choice label="Which of the tray" value={number} options={numbersOf(set)} onChoose={setNumber} />}
      {error && (
        <p id="log-error" role="alert" className="text-[0.87rem] text-action">
          {error}
        </p>
      )}
      <label className="text-[0.87rem] text-quiet">
        Subject
        <input
          name="subject"
          className="entry text-ink"
          value={words.subject}
          placeholder="Bean rows, from the water butt"
          onChange={(event) => keep({ subject: event.target.value })}
        />
      </label>
      <label className="text-[0.87rem] text-quiet">
        Light
        <input name="light" className="entry text-ink" defaultValue={light} />
      </label>
      <label className="text-[0.87rem] text-quiet">
        Note
        <textarea
          name="note"
          rows={2}
          className="entry text-ink"
          value={words.note}
          onChange={(event) => keep({ note: event.target.value })}
        />
      </label>
      <div className="flex gap-2">
        <button type="submit" className={buttonClass("action", "min-h-12 grow")}>
          Log this shot
        </button>
        <Button look="quiet" onClick={onDiscard}>
          Throw it away
        </Button>
      </div>
    </Form>
  );
}

function numbersOf({ count, exposed }: CameraSet): readonly { readonly id: string; readonly name: string }[] {
  const numbers = Array.from({ length: count }, (_, i) => {
    const number = count - i;
    return { id: String(number), name: exposed.includes(number) ? `No. ${number}, exposed already` : `No. ${number}` };
  });
  return [...numbers, { id: "", name: "not noted" }];
}
