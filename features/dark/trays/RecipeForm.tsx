import { useEffect, useRef, useState } from "react";
import { useFieldArray, useForm } from "react-hook-form";
import { formatTime, parseTime } from "../../../core/basis/units/index.ts";
import type { BathName, Recipe, RecipeStep } from "../../../core/darkroom/recipe/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { saveUndoable } from "../../../ui/edits/undoable.ts";
import { BATH_WORDS } from "../../../wording/darkroomWords.ts";

/** A recipe as it is typed. */
interface Entries {
  readonly name: string;
  readonly note: string;
  readonly steps: { name: string; seconds: string; bath: BathName; byEye: boolean; step: RecipeStep }[];
}

const BATHS = (Object.keys(BATH_WORDS) as BathName[]).map((id) => ({ id, name: BATH_WORDS[id] }));

/** A bath that was added: what is usual of its kind stands in it. */
function newStep(): Entries["steps"][number] {
  const step: RecipeStep = { id: crypto.randomUUID(), name: "", bath: "rinse", seconds: 30 };
  return { name: "", seconds: "30 s", bath: "rinse", byEye: false, step };
}

/** A recipe of one's own, new or changed: baths in their order, each with its time. */
export function RecipeForm({
  recipe,
  isStored,
  onDone,
}: {
  /** What it is filled with; `null`: nothing. */
  readonly recipe: Recipe | null;
  /** Whether this one is changed, and not one like it made. */
  readonly isStored: boolean;
  /** Hears the recipe that was kept; `null`: none was. */
  readonly onDone: (kept: Recipe | null) => void;
}) {
  const [medium, setMedium] = useState<"paper" | "film">(recipe?.medium === "film" ? "film" : "paper");
  const { register, control, handleSubmit, watch, setValue, formState } = useForm<Entries>({
    defaultValues: {
      name: recipe?.name ?? "",
      note: recipe?.note ?? "",
      steps: (recipe?.steps ?? []).map((step) => ({
        name: step.name,
        seconds: formatTime(step.seconds),
        bath: step.bath,
        byEye: step.byEye ?? false,
        step,
      })),
    },
  });
  const { fields, append, remove, swap } = useFieldArray({ control, name: "steps" });
  const { errors } = formState;
  // It takes the place of a longer page that was scrolled down.
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    form.current?.scrollIntoView({ block: "start" });
  }, []);
  const save = async (typed: Entries): Promise<void> => {
    const record: Recipe = {
      ...recipe,
      id: recipe?.id ?? crypto.randomUUID(),
      name: typed.name.trim(),
      note: typed.note.trim(),
      medium,
      source: recipe?.source ?? "your own",
      steps: typed.steps.map(stepFrom),
    };
    if (await saveUndoable("recipes", record, "The recipe is noted.", isStored ? recipe : null)) onDone(record);
  };
  return (
    <form ref={form} className="grid gap-3" noValidate onSubmit={handleSubmit(save)} aria-label="Recipe of your own">
      <TextEntry
        label="Name of the recipe"
        error={errors.name?.message}
        {...register("name", { validate: (text) => text.trim() !== "" || "Give it a name, such as “Shed, winter”." })}
      />
      <Segments
        label="For"
        value={medium}
        options={[
          { id: "paper", name: "Paper" },
          { id: "film", name: "Film, in full dark" },
        ]}
        onChoose={setMedium}
      />
      <ol className="grid gap-3">
        {fields.map((field, index) => (
          <li key={field.id} className="sheet grid grid-cols-2 gap-3 p-3" data-bath={index}>
            <TextEntry
              label={`Bath ${index + 1}`}
              error={errors.steps?.[index]?.name?.message}
              {...register(`steps.${index}.name`, { validate: (text) => text.trim() !== "" || "Give it a name." })}
            />
            <TextEntry
              label={`Time of bath ${index + 1}`}
              error={errors.steps?.[index]?.seconds?.message}
              {...register(`steps.${index}.seconds`, {
                validate: (text) => {
                  const parsed = parseTime(text);
                  if (!parsed.ok) return parsed.error;
                  return (parsed.value >= 1 && parsed.value <= 86_400) || "From 1 s to a day.";
                },
              })}
            />
            <Choice
              label={`Tray of bath ${index + 1}`}
              value={watch(`steps.${index}.bath`)}
              options={BATHS}
              onChoose={(bath) => setValue(`steps.${index}.bath`, bath as BathName)}
            />
            <Check
              label="By eye"
              className="min-h-[3.75rem] self-end"
              checked={watch(`steps.${index}.byEye`)}
              onCheck={(byEye) => setValue(`steps.${index}.byEye`, byEye)}
            />
            <div className="col-span-2 flex gap-2">
              <Button
                disabled={index === 0}
                onClick={() => swap(index, index - 1)}
                aria-label={`Bath ${index + 1} earlier`}
              >
                Earlier
              </Button>
              <Button look="quiet" onClick={() => remove(index)} aria-label={`Leave bath ${index + 1} out`}>
                Leave out
              </Button>
            </div>
          </li>
        ))}
      </ol>
      <Button onClick={() => append(newStep())}>Add a bath</Button>
      <TextEntry label="Note" {...register("note")} />
      {fields.length === 0 && <p className="text-quiet">Without a bath nothing is developed.</p>}
      <div className="flex gap-2">
        <button type="submit" className={buttonClass("action", "grow")}>
          Keep the recipe
        </button>
        <Button look="quiet" onClick={() => onDone(null)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

/** A bath as it was typed; what its kind implies and was not typed goes along. */
function stepFrom({ name, seconds, bath, byEye, step }: Entries["steps"][number]): RecipeStep {
  const parsed = parseTime(seconds);
  const { most: _, lampAfter: __, cautions: ___, ...kept } = step;
  const asked = parsed.ok ? parsed.value : step.seconds;
  return {
    ...kept,
    name: name.trim(),
    bath,
    seconds: asked,
    byEye,
    byTemperature: bath === "developer",
    // A bath changed into another is not as safe as it was.
    ...(bath === "fixer" ? { lampAfter: "white" } : {}),
    cautions: CAUTIONS[bath] ?? [],
  };
}

/** What can hurt in a bath, whoever wrote its recipe. */
const CAUTIONS: Partial<Readonly<Record<BathName, readonly string[]>>> = {
  developer: ["developer", "gloves"],
  stop: ["stop"],
  fixer: ["fixer"],
};
