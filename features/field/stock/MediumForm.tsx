import { Suspense, useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { media, mediumById } from "../../../catalogue/media.ts";
import type { OwnMedium } from "../../../core/document/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { saveUndoable } from "../../../ui/edits/undoable.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { type MediumEntries, mediumEntries, readMedium } from "./mediumEntries.ts";

const MediumChart = lazyPart(() => import("./MediumChart.tsx"));

const RULES = [
  { id: "none", name: "nothing is lost" },
  { id: "power", name: "t to a power, above 1 s" },
  { id: "added", name: "t and k times t to a power" },
  { id: "table", name: "a table of times" },
] as const;

/** A medium of the maker’s own, new or changed, with its picture: the density curve, and what long times become. */
export function MediumForm({ medium, onDone }: { readonly medium: OwnMedium | null; readonly onDone: () => void }) {
  const [like, setLike] = useState(mediumById(medium?.like).id);
  const { register, control, handleSubmit, reset, setError, setValue, formState, getValues } = useForm<MediumEntries>({
    defaultValues: mediumEntries(medium, mediumById(medium?.like)),
  });
  const typed = useWatch({ control }) as MediumEntries;
  const { errors } = formState;
  // The picture does not wait for a name.
  const read = readMedium({ ...typed, name: typed.name.trim() || "yours" }, like, medium?.id ?? "new");
  const save = async (entries: MediumEntries): Promise<void> => {
    const whole = readMedium(entries, like, medium?.id ?? crypto.randomUUID());
    if (!whole.ok) {
      for (const { field, message } of whole.error) setError(field, { message });
      return;
    }
    const said = `${whole.value.name} can be chosen everywhere.`;
    if (await saveUndoable("media", { ...medium, ...whole.value }, said, medium)) onDone();
  };
  const entry = (name: keyof MediumEntries, label: string, hint?: string) => (
    <TextEntry label={label} hint={hint} error={errors[name]?.message} {...register(name)} />
  );
  return (
    <form className="sheet mt-3 grid grid-cols-2 gap-3 p-3" noValidate onSubmit={handleSubmit(save)}>
      {entry("name", "Name", "the class, not the maker")}
      <Choice
        label="Like"
        value={like}
        options={media}
        onChoose={(id) => {
          setLike(id);
          reset({ ...mediumEntries(null, mediumById(id)), name: getValues("name"), note: getValues("note") });
        }}
      />
      {entry("iso", "ISO")}
      {entry("wavelengthNm", "Effective wavelength, nm")}
      <div className="col-span-2 grid grid-cols-3 gap-3">
        {entry("least", "Least density")}
        {entry("most", "Greatest density")}
        {entry("range", "Range, ISO R", "110: grade 2")}
      </div>
      <Choice
        label="Long times"
        value={typed.rule}
        options={RULES}
        onChoose={(rule) => setValue("rule", rule as MediumEntries["rule"], { shouldDirty: true })}
      />
      {(typed.rule === "power" || typed.rule === "added") && entry("exponent", "Exponent")}
      {typed.rule === "added" && entry("factor", "k")}
      {typed.rule === "table" && (
        <div className="col-span-2">
          {entry("table", "Metered → given", "pairs, such as 1 s → 1 s, 10 s → 20 s, 100 s → 400 s")}
        </div>
      )}
      <div className="col-span-2">{entry("note", "Note")}</div>
      {read.ok && (
        <div className="col-span-2">
          <Suspense fallback={<div className="h-56" />}>
            <MediumChart medium={read.value} like={mediumById(like)} />
          </Suspense>
        </div>
      )}
      <div className="col-span-2 flex gap-2">
        <button type="submit" className={buttonClass("action", "min-h-[3.3rem]")}>
          Keep the medium
        </button>
        <Button look="quiet" className="min-h-[3.3rem]" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
