import { useEffect, useState } from "react";
import { Controller, useForm } from "react-hook-form";
import { Form, useNavigation, useSubmit } from "react-router";
import { formatTime } from "../../core/basis/units/index.ts";
import { type CameraSet, nextInSet } from "../../core/camera/container/index.ts";
import type { RunningExposure, Settings } from "../../storage/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { Choice } from "../../ui/Choice.tsx";
import { keep } from "../../ui/keep.ts";
import { isoWithOffset } from "../../ui/localTime.ts";
import { TextEntry } from "../../ui/TextEntry.tsx";
import type { ShotEntries } from "./fieldAction.ts";

/** The choice that stands for no number. */
const NONE = "none";

/** What was taken, in words, and the time given: logged at a press. Words typed survive a reload. */
export function LogForm({
  running,
  set,
  elapsedSeconds,
  doubtSeconds,
  draft,
  error,
  onDiscard,
}: {
  readonly running: RunningExposure;
  /** The tray the camera belongs to, if it is one of several alike. */
  readonly set: CameraSet | null;
  readonly elapsedSeconds: number;
  /** Time by a clock that can't be believed, s; `null`: there is no doubt. */
  readonly doubtSeconds: number | null;
  readonly draft: Settings["draft"];
  readonly error: string | null;
  readonly onDiscard: () => void;
}) {
  const submit = useSubmit();
  const sending = useNavigation().state !== "idle";
  const { cameraId, medium, iso, fNumber, ev, light, openedMs, targetSeconds } = running;
  const [start] = useState<ShotEntries>(() => ({
    cameraId,
    medium,
    iso,
    fNumber,
    ev,
    light,
    suggestedSeconds: targetSeconds,
    openedAt: isoWithOffset(new Date(openedMs)),
    number: String((set && nextInSet(set)) ?? NONE),
    seconds: formatTime(Math.max(0.1, elapsedSeconds)),
    ...draft,
  }));
  const { register, control, handleSubmit, subscribe } = useForm<ShotEntries>({ defaultValues: start });
  useEffect(
    () =>
      subscribe({
        name: ["subject", "note"],
        formState: { values: true },
        callback: ({ values: { subject, note } }) => keep("draft", { subject, note }, "What is typed here"),
      }),
    [subscribe],
  );
  return (
    <Form
      method="post"
      className="grid gap-3"
      onSubmit={handleSubmit((shot) => submit(JSON.stringify(shot), { method: "post", encType: "application/json" }))}
    >
      {doubtSeconds !== null && (
        <p role="alert" data-doubt className="border-action border-l-4 bg-card p-3">
          The clock of this device was set while the hole was open, or the device slept: by the clock it was open for{" "}
          {doubtSeconds > 0 ? formatTime(doubtSeconds) : "no time at all"}, by the count of this page for{" "}
          {formatTime(Math.max(0.1, elapsedSeconds))}. Which is right? Write it below before you log it.
        </p>
      )}
      <TextEntry label="Time given" error={error ?? undefined} {...register("seconds")} />
      {set && (
        <Controller
          control={control}
          name="number"
          render={({ field }) => (
            <Choice label="Which of the tray" value={field.value} options={numbersOf(set)} onChoose={field.onChange} />
          )}
        />
      )}
      <TextEntry label="Subject" placeholder="Bean rows, from the water butt" {...register("subject")} />
      <TextEntry label="Light" {...register("light")} />
      <label className="text-[0.87rem] text-quiet">
        Note
        <textarea rows={2} className="entry text-ink" {...register("note")} />
      </label>
      <div className="flex gap-2">
        <button type="submit" className={buttonClass("action", "min-h-12 grow")} disabled={sending}>
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
  return [...numbers, { id: NONE, name: "not noted" }];
}
