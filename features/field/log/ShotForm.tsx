import { useForm } from "react-hook-form";
import { formatTime, parseTime } from "../../../core/basis/units/index.ts";
import type { Exposure } from "../../../core/document/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";

interface ShotEntries {
  readonly subject: string;
  readonly where: string;
  readonly weather: string;
  readonly light: string;
  readonly seconds: string;
  readonly note: string;
}

/** A logged shot put right: its words and the time given. */
export function ShotForm({
  shot,
  onSave,
  onCancel,
}: {
  readonly shot: Exposure;
  readonly onSave: (shot: Exposure) => void;
  readonly onCancel: () => void;
}) {
  const { register, handleSubmit, formState } = useForm<ShotEntries>({
    defaultValues: {
      subject: shot.subject ?? "",
      where: shot.where ?? "",
      weather: shot.weather ?? "",
      light: shot.light ?? "",
      seconds: formatTime(shot.seconds),
      note: shot.note ?? "",
    },
  });
  const save = ({ seconds, ...words }: ShotEntries): void => {
    const time = parseTime(seconds);
    if (!time.ok) return;
    const trimmed = Object.fromEntries(Object.entries(words).map(([name, text]) => [name, text.trim()]));
    onSave({ ...shot, ...trimmed, seconds: time.value });
  };
  const readable = (text: string): true | string => {
    const time = parseTime(text);
    return time.ok || time.error;
  };
  return (
    <form className="grid gap-3 sm:grid-cols-[1fr_1fr_9rem]" onSubmit={handleSubmit(save)} noValidate>
      <TextEntry label="Subject" {...register("subject")} />
      <TextEntry label="Light" {...register("light")} />
      <TextEntry
        label="Time given"
        error={formState.errors.seconds?.message}
        {...register("seconds", { validate: readable })}
      />
      <TextEntry label="Where" {...register("where")} />
      <TextEntry label="Weather" {...register("weather")} />
      <div className="sm:col-span-3">
        <TextEntry label="Note" {...register("note")} />
      </div>
      <div className="flex gap-2 sm:col-span-3">
        <button type="submit" className={buttonClass("action")}>
          Save the shot
        </button>
        <Button look="quiet" onClick={onCancel}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
