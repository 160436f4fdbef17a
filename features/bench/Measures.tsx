import { useCallback } from "react";
import { kinds } from "../../catalogue/kinds.ts";
import { materials } from "../../catalogue/materials.ts";
import { media } from "../../catalogue/media.ts";
import { plates } from "../../catalogue/plates.ts";
import {
  type Camera,
  cameraKind,
  type DesignField,
  fieldValue,
  withContainer,
  withFilm,
} from "../../core/container/index.ts";
import { Choice } from "../../ui/Choice.tsx";
import { LengthField } from "../../ui/LengthField.tsx";
import { Panel } from "../../ui/Panel.tsx";
import { UnitSwitch } from "../../ui/UnitSwitch.tsx";
import type { EditDesign, SetField } from "./edit.ts";

interface FieldRow {
  readonly field: DesignField;
  readonly label: string;
  readonly digits?: number;
  readonly optional?: boolean;
  readonly hint?: string;
}

const BOX_FIELDS: readonly FieldRow[] = [
  { field: "container.width", label: "Width inside" },
  { field: "container.height", label: "Height inside" },
  { field: "container.depth", label: "Depth inside" },
];
const ROUND_FIELDS: readonly FieldRow[] = [
  { field: "container.diameter", label: "Diameter inside" },
  { field: "container.height", label: "Height inside" },
];
const HOLE_FIELDS: readonly FieldRow[] = [
  {
    field: "hole.measured",
    label: "Hole as measured",
    digits: 3,
    optional: true,
    hint: "Counts instead of the rule’s",
  },
  { field: "hole.above", label: "Hole above the bottom" },
  { field: "hole.openingDiameter", label: "Opening in the wall", optional: true, hint: "Empty: nothing cuts" },
  { field: "container.wall", label: "Wall", digits: 2 },
];
const SHEET_FIELDS: readonly FieldRow[] = [
  { field: "film.width", label: "Sheet, along" },
  { field: "film.height", label: "Sheet, up" },
];

const MEDIA = media.map(({ id, name, iso }) => ({ id, name, note: `ISO ${iso}` }));
const PLATES = plates.map(({ id, name, thickness }) => ({ id, name, note: `${thickness} mm` }));

/** Every size of the design as an entry, with material, plate and paper. */
export function Measures({
  camera,
  setField,
  onEdit,
}: {
  readonly camera: Camera;
  readonly setField: SetField;
  readonly onEdit: EditDesign;
}) {
  const { container } = camera;
  const { film, holes } = camera.chambers[0];
  const chooseMaterial = useCallback(
    (material: string) => onEdit("material", (now) => ({ ...now, container: { ...now.container, material } })),
    [onEdit],
  );
  const choosePaper = useCallback((medium: string) => onEdit("paper", (now) => withFilm(now, { medium })), [onEdit]);
  const choosePlate = useCallback(
    (id: string) => {
      const chosen = plates.find((row) => row.id === id);
      if (chosen) setField("hole.plateThickness", chosen.thickness);
    },
    [setField],
  );
  const box = container.shape === "box";
  const thickness = holes[0].plateThickness ?? 0;
  const plate = plates.find((row) => row.thickness === thickness);
  const rows = (fields: readonly FieldRow[]) => (
    <div className="grid grid-cols-2 gap-x-4 gap-y-3">
      {fields.map(({ field, ...row }) => (
        <LengthField
          key={field}
          {...row}
          name={field}
          value={fieldValue(camera, field)}
          onTake={(mm) => setField(field, mm)}
        />
      ))}
    </div>
  );
  return (
    <Panel title="Measures" aside={<UnitSwitch />}>
      <div className="grid gap-4">
        {rows(box ? BOX_FIELDS : ROUND_FIELDS)}
        <Choice label="Made of" value={container.material ?? null} options={materials} onChoose={chooseMaterial} />
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--sb-action)]"
            checked={container.insideBlack ?? false}
            onChange={(event) => {
              const insideBlack = event.target.checked;
              onEdit("paint", (now) => withContainer(now, { insideBlack }));
            }}
          />
          Inside painted flat black
        </label>
        {rows(SHEET_FIELDS)}
        <Choice label="Paper or film" value={film.medium ?? null} options={MEDIA} onChoose={choosePaper} />
        {rows(HOLE_FIELDS)}
        {box && rows([{ field: "hole.x", label: "Hole, right of the middle" }])}
        <Choice
          label="Plate"
          value={plate?.id ?? null}
          placeholder={`${thickness} mm`}
          options={PLATES}
          onChoose={choosePlate}
        />
        <p className="text-[0.83rem] text-quiet">
          Needles and cut metal are sharp: push away from your face and fold or clean every rim. {kindHint(camera)}
        </p>
      </div>
    </Panel>
  );
}

function kindHint(camera: Camera): string {
  const kind = kinds.find(({ id }) => id === cameraKind(camera));
  return kind?.shape === "cylinder"
    ? "The sheet stands on the bottom; heights count from there."
    : "Heights count from the inside bottom.";
}
