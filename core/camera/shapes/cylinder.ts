import type { CylinderContainer } from "../container/model/containers.ts";
import { LARGEST, positive } from "../fields/limits.ts";
import { arcBetweenWalls } from "./bowedRoom.ts";
import { PAST_COLLAR, type Shape, type ShapeFacts } from "./shape.ts";

/** A can, tin or canister: hole in its wall and the sheet on the wall, or hole in its lid and the sheet on the bottom. */
export const cylinderShape: Shape<"cylinder"> = {
  plan: (onWall) => (onWall ? "round" : "rectangle"),
  from: (sizes, common) => ({
    shape: "cylinder",
    diameter: sizes["container.diameter"] ?? 0,
    height: sizes["container.height"] ?? 0,
    ...common,
  }),
  facts,
};

/**
 * The rim a cap or a collar of tape goes round, mm: measured, or the inner diameter with its walls.
 *
 * @returns mm
 * @example rimDiameter({ diameter: 66, wall: 0.5 }, null) // 67
 */
export function rimDiameter(
  { diameter, wall }: { readonly diameter: number; readonly wall: number },
  measured: number | null,
): number {
  return measured ?? diameter + 2 * wall;
}

function facts(container: CylinderContainer): ShapeFacts {
  const { diameter, height } = container;
  return {
    body: (onWall) =>
      onWall
        ? { depth: diameter, across: diameter, high: height, plan: "round", face: "wall" }
        : { depth: height, across: diameter, high: diameter, plan: "rectangle", face: "disc" },
    slides: false,
    reach: null,
    usualDistance: diameter,
    far: (onWall) => (onWall ? "container.diameter" : "container.height"),
    dimensions: (onWall) =>
      onWall
        ? { along: "container.diameter", high: "container.height" }
        : { along: "container.height", across: "container.diameter" },
    longestArc: (stand) => arcBetweenWalls(diameter, height, stand),
    faults: (_) => [
      ...positive("container.diameter", diameter, LARGEST),
      ...positive("container.height", height, LARGEST),
    ],
    round: { diameter, height },
    tiers: 1,
    chambers: () => ["1"],
    vanes: null,
    folded: null,
    usuallyMetal: true,
    sealTape: (rim) => 2 * (Math.PI * rimDiameter(container, rim) + PAST_COLLAR),
    paintedInside: Math.PI * diameter * height + (Math.PI * diameter ** 2) / 2,
    turned: () => container,
  };
}
