import type { Container } from "../container/model/containers.ts";
import type { ShapeName } from "../kinds/kind.ts";
import { boxShape } from "./box.ts";
import { cylinderShape } from "./cylinder.ts";
import { drumShape } from "./drum.ts";
import { foldedShape } from "./folded.ts";
import type { Shape, ShapeFacts } from "./shape.ts";

/** Every shape by its name in a file. */
export const SHAPES: { readonly [Name in ShapeName]: Shape<Name> } = {
  box: boxShape,
  cylinder: cylinderShape,
  folded: foldedShape,
  drum: drumShape,
};

/**
 * What there is to know of a container by its shape. The one place that asks which shape it is: everywhere else the
 * answers are asked for.
 *
 * @returns facts and the functions that need the container’s sizes; mm
 * @example shapeOf({ shape: "box", width: 165, height: 118, depth: 70, wall: 1 }).far(false) // "container.depth"
 */
export function shapeOf(container: Container): ShapeFacts {
  switch (container.shape) {
    case "box":
      return boxShape.facts(container);
    case "cylinder":
      return cylinderShape.facts(container);
    case "folded":
      return foldedShape.facts(container);
    case "drum":
      return drumShape.facts(container);
    default:
      return container satisfies never;
  }
}
