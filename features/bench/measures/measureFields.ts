import type { CameraKind, DesignField } from "../../../core/camera/container/index.ts";

/** An entry for one size of a design. */
export interface FieldRow {
  readonly field: DesignField;
  readonly label: string;
  readonly digits?: number;
  readonly optional?: boolean;
  readonly hint?: string;
}

const BOX: readonly FieldRow[] = [
  { field: "container.width", label: "Width inside" },
  { field: "container.height", label: "Height inside" },
  { field: "container.depth", label: "Depth inside" },
];
const ROUND: readonly FieldRow[] = [
  { field: "container.diameter", label: "Diameter inside" },
  { field: "container.height", label: "Height inside" },
];
const LEAN: readonly FieldRow[] = [
  { field: "film.tiltY", label: "Lean to the side", hint: "Plus: right side nearer" },
  { field: "film.tiltX", label: "Lean to the top", hint: "Plus: top nearer" },
];
const ROLL: readonly FieldRow[] = [
  { field: "roll.gap", label: "Clear between pictures" },
  { field: "roll.core", label: "Take-up spool’s core" },
  { field: "roll.thickness", label: "Film’s thickness", digits: 3 },
  { field: "roll.length", label: "Film’s length" },
  { field: "roll.leader", label: "Lost at the start" },
  { field: "roll.tail", label: "Lost at the end" },
  { field: "roll.clicks", label: "Clicks in a turn" },
];

/** The sizes of a container of this kind. */
export function containerFields(kind: CameraKind): readonly FieldRow[] {
  switch (kind) {
    case "flat-box":
    case "bought-box":
      return BOX;
    case "slanted-box":
      return [...BOX, ...LEAN];
    case "curved-box":
      return [...BOX, { field: "film.radius", label: "Sheet bowed to a radius of" }];
    case "stereo-box":
      return [
        ...BOX,
        { field: "chamber.divider", label: "Wall in the middle", optional: true, hint: "Stands forward of the sheet" },
      ];
    case "roll-carton":
      return [...BOX, ...ROLL];
    case "folded-box":
      return [
        { field: "folded.sheet", label: "Side of the square card" },
        { field: "film.distance", label: "Hole to sheet" },
        { field: "folded.paper", label: "Card, how thick" },
        { field: "folded.clearance", label: "Air between the boxes" },
        { field: "folded.overlap", label: "Overlap against light" },
      ];
    case "drum":
      return [
        ...ROUND,
        { field: "film.distance", label: "Hole to sheet" },
        { field: "film.radius", label: "Sheet bowed to a radius of" },
        { field: "drum.tiers", label: "Tiers" },
        { field: "drum.sectors", label: "Chambers in a tier" },
        { field: "drum.gap", label: "Air at the vanes’ edge" },
      ];
    case "curled-can":
    case "far-wall-tin":
    case "canister":
    case "lid-can":
      return ROUND;
    default:
      return kind satisfies never;
  }
}

export const SHEET_FIELDS: readonly FieldRow[] = [
  { field: "film.width", label: "Sheet, along" },
  { field: "film.height", label: "Sheet, up" },
];

const HOLE: readonly FieldRow[] = [
  {
    field: "hole.measured",
    label: "Hole as measured",
    digits: 3,
    optional: true,
    hint: "Counts instead of the rule’s",
  },
  { field: "hole.openingDiameter", label: "Opening in the wall", optional: true, hint: "Empty: nothing cuts" },
  { field: "container.wall", label: "Wall", digits: 2 },
];
const ABOVE: FieldRow = { field: "hole.above", label: "Hole above the bottom" };
const ASIDE: FieldRow = { field: "hole.x", label: "Hole, right of the middle" };

/** Where the hole can be, and how wide its opening is. */
export function holeFields(kind: CameraKind): readonly FieldRow[] {
  if (kind === "drum") return HOLE;
  const onWall = kind === "curled-can" || kind === "far-wall-tin" || kind === "canister";
  return onWall ? [...HOLE, ABOVE] : [...HOLE, ABOVE, ASIDE];
}
