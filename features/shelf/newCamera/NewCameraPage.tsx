import { Suspense, useEffect, useRef, useState } from "react";
import { Controller, type Resolver, set, useForm, useWatch } from "react-hook-form";
import { Form, Link, useNavigation, useSubmit } from "react-router";
import { formats } from "../../../catalogue/formats.ts";
import { materials } from "../../../catalogue/materials.ts";
import { allMedia } from "../../../catalogue/media.ts";
import { MOUNTS } from "../../../catalogue/mounts.ts";
import { plates } from "../../../catalogue/plates.ts";
import { PURPOSES } from "../../../catalogue/purposes.ts";
import { formatLength } from "../../../core/basis/units/index.ts";
import { type Camera, type DesignField, fieldRecord } from "../../../core/camera/container/index.ts";
import { type CameraKind, isCameraKind, kindRecord, kinds } from "../../../core/camera/kinds/index.ts";
import { mountOf } from "../../../core/camera/mounts/index.ts";
import { changesBetween } from "../../../core/document/index.ts";
import { Button, buttonClass } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { UnitSwitch } from "../../../ui/controls/UnitSwitch.tsx";
import { useLengthWords, useUnit } from "../../../ui/format/UnitContext.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import { LabelLink } from "../label/LabelLink.tsx";
import { CameraSketch } from "./CameraSketch.tsx";
import { KindChooser } from "./KindChooser.tsx";
import { startForm, withFormat } from "./newCameraForm.ts";
import {
  entriesOf,
  hasOpening,
  type NewCameraEntry,
  type NewCameraForm,
  readNewCamera,
  typedIn,
  withTyped,
} from "./readNewCamera.ts";

const BesideCard = lazyPart(async () => ({ default: (await import("./BesideCard.tsx")).BesideCard }));

/** The choice that stands for no format. */
const OWN_SIZE = "own";
const FORMATS = [...formats, { id: OWN_SIZE, name: "own size" }];
const [FIRST] = kinds as readonly [(typeof kinds)[number]];

/** A new camera from a container on the table: kind, inner sizes, sheet; what it becomes is drawn while one types. */
export function NewCameraPage({ refused }: { readonly refused: Readonly<Partial<Record<NewCameraEntry, string>>> }) {
  const unit = useUnit();
  const words = useLengthWords();
  const plateOptions = plates.map(({ name, thickness }) => ({
    id: String(thickness),
    name: `${name}, ${words(thickness, 3)}`,
  }));
  const submit = useSubmit();
  const sending = useNavigation().state !== "idle";
  const resolver: Resolver<NewCameraForm> = (values) => {
    const errors = {};
    for (const [entry, message] of Object.entries(readNewCamera(values, unit, "new", "").errors)) {
      set(errors, entry === "name" || entry === "alike" ? entry : `sizes.${entry}`, { type: "unusable", message });
    }
    return { values, errors };
  };
  const form = useForm<NewCameraForm>({ defaultValues: startForm(FIRST.id, unit, ""), resolver });
  const { control, register, getValues, setValue, reset, handleSubmit, formState } = form;
  const { isSubmitted, isDirty, touchedFields } = formState;
  const typed = useWatch({ control }) as NewCameraForm;
  const read = readNewCamera(typed, unit, "new", "");
  const [lastGood, setLastGood] = useState<Camera | null>(read.camera);
  if (read.camera !== null && changesBetween(lastGood, read.camera).length > 0) setLastGood(read.camera);

  // Each kind has a form of its own: looking at another one loses nothing that was typed.
  const forms = useRef<Partial<Record<CameraKind, NewCameraForm>>>({});
  const chooseKind = (kind: string): void => {
    if (!isCameraKind(kind)) return;
    const now = getValues();
    forms.current[now.kind] = now;
    reset({ ...(forms.current[kind] ?? startForm(kind, unit, "")), name: now.name }, { keepIsSubmitted: true });
  };
  useEffect(() => {
    if (!isDirty) reset(startForm(getValues("kind"), unit, getValues("name")));
  }, [unit, isDirty, reset, getValues]);

  const size = (field: DesignField, label = fieldRecord(field).label) => {
    const [place = "", name = ""] = field.split(".");
    const left = touchedFields.sizes?.[place]?.[name] === true;
    const told = isSubmitted || left || typedIn(typed, field) !== "";
    return (
      <TextEntry
        key={field}
        label={label}
        hint={fieldRecord(field).asked}
        error={told ? (read.errors[field] ?? refused[field]) : undefined}
        {...register(`sizes.${place}.${name}`)}
      />
    );
  };
  const misfit = read.errors["film.width"] !== undefined || read.errors["film.height"] !== undefined;
  const fitting = withFormat(typed, typed.format, unit, "fitting");
  const [width, height] = [typedIn(fitting, "film.width"), typedIn(fitting, "film.height")];
  const canTrim = misfit && (width !== typedIn(typed, "film.width") || height !== typedIn(typed, "film.height"));
  const { asked, sentence, set: usualSet } = kindRecord(typed.kind);
  const round = asked.includes("container.diameter");
  const [seeing, setSeeing] = useState(false);
  const canBeSeen = round || asked.includes("container.width");
  // What another answer would ask is not shown.
  const ofHole = entriesOf(typed.kind, typed.mount).filter(
    (field) => field.startsWith("hole.") && !asked.includes(field),
  );

  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <p className="stamp">New camera</p>
      <h1 className="mb-4 font-semibold text-[1.7rem] leading-tight">Measure the inside with a ruler</h1>
      <Form
        method="post"
        noValidate
        className="grid gap-x-8 gap-y-6 lg:grid-cols-[20.5rem_20rem_minmax(0,1fr)]"
        onSubmit={handleSubmit((values) =>
          submit(JSON.stringify(values), { method: "post", encType: "application/json" }),
        )}
      >
        <div className="grid content-start gap-4">
          <Panel title="What have you got?">
            <KindChooser value={typed.kind} onChoose={chooseKind} />
            <p className="mt-1.5 min-h-10 text-[0.87rem] text-quiet leading-snug" aria-live="polite">
              {sentence}
            </p>
          </Panel>
          <LabelLink />
        </div>
        <div className="grid content-start gap-5">
          <Panel title="What it is for">
            <Answers
              label="What it is for"
              answers={PURPOSES}
              value={typed.purpose}
              onChoose={(id) => setValue("purpose", id, { shouldDirty: true })}
            />
            <p className="mt-3 mb-1 text-[0.93rem]">The hole will be</p>
            <Answers
              label="The hole will be"
              answers={MOUNTS}
              value={typed.mount}
              onChoose={(id) => setValue("mount", id, { shouldDirty: true })}
            />
          </Panel>
          <Panel title="Container" aside={<UnitSwitch />}>
            {canBeSeen && (
              <Button className="mb-3" onClick={() => setSeeing(true)}>
                No ruler? Photograph it beside a bank card
              </Button>
            )}
            {seeing && (
              <Suspense>
                <BesideCard
                  round={round}
                  wall={read.camera?.container.wall ?? 0}
                  onClose={() => setSeeing(false)}
                  onSizes={(sizes) => {
                    const before = getValues();
                    const texts = Object.entries(sizes).map(([field, mm]) => [field, formatLength(mm, unit, 1)]);
                    const typed = withTyped(before, Object.fromEntries(texts));
                    setValue("sizes", withFormat(typed, before.format, unit, "fitting").sizes, { shouldDirty: true });
                  }}
                />
              </Suspense>
            )}
            <div className="grid grid-cols-2 gap-x-4 gap-y-3">
              <div className="col-span-2">
                <TextEntry
                  label="Name"
                  hint={`Such as: tea caddy, shed side. Empty: ${kindRecord(typed.kind).name}`}
                  error={read.errors.name}
                  {...register("name")}
                />
              </div>
              {asked.map((field) => size(field))}
              {size("container.wall", "Wall, how thick")}
              {usualSet !== undefined && (
                <TextEntry
                  label="How many alike"
                  hint="Numbered, one shot each"
                  error={read.errors.alike}
                  {...register("alike")}
                />
              )}
              <Controller
                control={control}
                name="material"
                render={({ field }) => (
                  <Choice label="Made of" value={field.value} options={materials} onChoose={field.onChange} />
                )}
              />
              <Controller
                control={control}
                name="insideBlack"
                render={({ field }) => (
                  <Check
                    label="Painted flat black inside"
                    className="self-end pb-2"
                    checked={field.value}
                    onCheck={field.onChange}
                  />
                )}
              />
            </div>
          </Panel>
          <Panel title="Sheet">
            <div className="grid grid-cols-2 gap-x-4 gap-y-3">
              <Choice
                label="Cut from"
                value={typed.format === "" ? OWN_SIZE : typed.format}
                options={FORMATS}
                onChoose={(id) => {
                  const next = withFormat(getValues(), id === OWN_SIZE ? "" : id, unit, "nominal");
                  setValue("format", next.format, { shouldDirty: true });
                  setValue("sizes", next.sizes);
                }}
              />
              <Controller
                control={control}
                name="medium"
                render={({ field }) => (
                  <Choice label="Paper or film" value={field.value} options={allMedia()} onChoose={field.onChange} />
                )}
              />
              {size("film.width", mountOf(typed.kind).bent ? "Along the curve" : "Across")}
              {size("film.height", "Up")}
            </div>
            {canTrim && (
              <Button className="mt-2" onClick={() => setValue("sizes", fitting.sizes, { shouldDirty: true })}>
                Trim it to {width} × {height}
              </Button>
            )}
          </Panel>
          {ofHole.length > 0 && (
            <Panel title="Hole">
              <div className="grid grid-cols-2 gap-x-4 gap-y-3">
                {ofHole.map((field) => size(field))}
                {hasOpening(typed.kind, typed.mount) && (
                  <Controller
                    control={control}
                    name="plate"
                    render={({ field }) => (
                      <Choice label="Plate" value={field.value} options={plateOptions} onChoose={field.onChange} />
                    )}
                  />
                )}
              </div>
            </Panel>
          )}
        </div>
        <div className="grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          <CameraSketch camera={lastGood} stale={read.camera === null} />
          <div className="flex gap-3">
            <button type="submit" className={buttonClass("action")} disabled={sending}>
              {sending ? "Putting it there …" : "Put it on the Bench"}
            </button>
            <Link to="/" className={buttonClass("quiet")}>
              Not now
            </Link>
          </div>
        </div>
      </Form>
    </main>
  );
}

/** A question with a few short answers in a row. */
function Answers<Id extends string>({
  label,
  answers,
  value,
  onChoose,
}: {
  readonly label: string;
  readonly answers: readonly { readonly id: Id; readonly name: string }[];
  readonly value: Id;
  readonly onChoose: (id: Id) => void;
}) {
  return (
    <Radios
      label={label}
      value={value}
      className="flex flex-wrap gap-x-5"
      onChoose={(id) => {
        const answer = answers.find((each) => each.id === id);
        if (answer) onChoose(answer.id);
      }}
    >
      {answers.map(({ id, name }) => (
        <Radio key={id} id={id}>
          {name}
        </Radio>
      ))}
    </Radios>
  );
}
