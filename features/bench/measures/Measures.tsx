import { memo, useCallback, useMemo } from "react";
import { materials } from "../../../catalogue/materials.ts";
import { allMedia } from "../../../catalogue/media.ts";
import { MOUNTS } from "../../../catalogue/mounts.ts";
import { plates } from "../../../catalogue/plates.ts";
import { PURPOSES } from "../../../catalogue/purposes.ts";
import {
  type Camera,
  cameraKind,
  type DesignField,
  fieldValue,
  holeMount,
  seated,
  withContainer,
  withFilm,
  withMount,
  withPurpose,
} from "../../../core/camera/container/index.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";
import { mountOf } from "../../../core/camera/mounts/index.ts";
import { Check } from "../../../ui/controls/Check.tsx";
import { Choice, type ChoiceOption } from "../../../ui/controls/Choice.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { UnitSwitch } from "../../../ui/controls/UnitSwitch.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { EditDesign, SetField } from "../design/edit.ts";
import { SetCount } from "../design/SetCount.tsx";
import { HolesStrip } from "../hole/HolesStrip.tsx";
import { DesignEntry } from "./DesignEntry.tsx";
import { holeFields, SHEET_FIELDS } from "./measureFields.ts";

/** What can be chosen; the list stays the same for as long as the page does. */
const choices = (): readonly ChoiceOption[] =>
  allMedia().map(({ id, name, iso }) => ({ id, name, note: `ISO ${iso}` }));

const SIDES = [
  { id: "inside", name: "inside the wall" },
  { id: "outside", name: "outside the wall" },
];
const TAPES = [
  { id: "0", name: "not taped yet" },
  { id: "1", name: "one layer" },
  { id: "2", name: "two layers" },
];

/** Side by side in pairs where there is room; in the Bench's narrow column a name and its entry share a line. */
const ENTRIES =
  "grid grid-cols-2 gap-x-4 gap-y-3 lg:grid-cols-1 lg:gap-y-1 lg:[&>div]:grid lg:[&>div]:grid-cols-[minmax(0,1fr)_5.6rem] lg:[&>div]:items-center lg:[&>div]:gap-x-2 lg:[&>div>label]:leading-tight lg:[&>div>p]:col-span-2";

/** Every size of the design as an entry, with material, plate and paper. */
export const Measures = memo(function Measures({
  camera,
  hole,
  setField,
  onHole,
  onEdit,
}: {
  readonly camera: Camera;
  /** Number of the hole that is worked on. */
  readonly hole: number;
  readonly setField: SetField;
  readonly onHole: (hole: number) => void;
  readonly onEdit: EditDesign;
}) {
  const { container } = camera;
  const { film, holes } = camera.chambers[0];
  const kind = cameraKind(camera);
  const chooseMaterial = useCallback(
    (material: string) => onEdit("material", (now) => withContainer(now, { material })),
    [onEdit],
  );
  const choosePaper = useCallback((medium: string) => onEdit("paper", (now) => withFilm(now, { medium })), [onEdit]);
  const chooseTape = useCallback(
    (layers: string) => onEdit("tape", (now) => withContainer(now, { tapeLayers: Number(layers) })),
    [onEdit],
  );
  const papers = useMemo(choices, []);
  const chooseSide = useCallback(
    (side: string) =>
      onEdit("plate’s side", (now) =>
        seated(withContainer(now, { plateSide: side === "outside" ? "outside" : "inside" })),
      ),
    [onEdit],
  );
  const choosePlate = useCallback(
    (id: string) => {
      const chosen = plates.find((row) => row.id === id);
      if (chosen) setField("hole.plateThickness", chosen.thickness);
    },
    [setField],
  );
  const mount = holeMount(camera);
  const chooseMount = useCallback(
    (id: string) => {
      const chosen = MOUNTS.find((row) => row.id === id);
      if (chosen) onEdit(`hole ${chosen.name}`, (now) => withMount(now, chosen.id));
    },
    [onEdit],
  );
  const choosePurpose = useCallback(
    (id: string) => {
      const chosen = PURPOSES.find((row) => row.id === id);
      if (chosen) onEdit(`made for ${chosen.name}`, (now) => withPurpose(now, chosen.id));
    },
    [onEdit],
  );
  const words = useLengthWords();
  const plateOptions = useMemo(
    () => plates.map(({ id, name, thickness: mm }) => ({ id, name, note: words(mm, 3) })),
    [words],
  );
  const thickness = holes[0].plateThickness ?? 0;
  const plate = plates.find((row) => row.thickness === thickness);
  const rows = (fields: readonly DesignField[]) => (
    <div className={ENTRIES}>
      {fields.map((field) => (
        <MeasureEntry key={field} field={field} value={fieldValue(camera, field, hole)} setField={setField} />
      ))}
    </div>
  );
  return (
    <Panel title="Measures" aside={<UnitSwitch />}>
      <div className="grid gap-3">
        {rows(kindRecord(kind).measures)}
        <Choice label="Made of" value={container.material ?? null} options={materials} onChoose={chooseMaterial} />
        <Check
          label="Inside painted flat black"
          checked={container.insideBlack ?? false}
          onCheck={(insideBlack) => onEdit("paint", (now) => withContainer(now, { insideBlack }))}
        />
        <Check
          label="A lamp shows through lid or wall"
          checked={container.translucent ?? false}
          onCheck={(translucent) => onEdit("lamp test", (now) => withContainer(now, { translucent }))}
        />
        <Choice
          label="Tape at lid and corners"
          value={container.tapeLayers === undefined ? null : String(Math.min(2, container.tapeLayers))}
          options={TAPES}
          onChoose={chooseTape}
        />
        {rows(SHEET_FIELDS)}
        <Choice label="Paper or film" value={film.medium ?? null} options={papers} onChoose={choosePaper} />
        <Choice label="The hole is" value={mount} options={MOUNTS} onChoose={chooseMount} />
        <HolesStrip camera={camera} hole={hole} onHole={onHole} onEdit={onEdit} />
        {rows(holeFields(camera))}
        {mount !== "wall" && (
          <>
            <Choice
              label="Plate"
              value={plate?.id ?? null}
              placeholder={words(thickness, 2)}
              options={plateOptions}
              onChoose={choosePlate}
            />
            <Choice
              label="Plate is fixed"
              value={container.plateSide ?? "inside"}
              options={SIDES}
              onChoose={chooseSide}
            />
          </>
        )}
        <Choice label="Made for" value={camera.purpose ?? "picture"} options={PURPOSES} onChoose={choosePurpose} />
        <SetCount camera={camera} onEdit={onEdit} />
        <p className="text-[0.83rem] text-quiet">
          Needles and cut metal are sharp: push away from your face and fold or clean every rim. {mountOf(kind).hint}
        </p>
      </div>
    </Panel>
  );
});

/** One size. An edit changes few of them: the others need not be drawn again. */
const MeasureEntry = memo(function MeasureEntry({
  field,
  value,
  setField,
}: {
  readonly field: DesignField;
  readonly value: number | null;
  readonly setField: SetField;
}) {
  return <DesignEntry field={field} value={value} onTake={(taken) => setField(field, taken)} />;
});
