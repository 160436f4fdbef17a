import { arcPoints, line, type Mark, outline, type Point, rectangle, type Scene } from "../../basis/drawing/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { mountOf } from "../../camera/mounts/index.ts";
import { SHAPES } from "../../camera/shapes/index.ts";
import { surfacePoint } from "../../light/rays/index.ts";
import { surfaceOf } from "../../light/solve/index.ts";
import type { Layout } from "./layout.ts";

/**
 * A layout from above, small: walls, sheet, cones.
 *
 * @returns a scene, mm
 * @example layoutSketch(find({ camera: box, … }).found[0].layout).bounds // as large as the container, mm
 */
export function layoutSketch({ inside, film, holes, kind }: Layout): Scene {
  const surface = surfaceOf(film);
  const { across, depth } = inside;
  const plan = SHAPES[kindRecord(kind).shape].plan(mountOf(kind).onWall);
  const round = plan !== "rectangle";
  const steps = film.surface === "cylinder" ? 24 : 1;
  const sheet = Array.from({ length: steps + 1 }, (_, i): Point => {
    const { place } = surfacePoint(surface, film.width * (i / steps - 0.5), 0);
    return { x: place.z, y: -place.x };
  });
  // Of a drum the finder knows the whole diameter across, and the depth to its hub.
  const size = plan === "sector" ? across : Math.max(depth, across);
  const cones = holes.map(({ x }): Mark => outline("beam", [{ x: 0, y: -x }, ...sheet]));
  const body: Mark = round
    ? outline("wall", arcPoints({ x: size / 2, y: 0 }, size / 2, 0, 2 * Math.PI, size / 500))
    : rectangle("wall", { x: 0, y: -across / 2, width: depth, height: across });
  const half = size / 2;
  const left = (depth - size) / 2;
  return {
    bounds: { x: round ? -0.04 * size : left - 0.04 * size, y: -half * 1.08, width: size * 1.08, height: size * 1.08 },
    marks: [
      ...cones,
      body,
      line("sheet", ...sheet),
      ...holes.map(({ x }): Mark => line("plate", { x: 0, y: -x - size * 0.04 }, { x: 0, y: -x + size * 0.04 })),
    ],
  };
}
