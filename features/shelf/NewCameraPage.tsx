import { Fragment, type ReactNode, useId, useMemo, useState } from "react";
import { Form, Link } from "react-router";
import { formats } from "../../catalogue/formats.ts";
import { kinds } from "../../catalogue/kinds.ts";
import { materials } from "../../catalogue/materials.ts";
import { media, mediumById } from "../../catalogue/media.ts";
import { plates } from "../../catalogue/plates.ts";
import { formatFNumber, formatTime } from "../../core/basis/units/index.ts";
import { benchDrawing } from "../../core/bench/benchDrawing/index.ts";
import { type Camera, type CameraKind, solveRequest, traitsOf } from "../../core/camera/container/index.ts";
import { changesBetween } from "../../core/document/index.ts";
import { solve } from "../../core/light/solve/index.ts";
import { Button, buttonClass } from "../../ui/Button.tsx";
import { cx } from "../../ui/cx.ts";
import { dimensionFigure } from "../../ui/dimensionFigure.ts";
import { Panel } from "../../ui/Panel.tsx";
import { Pick } from "../../ui/Pick.tsx";
import { SvgScene } from "../../ui/SvgScene.tsx";
import { useLengthWords, useUnit } from "../../ui/UnitContext.ts";
import { UnitSwitch } from "../../ui/UnitSwitch.tsx";
import { startForm, withFormat } from "./newCameraForm.ts";
import {
  type NewCameraField,
  type NewCameraForm,
  type NewCameraSize,
  readNewCamera,
  sizesOf,
} from "./readNewCamera.ts";

const SIZE_WORDS: Readonly<Record<NewCameraSize, string>> = {
  width: "Width inside, across the sheet",
  height: "Height inside",
  depth: "Depth inside, hole to sheet",
  diameter: "Diameter inside",
  square: "Side of the square card",
  distance: "Hole to sheet",
  radius: "Radius the sheet is bowed to",
  tiltY: "Lean to the side, degrees",
  tiltX: "Lean to the top, degrees",
  base: "Holes apart",
  holeDiameter: "Hole, as bought or measured",
};
const SIZE_HINTS: Readonly<Partial<Record<NewCameraSize, string>>> = {
  tiltY: "Plus: its right side nearer the hole",
  tiltX: "Plus: its top nearer the hole",
  base: "Eyes are about 65 mm apart",
};

const PREVIEW = { width: 640, height: 460 };

/** A new camera from a container on the table: kind, inner sizes, sheet; what it becomes is drawn while one types. */
export function NewCameraPage({ refused }: { readonly refused: Readonly<Partial<Record<NewCameraField, string>>> }) {
  const unit = useUnit();
  const [forms, setForms] = useState<Readonly<Partial<Record<CameraKind, NewCameraForm>>>>({});
  const [kind, setKind] = useState<CameraKind>("flat-box");
  const [name, setName] = useState("");
  // Each kind has a form of its own: looking at another one loses nothing that was typed.
  const form = { ...(forms[kind] ?? startForm(kind, unit, "")), name };
  const setForm = (next: NewCameraForm): void => {
    setName(next.name);
    setForms((before) => ({ ...before, [kind]: next }));
  };
  const [asked, setAsked] = useState(false);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const read = readNewCamera({ ...form, name: name || "New camera" }, unit, "new", "");
  const [lastGood, setLastGood] = useState<Camera | null>(read.camera);
  if (read.camera !== null && changesBetween(lastGood, read.camera).length > 0) setLastGood(read.camera);

  const set = (change: Partial<NewCameraForm>): void => setForm({ ...form, ...change });
  const errorAt = (field: NewCameraField): string | undefined => {
    if (field === "name")
      return asked && form.name.trim() === ""
        ? (refused.name ?? "Give it a name, so that you find it again.")
        : undefined;
    return asked || left.has(field) || form[field] !== "" ? read.errors[field] : undefined;
  };
  const entry = (field: NewCameraField, label: string, hint?: string): ReactNode => (
    <Entry
      key={field}
      name={field}
      label={label}
      hint={hint}
      value={form[field]}
      error={errorAt(field)}
      onType={(text) => set({ [field]: text })}
      onLeave={() => setLeft((before) => new Set(before).add(field))}
    />
  );
  const curved = !["on the back", "leaning"].includes(traitsOf(form.kind).lies);
  const misfit = read.errors.sheetWidth !== undefined || read.errors.sheetHeight !== undefined;
  const fitting = withFormat(form, form.format, unit, "fitting");
  const changes = fitting.sheetWidth !== form.sheetWidth || fitting.sheetHeight !== form.sheetHeight;
  const canTrim = misfit && form.format !== "" && changes;

  return (
    <main className="mx-auto max-w-[1500px] px-4 pt-4 pb-16 sm:px-6">
      <p className="stamp">New camera</p>
      <h1 className="mb-4 font-semibold text-[1.7rem] leading-tight">Measure the inside with a ruler</h1>
      <Form
        method="post"
        noValidate
        className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,27rem)_minmax(0,1fr)]"
        onSubmit={(event) => {
          setAsked(true);
          if (read.camera === null || form.name.trim() === "") {
            event.preventDefault();
            requestAnimationFrame(() => document.querySelector<HTMLElement>("[aria-invalid=true]")?.focus());
          }
        }}
      >
        <div className="grid content-start gap-6">
          <Panel title="Container" aside={<UnitSwitch />}>
            <div role="radiogroup" aria-label="Kind of camera" className="grid gap-px bg-line sm:grid-cols-2">
              {kinds.map(({ id, name: words }) => (
                <label
                  key={id}
                  className={cx(
                    "flex min-h-8 items-center gap-2 bg-board px-2 py-1 text-[0.93rem]",
                    form.kind === id && "bg-kraft-pale font-semibold",
                  )}
                >
                  <input
                    type="radio"
                    name="kind"
                    value={id}
                    className="accent-[var(--sb-action)]"
                    checked={form.kind === id}
                    onChange={() => setKind(id)}
                  />
                  {words}
                </label>
              ))}
            </div>
            <p className="mt-1.5 mb-4 min-h-10 text-[0.87rem] text-quiet leading-snug" aria-live="polite">
              {kinds.find(({ id }) => id === form.kind)?.sentence}
            </p>
            <div className="grid grid-cols-2 gap-x-4 gap-y-3">
              <div className="col-span-2">{entry("name", "Name", "Such as: tea caddy, shed side")}</div>
              {sizesOf(form.kind).map((size) => (
                <Fragment key={size}>{entry(size, SIZE_WORDS[size], SIZE_HINTS[size])}</Fragment>
              ))}
              {entry("wall", "Wall, how thick")}
              <Pick
                label="Made of"
                name="material"
                value={form.material}
                options={materials}
                onPick={(material) => set({ material })}
              />
              <label className="flex items-end gap-2 pb-2">
                <input
                  type="checkbox"
                  name="insideBlack"
                  className="mb-1 size-4 accent-[var(--sb-action)]"
                  checked={form.insideBlack}
                  onChange={(event) => set({ insideBlack: event.target.checked })}
                />
                Flat black inside
              </label>
            </div>
          </Panel>
          <Panel title="Sheet">
            <div className="grid grid-cols-2 gap-x-4 gap-y-3">
              <Pick
                label="Cut from"
                name="format"
                value={form.format}
                options={[...formats, { id: "", name: "own size" }]}
                onPick={(format) => setForm(withFormat(form, format, unit, "nominal"))}
              />
              <Pick
                label="Paper or film"
                name="medium"
                value={form.medium}
                options={media}
                onPick={(medium) => set({ medium })}
              />
              {entry("sheetWidth", curved ? "Along the curve" : "Across")}
              {entry("sheetHeight", "Up")}
            </div>
            {canTrim && (
              <Button className="mt-2" onClick={() => setForm(fitting)}>
                Trim it to {fitting.sheetWidth} × {fitting.sheetHeight}
              </Button>
            )}
          </Panel>
          <Panel title="Hole">
            <div className="grid grid-cols-2 gap-x-4 gap-y-3">
              {form.kind !== "drum" &&
                entry("holeAbove", "Hole above the bottom", "Empty: opposite the sheet’s middle")}
              {entry("opening", "Opening in the wall", "Empty: nothing cuts")}
              <Pick
                label="Plate"
                name="plate"
                value={form.plate}
                options={plates.map(({ name, thickness }) => ({
                  id: String(thickness),
                  name: `${name}, ${thickness} mm`,
                }))}
                onPick={(plate) => set({ plate })}
              />
            </div>
          </Panel>
          <div className="flex gap-3">
            <button type="submit" className={buttonClass("action")}>
              Put it on the Bench
            </button>
            <Link to="/" className={buttonClass("quiet")}>
              Not now
            </Link>
          </div>
        </div>
        <Preview camera={lastGood} stale={read.camera === null} />
      </Form>
    </main>
  );
}

function Entry({
  name,
  label,
  hint,
  value,
  error,
  onType,
  onLeave,
}: {
  readonly name: string;
  readonly label: string;
  readonly hint: string | undefined;
  readonly value: string;
  readonly error: string | undefined;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
}) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div>
      <label htmlFor={id} className="block text-[0.87rem] text-quiet">
        {label}
      </label>
      <input
        id={id}
        name={name}
        className="entry"
        autoComplete="off"
        value={value}
        aria-invalid={error !== undefined}
        aria-describedby={note ? `${id}-note` : undefined}
        onChange={(event) => onType(event.target.value)}
        onBlur={onLeave}
      />
      {note && (
        <p
          id={`${id}-note`}
          role={error ? "alert" : undefined}
          className={cx("mt-0.5 text-[0.83rem]", error ? "text-action" : "text-quiet")}
        >
          {note}
        </p>
      )}
    </div>
  );
}

function Preview({ camera, stale }: { readonly camera: Camera | null; readonly stale: boolean }) {
  const unit = useUnit();
  const words = useLengthWords();
  const drawn = useMemo(() => {
    if (camera === null) return null;
    const medium = mediumById(camera.chambers[0].film.medium);
    return {
      drawing: benchDrawing(camera, medium, PREVIEW, { widths: [], heights: [] }, (mm) => dimensionFigure(mm, unit)),
      result: solve(solveRequest(camera, medium)),
    };
  }, [camera, unit]);
  return (
    <div className="lg:sticky lg:top-4 lg:self-start">
      <figure className={cx("sheet", stale && "opacity-60")}>
        <div className="aspect-[64/46]">
          {drawn && (
            <SvgScene scene={drawn.drawing.scene} pixel={drawn.drawing.layout.pixel} title="The camera to scale" />
          )}
        </div>
        <figcaption className="border-line border-t px-4 py-2">
          {stale
            ? "The last sizes that work. Mend the marked entries to go on."
            : drawn &&
              `A hole of ${words(drawn.result.focalLength / drawn.result.fNumber, 3)} makes it ${formatFNumber(drawn.result.fNumber)}: ${drawn.result.view.horizontal.toFixed(0)}° wide, ${formatTime(drawn.result.fullSunSeconds)} in full sun.`}
        </figcaption>
      </figure>
    </div>
  );
}
