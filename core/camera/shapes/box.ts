import type { BoxContainer } from "../container/model/containers.ts";
import { LARGEST, positive } from "../fields/limits.ts";
import { arcBetweenWalls } from "./bowedRoom.ts";
import { PAST_COLLAR, type Shape, type ShapeFacts } from "./shape.ts";

/** A box: hole in one face, sheet on or before the face opposite. */
export const boxShape: Shape<"box"> = {
  plan: () => "rectangle",
  from: (sizes, common) => ({
    shape: "box",
    width: sizes["container.width"] ?? 0,
    height: sizes["container.height"] ?? 0,
    depth: sizes["container.depth"] ?? 0,
    ...common,
  }),
  facts,
};

function facts(container: BoxContainer): ShapeFacts {
  const { width, height, depth } = container;
  return {
    body: () => ({ depth, across: width, high: height, plan: "rectangle", face: "rectangle" }),
    slides: false,
    reach: null,
    usualDistance: depth,
    far: () => "container.depth",
    dimensions: () => ({ along: "container.depth", across: "container.width", high: "container.height" }),
    longestArc: (stand) => arcBetweenWalls(width, depth, stand),
    faults: (_) => [
      ...positive("container.width", width, LARGEST),
      ...positive("container.depth", depth, LARGEST),
      ...positive("container.height", height, LARGEST),
    ],
    round: null,
    tiers: 1,
    chambers: () => ["1"],
    vanes: null,
    folded: null,
    usuallyMetal: false,
    sealTape: () => 2 * (2 * (width + height) + PAST_COLLAR),
    paintedInside: 2 * (width * height + width * depth + height * depth),
    turned: (inside) => ({ ...container, width: inside.across, height: inside.high, depth: inside.depth }),
  };
}
