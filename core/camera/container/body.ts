import type { Camera, CameraKind, Container, FoldedContainer } from "./camera.ts";
import { cameraKind } from "./camera.ts";
import { foldedBase } from "./folded.ts";
import { sheetOnWall } from "./traits.ts";

/** The inside of one chamber in the camera's axes, mm: how far along z, along x, along y. */
export interface Body {
  readonly depth: number;
  readonly across: number;
  readonly high: number;
  /** What its outline is from above. */
  readonly plan: "rectangle" | "round" | "sector";
  /** The side the hole is in. */
  readonly face: "rectangle" | "disc" | "wall";
}

/** The inside of a container, seen from the hole of one chamber. `distance` is where a sliding back stands. */
export function bodyOf(container: Container, kind: CameraKind, distance: number): Body {
  switch (container.shape) {
    case "box":
      return {
        depth: container.depth,
        across: container.width,
        high: container.height,
        plan: "rectangle",
        face: "rectangle",
      };
    case "cylinder":
      return sheetOnWall(kind)
        ? {
            depth: container.diameter,
            across: container.diameter,
            high: container.height,
            plan: "round",
            face: "wall",
          }
        : {
            depth: container.height,
            across: container.diameter,
            high: container.diameter,
            plan: "rectangle",
            face: "disc",
          };
    case "folded":
      return foldedBody(container, distance);
    case "drum":
      return {
        depth: container.diameter / 2,
        across: container.diameter * Math.sin(Math.PI / Math.max(2, container.sectors)),
        high: container.height / container.tiers,
        plan: "sector",
        face: "wall",
      };
    default:
      return container satisfies never;
  }
}

/** {@link bodyOf} for a design. */
export function cameraBody(camera: Camera): Body {
  return bodyOf(camera.container, cameraKind(camera), camera.chambers[0].film.distance);
}

function foldedBody(container: FoldedContainer, distance: number): Body {
  const base = foldedBase(container.sheet);
  return { depth: distance, across: base, high: base, plan: "rectangle", face: "rectangle" };
}
