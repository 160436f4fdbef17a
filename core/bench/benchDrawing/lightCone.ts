import { line, type Mark, outline, type Point } from "../../basis/drawing/index.ts";
import { type Surface, surfacePoint } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import type { BenchLayout } from "./layout.ts";

const CONE_LENGTH = 84;
const CURVE_POINTS = 48;

/** Sheet and light cone in plan and side view: the sheet as it stands, the rays through the hole to its edges and out. */
export function lightCone(model: OpticalModel, layout: BenchLayout): readonly Mark[] {
  const inPlan = (s: number): Point => {
    const { place } = surfacePoint(model.surface, s, 0);
    return { x: layout.hole + place.z, y: layout.planMiddle - place.x };
  };
  const inSide = (t: number): Point => {
    const { place } = surfacePoint(model.surface, middle(model.surface), t);
    return { x: layout.hole + place.z, y: layout.sideMiddle - place.y };
  };
  const planHole = { x: layout.hole, y: layout.planMiddle - model.place.x };
  const sideHole = { x: layout.hole, y: layout.sideMiddle - model.place.y };
  const along = (count: number, length: number, at: (v: number) => Point): readonly Point[] =>
    Array.from({ length: count + 1 }, (_, i) => at(length * (i / count - 0.5)));
  const curved = model.surface.kind === "cylinder";
  return [
    ...cone(planHole, along(curved ? CURVE_POINTS : 1, model.width, inPlan), layout),
    ...cone(sideHole, along(1, model.height, inSide), layout),
  ];
}

/** The sheet's far point, where the side view cuts it. */
function middle(surface: Surface): number {
  return surface.kind === "cylinder" ? -surface.slide : 0;
}

function cone(hole: Point, sheet: readonly Point[], layout: BenchLayout): readonly Mark[] {
  const reach = CONE_LENGTH * layout.pixel;
  const first = sheet[0] as Point;
  const last = sheet.at(-1) as Point;
  const out = ({ x, y }: Point): Point => {
    const distance = Math.hypot(hole.x - x, hole.y - y) || 1;
    return { x: hole.x + ((hole.x - x) / distance) * reach, y: hole.y + ((hole.y - y) / distance) * reach };
  };
  return [
    outline("beam", [hole, ...sheet]),
    outline("beam", [hole, out(first), out(last)]),
    line("light", first, out(first)),
    line("light", last, out(last)),
    { kind: "line", layer: "sheet", points: sheet },
  ];
}
