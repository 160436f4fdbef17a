/** What a maker types of a design: how it is called, written, and undone. */
export interface FieldRecord {
  readonly label: string;
  /** Written as a length (stored in mm), as an angle (degrees), or as a whole number. */
  readonly quantity: "length" | "angle" | "count";
  /** The words under which a change of it is undone; fields that are dragged together share them. */
  readonly undo: string;
  /** Decimals of a millimetre shown, where it is not the usual one. */
  readonly digits?: number;
  /** Whether the entry may be empty. */
  readonly optional?: boolean;
  /** A word beside the entry. */
  readonly hint?: string;
  /** A word beside the entry when a new container is measured. */
  readonly asked?: string;
}

/** The sizes of a design that a maker types. Lengths in mm; tilts in degrees; tiers, sectors, clicks are counts. */
export type DesignField =
  | "container.width"
  | "container.height"
  | "container.depth"
  | "container.diameter"
  | "container.wall"
  | "folded.sheet"
  | "folded.paper"
  | "folded.clearance"
  | "folded.overlap"
  | "drum.tiers"
  | "drum.sectors"
  | "drum.gap"
  | "film.width"
  | "film.height"
  | "film.x"
  | "film.y"
  | "film.slide"
  | "film.tiltX"
  | "film.tiltY"
  | "film.radius"
  | "film.distance"
  | "hole.x"
  | "hole.above"
  | "hole.diameter"
  | "hole.measured"
  | "hole.openingDiameter"
  | "hole.plateThickness"
  | "hole.base"
  | "chamber.divider"
  | "roll.gap"
  | "roll.core"
  | "roll.thickness"
  | "roll.length"
  | "roll.clicks"
  | "roll.leader"
  | "roll.tail";

/** Every size of a design. A kind of camera names those it has (`camera/kinds`). */
const FIELDS: Readonly<Record<DesignField, FieldRecord>> = {
  "container.width": { label: "Width inside", quantity: "length", undo: "width", asked: "Across the sheet" },
  "container.height": { label: "Height inside", quantity: "length", undo: "height" },
  "container.depth": { label: "Depth inside", quantity: "length", undo: "depth", asked: "Hole to sheet" },
  "container.diameter": { label: "Diameter inside", quantity: "length", undo: "diameter" },
  "container.wall": { label: "Wall", quantity: "length", undo: "wall", digits: 2 },
  "folded.sheet": { label: "Side of the square card", quantity: "length", undo: "square card" },
  "folded.paper": { label: "Card, how thick", quantity: "length", undo: "card" },
  "folded.clearance": { label: "Air between the boxes", quantity: "length", undo: "air between the boxes" },
  "folded.overlap": { label: "Overlap against light", quantity: "length", undo: "overlap" },
  "drum.tiers": { label: "Tiers", quantity: "count", undo: "tiers" },
  "drum.sectors": { label: "Chambers in a tier", quantity: "count", undo: "chambers" },
  "drum.gap": { label: "Air at the vanes’ edge", quantity: "length", undo: "air at the vanes" },
  "film.width": { label: "Sheet, along", quantity: "length", undo: "sheet size" },
  "film.height": { label: "Sheet, up", quantity: "length", undo: "sheet size" },
  "film.x": { label: "Sheet, right of the middle", quantity: "length", undo: "sheet place" },
  "film.y": { label: "Sheet, above the middle", quantity: "length", undo: "sheet place" },
  "film.slide": { label: "Sheet, slid round", quantity: "length", undo: "sheet place" },
  "film.tiltX": {
    label: "Lean to the top",
    quantity: "angle",
    undo: "lean",
    hint: "Plus: top nearer",
    asked: "Degrees; plus: its top nearer the hole",
  },
  "film.tiltY": {
    label: "Lean to the side",
    quantity: "angle",
    undo: "lean",
    hint: "Plus: right side nearer",
    asked: "Degrees; plus: its right side nearer the hole",
  },
  "film.radius": { label: "Sheet bowed to a radius of", quantity: "length", undo: "radius" },
  "film.distance": { label: "Hole to sheet", quantity: "length", undo: "distance" },
  "hole.x": { label: "Hole, right of the middle", quantity: "length", undo: "hole place" },
  "hole.above": {
    label: "Hole above the bottom",
    quantity: "length",
    undo: "hole place",
    asked: "Empty: opposite the sheet’s middle",
  },
  "hole.diameter": { label: "Hole, as bought or measured", quantity: "length", undo: "hole", digits: 3 },
  "hole.measured": {
    label: "Hole as measured",
    quantity: "length",
    undo: "measured hole",
    digits: 3,
    optional: true,
    hint: "Counts instead of the rule’s",
  },
  "hole.openingDiameter": {
    label: "Opening in the wall",
    quantity: "length",
    undo: "opening",
    optional: true,
    hint: "Empty: nothing cuts",
    asked: "Empty: nothing cuts",
  },
  "hole.plateThickness": { label: "Plate, how thick", quantity: "length", undo: "plate", digits: 2 },
  "hole.base": { label: "Holes apart", quantity: "length", undo: "holes apart", asked: "Eyes are about 65 mm apart" },
  "chamber.divider": {
    label: "Wall in the middle",
    quantity: "length",
    undo: "wall in the middle",
    optional: true,
    hint: "Stands forward of the sheet",
  },
  "roll.gap": { label: "Clear between pictures", quantity: "length", undo: "clear between pictures" },
  "roll.core": { label: "Take-up spool’s core", quantity: "length", undo: "spool" },
  "roll.thickness": { label: "Film’s thickness", quantity: "length", undo: "film’s thickness", digits: 3 },
  "roll.length": { label: "Film’s length", quantity: "length", undo: "film’s length" },
  "roll.clicks": { label: "Clicks in a turn", quantity: "count", undo: "clicks" },
  "roll.leader": { label: "Lost at the start", quantity: "length", undo: "lost at the start" },
  "roll.tail": { label: "Lost at the end", quantity: "length", undo: "lost at the end" },
};

/** Values of some fields: mm, degrees, counts. */
export type FieldValues = Readonly<Partial<Record<DesignField, number>>>;

/**
 * How a field is called, written and undone.
 *
 * @returns its record
 * @example fieldRecord("film.tiltX").quantity // "angle"
 */
export function fieldRecord(field: DesignField): FieldRecord {
  return FIELDS[field];
}

/**
 * Whether a name is that of a field: for names that come from outside.
 *
 * @returns whether it may be used as one
 * @example isDesignField("film.colour") // false
 */
export function isDesignField(name: string): name is DesignField {
  return Object.hasOwn(FIELDS, name);
}
