import { type Camera, type Container, cameraKind, seated, withAim, withChamber } from "../../camera/container/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import type { Layout } from "./layout.ts";

/**
 * A camera made over into a layout. Its container keeps its sizes; where the hole moves to another face, they change
 * their names (depth becomes width, and so on). What was measured stays only if the hole's face and number stay.
 *
 * @returns a camera that can be built where the layout can; pure
 * @example withLayout(box, find({ camera: box, … }).found[0].layout).chambers[0].film // the layout’s sheet
 */
export function withLayout(camera: Camera, layout: Layout): Camera {
  const { film, holes } = camera.chambers[0];
  const [first] = holes;
  const made = layout.holes.map((place) => ({ ...first, ...place, plateThickness: layout.plateThickness }));
  const [one, ...others] = made;
  if (one === undefined) return camera;
  const bowed = layout.film.surface === "cylinder";
  const next = withChamber(
    { ...camera, container: containerOf(camera, layout) },
    {
      holes: [one, ...others],
      film: {
        x: 0,
        y: 0,
        ...layout.film,
        ...(bowed ? { slide: 0 } : { tiltX: 0, tiltY: 0 }),
        medium: film.medium,
        format: layout.format.id,
        trim: layout.used > 0.9999 ? null : { width: layout.film.width, height: layout.film.height },
      },
      divider: null,
    },
  );
  const sameHole =
    cameraKind(camera) === layout.kind &&
    layout.holes.length === holes.length &&
    layout.face !== "side" &&
    layout.face !== "top";
  return seated(withAim({ ...next, measurements: sameHole ? (camera.measurements ?? []) : [] }, { rule: layout.rule }));
}

function containerOf(camera: Camera, { kind, inside }: Layout): Container {
  return { ...shapeOf(camera.container).turned(inside), kind };
}
