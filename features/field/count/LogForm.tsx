import { useEffect, useState } from "react";
import { useForm } from "react-hook-form";
import { Form, useNavigation, useSubmit } from "react-router";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Count, ShotWords } from "../../../core/document/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import type { ShotEntries } from "./logShot.ts";

const WORDS = ["subject", "where", "weather", "note"] as const;

/** What was taken, in words, and the time given: logged at a press. Words typed survive a reload. */
export function LogForm({
  count,
  openSeconds,
  doubtSeconds,
  error,
  onWords,
  onDiscard,
}: {
  readonly count: Count;
  readonly openSeconds: number;
  /** Time by a clock that can't be believed, s; `null`: there is no doubt. */
  readonly doubtSeconds: number | null;
  readonly error: string | null;
  readonly onWords: (words: ShotWords) => void;
  readonly onDiscard: () => void;
}) {
  const submit = useSubmit();
  const sending = useNavigation().state !== "idle";
  const [start] = useState(() => ({
    seconds: formatTime(Math.max(0.1, openSeconds)),
    light: count.light,
    subject: count.words.subject,
    where: count.words.where ?? "",
    weather: count.words.weather ?? "",
    note: count.words.note,
  }));
  const { register, handleSubmit, subscribe } = useForm({ defaultValues: start });
  useEffect(
    () =>
      subscribe({
        name: [...WORDS],
        formState: { values: true },
        callback: ({ values: { subject, where, weather, note } }) =>
          onWords({ ...count.words, subject, where, weather, note }),
      }),
    [subscribe, onWords, count.words],
  );
  const log = (typed: typeof start): void => {
    const shot: ShotEntries = { ...typed, count, openedAt: isoWithOffset(new Date(count.openedMs)) };
    void submit(JSON.stringify(shot), { method: "post", encType: "application/json" });
  };
  return (
    <Form method="post" className="grid gap-3" onSubmit={handleSubmit(log)}>
      {doubtSeconds !== null && (
        <p role="alert" data-doubt className="border-action border-l-4 bg-card p-3">
          The clock of this device was set while the hole was open, or the device slept. By the clock it was open for{" "}
          {doubtSeconds > 0 ? formatTime(doubtSeconds) : "no time at all"}, by the count of this page for{" "}
          {formatTime(Math.max(0.1, openSeconds))}. Which is right? Write it below before you log it.
        </p>
      )}
      <TextEntry label="Time given" error={error ?? undefined} {...register("seconds")} />
      <TextEntry label="Subject" placeholder="Bean rows, from the water butt" {...register("subject")} />
      <div className="grid grid-cols-2 gap-3">
        <TextEntry label="Where" {...register("where")} />
        <TextEntry label="Weather" {...register("weather")} />
      </div>
      <TextEntry label="Light" {...register("light")} />
      <label className="text-[0.87rem] text-quiet">
        Note
        <textarea rows={2} className="entry text-ink" {...register("note")} />
      </label>
      <div className="flex gap-2">
        <button type="submit" className={buttonClass("action", "min-h-[3.3rem] grow")} disabled={sending}>
          Log this shot
        </button>
        <ConfirmDialog
          title="Throw this shot away?"
          words="The sheet is exposed all the same. Nothing of it is logged, and its place stays free."
          yes="Away with it"
          no="Keep it"
          onYes={onDiscard}
        >
          <Button look="quiet" className="min-h-[3.3rem]">
            Throw it away
          </Button>
        </ConfirmDialog>
      </div>
    </Form>
  );
}
