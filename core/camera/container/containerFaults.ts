import type { Camera, DrumContainer, FoldedContainer, RollSpec } from "./camera.ts";
import type { DesignFault, LengthWords } from "./designFault.ts";
import { foldedSizes } from "./folded.ts";
import { counted, LARGEST, notNegative, positive } from "./limits.ts";

const HAIR = 1e-6;

/** Sizes of the container and of what winds the film that are wrong in themselves. */
export function containerFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const { container } = camera;
  const { film, roll } = camera.chambers[0];
  const wall = notNegative("container.wall", container.wall, 100, words);
  switch (container.shape) {
    case "box":
      return [
        ...positive("container.width", container.width, LARGEST, words),
        ...positive("container.depth", container.depth, LARGEST, words),
        ...positive("container.height", container.height, LARGEST, words),
        ...wall,
        ...(roll == null ? [] : rollFaults(roll, words)),
      ];
    case "cylinder":
      return [
        ...positive("container.diameter", container.diameter, LARGEST, words),
        ...positive("container.height", container.height, LARGEST, words),
        ...wall,
      ];
    case "folded":
      return [...wall, ...foldedFaults(container, film.distance, words)];
    case "drum":
      return [...wall, ...drumFaults(container, film.distance, words)];
    default:
      return container satisfies never;
  }
}

function foldedFaults(container: FoldedContainer, distance: number, words: LengthWords): readonly DesignFault[] {
  const own = [
    ...positive("folded.sheet", container.sheet, 2000, words),
    ...notNegative("folded.paper", container.paper, 5, words),
    ...notNegative("folded.clearance", container.clearance, 10, words),
    ...notNegative("folded.overlap", container.overlap, 200, words),
  ];
  if (own.length > 0) return own;
  const { nearest, farthest, innerSheet } = foldedSizes(container);
  if (innerSheet <= 0 || farthest <= nearest) {
    return [
      {
        field: "folded.overlap",
        message: "With this overlap and card nothing is left to slide. Make the overlap less, or the square larger.",
      },
    ];
  }
  return distance < nearest - HAIR || distance > farthest + HAIR
    ? [
        {
          field: "film.distance",
          message: `These two boxes slide from ${words(nearest)} to ${words(farthest)} hole to sheet.`,
        },
      ]
    : [];
}

function drumFaults(container: DrumContainer, distance: number, words: LengthWords): readonly DesignFault[] {
  const radius = container.diameter / 2;
  return [
    ...positive("container.diameter", container.diameter, LARGEST, words),
    ...positive("container.height", container.height, LARGEST, words),
    ...counted("drum.tiers", container.tiers, 1, 8),
    ...counted("drum.sectors", container.sectors, 3, 12),
    ...notNegative("drum.gap", container.gap, 50, words),
    ...(distance > 0 && distance < radius
      ? []
      : [
          {
            field: "film.distance" as const,
            message: `The vanes meet ${words(radius)} from the hole: the sheet must stand nearer, above 0.`,
          },
        ]),
  ];
}

function rollFaults(roll: RollSpec, words: LengthWords): readonly DesignFault[] {
  return [
    ...notNegative("roll.gap", roll.gap, 100, words),
    ...positive("roll.core", roll.core, 100, words),
    ...positive("roll.thickness", roll.thickness, 2, words),
    ...positive("roll.length", roll.length, LARGEST, words),
    ...counted("roll.clicks", roll.clicks, 1, 100),
    ...notNegative("roll.leader", roll.leader, LARGEST, words),
    ...notNegative("roll.tail", roll.tail, LARGEST, words),
  ];
}
