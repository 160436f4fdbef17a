import {
  arcPoints,
  hatchedRing,
  hatchedStrip,
  label,
  line,
  type Mark,
  outline,
  type Rectangle,
  rectangle,
} from "../../basis/drawing/index.ts";
import { type Camera, cameraBody, holeMount, PLATE_SIZE } from "../../camera/container/index.ts";
import { type FoldedSizes, foldedSizes, shapeOf } from "../../camera/shapes/index.ts";
import type { HoleSpec } from "../../light/solve/index.ts";
import type { BenchLayout } from "./layout.ts";

const HATCH_STEP = 5;

/** A gap in the front wall: page height of its middle and its width. */
interface Gap {
  readonly at: number;
  readonly width: number;
}

/** The container in plan and side view: hatched walls with the openings left free, the plates, the axes. */
export function containerViews(camera: Camera, layout: BenchLayout): readonly Mark[] {
  const { front, depth, across, high, below, wall, planMiddle, sideMiddle, pixel } = layout;
  const { holes } = camera.chambers[0];
  const step = HATCH_STEP * pixel;
  const gaps = (middle: number, place: (hole: HoleSpec) => number): readonly Gap[] =>
    holes
      .map((hole) => ({ at: middle - place(hole), width: openingOf(hole, pixel) }))
      .sort((a, b) => a.at - b.at)
      .filter((gap, index, all) => index === 0 || Math.abs(gap.at - (all[index - 1]?.at ?? 0)) > pixel);
  const acrossAt = gaps(planMiddle, ({ x = 0 }) => x);
  const upAt = gaps(sideMiddle, ({ y = 0 }) => y);
  const { vanes, folded } = shapeOf(camera.container);
  const tiers =
    vanes === null
      ? upAt
      : Array.from({ length: vanes.tiers }, (_, tier) => ({
          at: sideMiddle + tier * high,
          width: upAt[0]?.width ?? 0,
        }));
  const slid = folded === null ? null : foldedSizes(folded);
  const planInside = { x: front, y: planMiddle - across / 2, width: depth, height: across };
  const sideInside = { x: front, y: sideMiddle - high / 2, width: depth, height: high + below };
  const plan: readonly Mark[] =
    slid !== null
      ? slidShells(slid, planInside, acrossAt, wall, step)
      : cameraBody(camera).plan === "rectangle"
        ? shell(planInside, acrossAt, wall, step)
        : roundPlan(layout, acrossAt[0]?.width ?? 0, step);
  const side = slid !== null ? slidShells(slid, sideInside, upAt, wall, step) : shell(sideInside, tiers, wall, step);
  const plateHalf = Math.min(PLATE_SIZE, across * 0.8, high * 0.8) / 2;
  // Outside, the plate lies on the drawn wall, which is never thinner than the eye can see.
  const plateAt = camera.container.plateSide === "outside" ? front - wall : front;
  const plate = ({ at }: Gap): Mark =>
    line("plate", { x: plateAt, y: at - plateHalf }, { x: plateAt, y: at + plateHalf });
  const axis = ({ at }: Gap): Mark =>
    line("axis", { x: front - wall - 12 * pixel, y: at }, { x: front + depth + wall + 12 * pixel, y: at });
  const stamp = (text: string, y: number): Mark =>
    label(text, { x: front - wall - 98 * pixel, y }, 11 * pixel, { layer: "stamp", anchor: "start" });
  return [
    ...plan,
    ...side,
    ...[...acrossAt, ...tiers].flatMap((gap) => [...(holeMount(camera) === "wall" ? [] : [plate(gap)]), axis(gap)]),
    stamp("PLAN", planMiddle - across / 2 - wall - 16 * pixel),
    stamp("SIDE", sideMiddle - high / 2 - wall - 16 * pixel),
  ];
}

/** Two open boxes one in the other: the outer holds the hole, the inner the sheet; each as long as its own walls. */
function slidShells(
  { wall: outerWall, innerWall }: FoldedSizes,
  { x, y, width, height }: Rectangle,
  gaps: readonly Gap[],
  wall: number,
  step: number,
): readonly Mark[] {
  const outer = { x, y: y - wall, width: outerWall, height: height + 2 * wall };
  return [
    ...shell(outer, gaps, wall, step, "right"),
    ...shell({ x: x + width - innerWall, y, width: innerWall, height }, [], wall, step, "left"),
  ];
}

function openingOf(hole: HoleSpec, pixel: number): number {
  return Math.max(hole.openingDiameter ?? 0, hole.diameter === "best" ? 0 : hole.diameter, 4 * pixel);
}

/**
 * Walls round an inside rectangle; the front one (left) is open at the gaps, which come in order from the top.
 *
 * @param open side that has no wall at all
 */
function shell(
  inside: Rectangle,
  gaps: readonly Gap[],
  wall: number,
  step: number,
  open: "left" | "right" | null = null,
): readonly Mark[] {
  const { x, y, width, height } = inside;
  const ends = [y, ...gaps.flatMap(({ at, width: gap }) => [at - gap / 2, at + gap / 2]), y + height];
  const pieces = Array.from({ length: gaps.length + 1 }, (_, i) => [ends[2 * i] ?? y, ends[2 * i + 1] ?? y] as const);
  const [left, right] = [open === "left" ? 0 : wall, open === "right" ? 0 : wall];
  const strips: readonly Rectangle[] = [
    { x: x - left, y: y - wall, width: width + left + right, height: wall },
    { x: x - left, y: y + height, width: width + left + right, height: wall },
    ...(open === "right" ? [] : [{ x: x + width, y, width: wall, height }]),
    ...(open === "left"
      ? []
      : pieces.map(([from, to]) => ({ x: x - wall, y: from, width: wall, height: Math.max(0, to - from) }))),
  ];
  const hatches = strips.flatMap((strip) => hatchedStrip(strip, step));
  if (open !== null) return [...hatches, ...strips.map((strip) => rectangle("wall", strip))];
  return [
    ...hatches,
    rectangle("wall", { x: x - wall, y: y - wall, width: width + 2 * wall, height: height + 2 * wall }),
    rectangle("wall", inside),
    ...ends.slice(1, -1).map((at) => line("wall", { x: x - wall, y: at }, { x, y: at })),
  ];
}

function roundPlan(
  { front, depth, planMiddle, wall, pixel }: BenchLayout,
  opening: number,
  step: number,
): readonly Mark[] {
  const radius = depth / 2;
  const centre = { x: front + radius, y: planMiddle };
  const half = Math.min(0.6, Math.asin(Math.min(1, opening / depth)));
  const ring = hatchedRing(centre, radius, radius + wall, step).filter(({ points }) => {
    const [at] = points;
    return at === undefined || Math.abs(at.y - centre.y) > opening / 2 || at.x > centre.x;
  });
  const tolerance = 0.2 * pixel;
  const arc = (r: number): readonly Mark[] => [
    { kind: "line", layer: "wall", points: arcPoints(centre, r, -Math.PI + half, Math.PI - half, tolerance) },
  ];
  const cheek = (angle: number): Mark =>
    outline("wall", [
      { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) },
      { x: centre.x + (radius + wall) * Math.cos(angle), y: centre.y + (radius + wall) * Math.sin(angle) },
    ]);
  return [...ring, ...arc(radius), ...arc(radius + wall), cheek(Math.PI - half), cheek(Math.PI + half)];
}
