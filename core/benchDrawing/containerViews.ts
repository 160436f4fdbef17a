import { type Camera, PLATE_SIZE } from "../container/index.ts";
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
} from "../drawing/index.ts";
import type { Layout } from "./layout.ts";

const HATCH_STEP = 5;

/** The container in plan and side view: hatched walls with the opening left free, the plate, the axis. */
export function containerViews(camera: Camera, layout: Layout): readonly Mark[] {
  const { front, depth, across, high, wall, planMiddle, sideMiddle, pixel } = layout;
  const [hole] = camera.chambers[0].holes;
  const opening = Math.max(hole.openingDiameter ?? 0, hole.diameter === "best" ? 0 : hole.diameter, 4 * pixel);
  const holeX = hole.x ?? 0;
  const holeY = hole.y ?? 0;
  const round = camera.container.shape === "cylinder";
  const step = HATCH_STEP * pixel;
  const plan: readonly Mark[] = round
    ? roundPlan(layout, opening, step)
    : shell(
        { x: front, y: planMiddle - across / 2, width: depth, height: across },
        planMiddle - holeX,
        opening,
        wall,
        step,
      );
  const side = shell(
    { x: front, y: sideMiddle - high / 2, width: depth, height: high },
    sideMiddle - holeY,
    opening,
    wall,
    step,
  );
  const plateHalf = Math.min(PLATE_SIZE, across * 0.8, high * 0.8) / 2;
  const plate = (y: number): Mark => line("plate", { x: front, y: y - plateHalf }, { x: front, y: y + plateHalf });
  const axis = (y: number): Mark =>
    line("axis", { x: front - wall - 12 * pixel, y }, { x: front + depth + wall + 12 * pixel, y });
  const stamp = (text: string, y: number): Mark =>
    label(text, { x: 14 * pixel, y }, 11 * pixel, { layer: "stamp", anchor: "start" });
  return [
    ...plan,
    ...side,
    plate(planMiddle - holeX),
    plate(sideMiddle - holeY),
    axis(planMiddle - holeX),
    axis(sideMiddle - holeY),
    stamp("PLAN", planMiddle - across / 2 - wall - 16 * pixel),
    stamp("SIDE", sideMiddle - high / 2 - wall - 16 * pixel),
  ];
}

/** Four walls round an inside rectangle; the front one (left) is open for the hole at page height `holeAt`. */
function shell(inside: Rectangle, holeAt: number, opening: number, wall: number, step: number): readonly Mark[] {
  const { x, y, width, height } = inside;
  const gap = { top: holeAt - opening / 2, bottom: holeAt + opening / 2 };
  const strips: readonly Rectangle[] = [
    { x: x - wall, y: y - wall, width: width + 2 * wall, height: wall },
    { x: x - wall, y: y + height, width: width + 2 * wall, height: wall },
    { x: x + width, y, width: wall, height },
    { x: x - wall, y, width: wall, height: Math.max(0, gap.top - y) },
    { x: x - wall, y: gap.bottom, width: wall, height: Math.max(0, y + height - gap.bottom) },
  ];
  return [
    ...strips.flatMap((strip) => hatchedStrip(strip, step)),
    rectangle("wall", { x: x - wall, y: y - wall, width: width + 2 * wall, height: height + 2 * wall }),
    rectangle("wall", inside),
    line("wall", { x: x - wall, y: gap.top }, { x, y: gap.top }),
    line("wall", { x: x - wall, y: gap.bottom }, { x, y: gap.bottom }),
  ];
}

function roundPlan({ front, depth, planMiddle, wall, pixel }: Layout, opening: number, step: number): readonly Mark[] {
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
