import type { DrumContainer } from "../container/model/containers.ts";
import type { DesignFault } from "../fields/designFault.ts";
import { counted, LARGEST, notNegative, positive } from "../fields/limits.ts";
import type { Stand } from "../mounts/room.ts";
import { PAST_COLLAR, type Shape, type ShapeFacts } from "./shape.ts";

/** A drum turned before its holes: tiers of chambers between vanes. */
export const drumShape: Shape<"drum"> = {
  plan: () => "sector",
  from: (sizes, common) => ({
    shape: "drum",
    diameter: sizes["container.diameter"] ?? 0,
    height: sizes["container.height"] ?? 0,
    tiers: sizes["drum.tiers"] ?? 2,
    sectors: sizes["drum.sectors"] ?? 4,
    gap: sizes["drum.gap"] ?? 2,
    baffle: USUAL_BAFFLE,
    ...common,
  }),
  facts,
};

/** Strips that part the chambers of a drum of the usual sizes; the Bench says when another wants others. Our own, mm. */
const USUAL_BAFFLE = { aside: 17, height: 11 } as const;

function facts(container: DrumContainer): ShapeFacts {
  const { diameter, height, wall, tiers, sectors } = container;
  return {
    body: () => ({
      depth: diameter / 2,
      across: diameter * Math.sin(Math.PI / Math.max(2, sectors)),
      high: height / tiers,
      plan: "sector",
      face: "wall",
    }),
    slides: true,
    reach: null,
    // Two thirds of the way to the hub leaves the sheet room between the vanes.
    usualDistance: Math.round(diameter / 3),
    far: () => "film.distance",
    dimensions: () => ({ across: "container.diameter", high: "container.height" }),
    longestArc: (stand) => arcBetweenVanes(container, stand),
    faults: (distance) => faults(container, distance),
    round: { diameter, height },
    tiers,
    chambers: () => chamberLabels(tiers, sectors),
    vanes: container,
    folded: null,
    usuallyMetal: true,
    sealTape: () => 2 * (Math.PI * (diameter + 2 * wall) + PAST_COLLAR),
    paintedInside: Math.PI * diameter * height + (Math.PI * diameter ** 2) / 2,
    turned: () => container,
  };
}

/**
 * Names of a drum's chambers: tier by letter from the top (T, M…, B), position by number: T1 … B4.
 *
 * @returns tier by tier from the top
 * @example chamberLabels(2, 2) // ["T1", "T2", "B1", "B2"]
 */
export function chamberLabels(tiers: number, sectors: number): readonly string[] {
  const names = Array.from({ length: Math.round(tiers) }, (_, tier) =>
    tier === 0 && tiers > 1 ? "T" : tier === Math.round(tiers) - 1 ? "B" : `M${tiers > 3 ? tier : ""}`,
  );
  return names.flatMap((tier) => Array.from({ length: Math.round(sectors) }, (_, i) => `${tier}${i + 1}`));
}

const DRUM_STEPS = 400;

/** The longest arc between two vanes: x ≤ (R − z)·tan(π/sectors) all along it. */
function arcBetweenVanes(container: DrumContainer, { radius = 0, distance }: Stand): number {
  const hub = container.diameter / 2;
  const spread = Math.tan(Math.PI / Math.max(3, container.sectors));
  const clear = (angle: number): boolean => {
    const z = distance - radius * (1 - Math.cos(angle));
    return z > 0 && radius * Math.sin(angle) <= (hub - z) * spread;
  };
  let reach = 0;
  for (let step = 1; step <= DRUM_STEPS; step++) {
    const angle = ((Math.PI / 2) * step) / DRUM_STEPS;
    if (!clear(angle)) break;
    reach = angle;
  }
  return 2 * radius * reach;
}

function faults(container: DrumContainer, distance: number): readonly DesignFault[] {
  const radius = container.diameter / 2;
  return [
    ...positive("container.diameter", container.diameter, LARGEST),
    ...positive("container.height", container.height, LARGEST),
    ...counted("drum.tiers", container.tiers, 1, 8),
    ...counted("drum.sectors", container.sectors, 3, 12),
    ...notNegative("drum.gap", container.gap, 50),
    ...(distance > 0 && distance < radius
      ? []
      : [
          {
            field: "film.distance" as const,
            limit: { code: "vanes" as const, meet: radius },
          },
        ]),
  ];
}
