import { useState } from "react";
import { useForm } from "react-hook-form";
import { formats } from "../../../catalogue/formats.ts";
import { allMedia, DEFAULT_MEDIUM } from "../../../catalogue/media.ts";
import { parseNumber } from "../../../core/basis/units/index.ts";
import { type Pack, settledPack } from "../../../core/document/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { saveUndoable } from "../../../ui/edits/undoable.ts";

const SIZES = formats.map(({ name }) => ({ id: name, name }));

/** A whole number of sheets, or why it is none. */
function countFault(text: string, least: number): true | string {
  const parsed = parseNumber(text);
  const value = parsed.ok ? parsed.value.value : Number.NaN;
  return (Number.isInteger(value) && value >= least && value <= 100_000) || `A whole number from ${least} to 100 000.`;
}

/** What was taken out of a pack since it was counted, sheets. */
function gone(pack: Pack): number {
  const { counted = pack.left, left } = settledPack(pack);
  return counted - left;
}

/** A pack as it is typed. */
interface PackEntries {
  readonly bought: string;
  readonly left: string;
  readonly opened: string;
  readonly iso: string;
  readonly note: string;
}

/** A pack, new or changed. */
export function PackForm({ pack, onDone }: { readonly pack: Pack | null; readonly onDone: () => void }) {
  const [medium, setMedium] = useState(pack?.medium ?? DEFAULT_MEDIUM);
  const [size, setSize] = useState(pack?.size ?? SIZES[0]?.id ?? "");
  const { register, handleSubmit, formState } = useForm<PackEntries>({
    defaultValues: {
      bought: String(pack?.bought ?? 25),
      left: String(pack?.left ?? 25),
      opened: pack?.opened ?? "",
      iso: pack?.iso ? String(pack.iso) : "",
      note: pack?.note ?? "",
    },
  });
  const { errors } = formState;
  const save = async (typed: PackEntries): Promise<void> => {
    const iso = parseNumber(typed.iso);
    const left = Number(typed.left);
    const record: Pack = {
      ...pack,
      id: pack?.id ?? crypto.randomUUID(),
      medium,
      size,
      bought: Number(typed.bought),
      left,
      // What was counted anew was counted with all that is gone by now.
      counted: left + (pack ? gone(pack) : 0),
      opened: typed.opened || null,
      iso: typed.iso.trim() !== "" && iso.ok ? iso.value.value : null,
      note: typed.note.trim(),
    };
    if (await saveUndoable("packs", record, "The pack is noted.", pack)) onDone();
  };
  return (
    <form className="sheet mt-3 grid grid-cols-2 gap-3 p-3" noValidate onSubmit={handleSubmit(save)}>
      <Choice label="Paper or film" value={medium} options={allMedia()} onChoose={setMedium} />
      <Choice
        label="Size"
        value={size}
        options={SIZES.some(({ id }) => id === size) ? SIZES : [...SIZES, { id: size, name: size }]}
        onChoose={setSize}
      />
      <TextEntry
        label="Bought"
        inputMode="numeric"
        error={errors.bought?.message}
        {...register("bought", { validate: (text) => countFault(text, 1) })}
      />
      <TextEntry
        label="Left"
        inputMode="numeric"
        error={errors.left?.message}
        {...register("left", { validate: (text) => countFault(text, 0) })}
      />
      <TextEntry label="Opened on" type="date" {...register("opened")} />
      <TextEntry
        label="Your own ISO (may stay empty)"
        error={errors.iso?.message}
        {...register("iso", {
          validate: (text) => {
            if (text.trim() === "") return true;
            const parsed = parseNumber(text);
            return (parsed.ok && parsed.value.value > 0) || "A number above 0, such as 6.";
          },
        })}
      />
      <div className="col-span-2">
        <TextEntry label="Note" {...register("note")} />
      </div>
      <div className="col-span-2 flex gap-2">
        <button type="submit" className={buttonClass("action", "min-h-[3.3rem]")}>
          Keep the pack
        </button>
        <Button look="quiet" className="min-h-[3.3rem]" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
