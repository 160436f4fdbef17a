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

/** How a field is written: as a length, as an angle, or as a whole number. */
export function fieldQuantity(field: DesignField): "length" | "angle" | "count" {
  switch (field) {
    case "film.tiltX":
    case "film.tiltY":
      return "angle";
    case "drum.tiers":
    case "drum.sectors":
    case "roll.clicks":
      return "count";
    default:
      return "length";
  }
}
