import {
  arcPoints,
  label,
  line,
  type Mark,
  moved,
  outline,
  type Point,
  rectangle,
  type Scene,
} from "../../basis/drawing/index.ts";
import { type Camera, cameraBody, cameraKind } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { foldedSizes, shapeOf } from "../../camera/shapes/index.ts";

/** Cabinet projection: depth runs up to the right at 45°, at this share of its length. */
const DEPTH_SHARE = 0.35;
/** Height of the ellipse of a round container's rim, as a share of its width. */
const RIM = 0.14;

/**
 * A container as it stands on a shelf: seen a little from above, its hole towards us, bottom at y = 0, true size in mm.
 * A numbered set stands in a row; those exposed stand on their lids.
 *
 * @param camera design with positive sizes
 * @param smallestDot radius of the hole's mark, mm (a real hole would not show)
 * @returns a scene, mm
 * @example silhouette(box, 1).bounds.height // 135.32…
 */
export function silhouette(camera: Camera, smallestDot: number): Scene {
  return camera.set ? setSilhouette(camera, smallestDot) : one(camera, smallestDot);
}

function one(camera: Camera, dot: number): Scene {
  const { face } = cameraBody(camera);
  if (face === "wall") return roundSilhouette(camera, dot);
  return face === "disc" ? lyingSilhouette(camera, dot) : boxSilhouette(camera, dot);
}

/** As many of a set as are drawn: the rest stand behind. */
const MOST_DRAWN = 12;
/** Air between two of a set, share of their width. */
const SET_GAP = 0.12;

function setSilhouette(camera: Camera, dot: number): Scene {
  const { bounds, marks } = one(camera, dot);
  const { count, exposed } = camera.set ?? { count: 1, exposed: [] };
  const drawn = Math.min(MOST_DRAWN, Math.max(1, count));
  const step = bounds.width * (1 + SET_GAP);
  const each = Array.from({ length: drawn }, (_, i) => {
    const number = i + 1;
    const spent = exposed.includes(number);
    const own = spent ? upsideDown(marks, bounds.y + bounds.height / 2) : marks;
    const name = label(
      String(number),
      { x: bounds.width / 2, y: -bounds.height * (spent ? 0.88 : 0.1) },
      bounds.width * 0.36,
      {
        layer: "stamp",
      },
    );
    return moved([...own, name], i * step, 0);
  });
  return { bounds: { ...bounds, width: step * (drawn - 1) + bounds.width }, marks: each.flat() };
}

function upsideDown(marks: readonly Mark[], middle: number): readonly Mark[] {
  const flip = ({ x, y }: Point): Point => ({ x, y: 2 * middle - y });
  return marks.map((mark) => {
    if (mark.kind === "line") return { ...mark, points: mark.points.map(flip) };
    return mark.kind === "circle" ? { ...mark, centre: flip(mark.centre) } : { ...mark, at: flip(mark.at) };
  });
}

function boxSilhouette(camera: Camera, dot: number): Scene {
  const { across: width, high: height, depth } = cameraBody(camera);
  const { folded } = shapeOf(camera.container);
  const lean = depth * DEPTH_SHARE * Math.SQRT1_2;
  const holes = camera.chambers[0].holes.map(({ x = 0, y = 0 }) => ({ x: width / 2 - x, y: -height / 2 - y }));
  const lid = Math.min(height * 0.18, 22);
  const seam = folded === null ? null : lean * (1 - foldedSizes(folded).innerWall / Math.max(1, depth));
  return {
    bounds: { x: 0, y: -height - lean, width: width + lean, height: height + lean },
    marks: [
      rectangle("body", { x: 0, y: -height, width, height }),
      outline("body", [
        { x: 0, y: -height },
        { x: lean, y: -height - lean },
        { x: width + lean, y: -height - lean },
        { x: width, y: -height },
      ]),
      outline("shade", [
        { x: width, y: -height },
        { x: width + lean, y: -height - lean },
        { x: width + lean, y: -lean },
        { x: width, y: 0 },
      ]),
      ...(seam === null
        ? [
            line("wall", { x: 0, y: -height + lid }, { x: width, y: -height + lid }),
            line("wall", { x: width, y: -height + lid }, { x: width + lean, y: -height - lean + lid }),
          ]
        : [
            // Where the second box slides into the first.
            line(
              "wall",
              { x: seam, y: -height - seam },
              { x: width + seam, y: -height - seam },
              { x: width + seam, y: -seam },
            ),
          ]),
      ...(camera.chambers[0].roll ? winders(width, height, lean) : []),
      ...holes.flatMap((centre) => shutter(centre, dot)),
    ],
  };
}

/** Knobs of a roll-film carton on its top. */
function winders(width: number, height: number, lean: number): readonly Mark[] {
  const size = Math.min(14, width * 0.16);
  return [0.2, 0.8].map((share) =>
    rectangle("shade", {
      x: width * share + lean / 2 - size / 2,
      y: -height - lean / 2 - size * 0.7,
      width: size,
      height: size * 0.7,
    }),
  );
}

/** A can that looks at us with its lid: it lies on its side. */
function lyingSilhouette(camera: Camera, dot: number): Scene {
  const { across: diameter, depth } = cameraBody(camera);
  const half = diameter / 2;
  const lean = depth * DEPTH_SHARE * Math.SQRT1_2;
  const disc = (x: number, y: number, from = 0, to = 2 * Math.PI): readonly Point[] =>
    arcPoints({ x: half + x, y: -half + y }, half, from, to, diameter / 2000);
  const [hole] = camera.chambers[0].holes;
  // The two straight edges of the body touch both discs where their outline runs along the lean.
  const tangent = Math.PI / 4;
  return {
    bounds: { x: 0, y: -diameter - lean, width: diameter + lean, height: diameter + lean },
    marks: [
      outline("shade", [...disc(0, 0, tangent, tangent - Math.PI), ...disc(lean, -lean, tangent - Math.PI, tangent)]),
      outline("body", disc(0, 0)),
      { kind: "circle", layer: "wall", centre: { x: half, y: -half }, radius: half * 0.92 },
      ...shutter({ x: half - (hole.x ?? 0), y: -half - (hole.y ?? 0) }, dot),
    ],
  };
}

function roundSilhouette(camera: Camera, dot: number): Scene {
  const { round, tiers } = shapeOf(camera.container);
  const { diameter, height } = round ?? { diameter: 0, height: 0 };
  const { silhouette: drawn } = kindRecord(cameraKind(camera));
  const [hole] = camera.chambers[0].holes;
  const half = diameter / 2;
  const rise = diameter * RIM;
  const ellipse = (y: number, from: number, to: number): readonly Point[] =>
    arcPoints({ x: half, y: 0 }, half, from, to, diameter / 2000).map((point) => ({
      x: point.x,
      y: y + (point.y * rise) / half,
    }));
  const lid = drawn.lid * height;
  const front = (y: number): Mark => line("wall", ...ellipse(y, 0, Math.PI));
  const tier = height / tiers;
  const levels = Array.from({ length: tiers }, (_, i) => -height + tier * (i + 0.5) - (hole.y ?? 0) + rise);
  return {
    bounds: { x: 0, y: -height - rise, width: diameter, height: height + 2 * rise },
    marks: [
      outline("body", [...ellipse(0, 0, Math.PI), ...ellipse(-height, Math.PI, 2 * Math.PI)]),
      outline("shade", ellipse(-height, 0, 2 * Math.PI)),
      front(-height + lid),
      ...(drawn.foot ? [front(-lid)] : []),
      ...levels.slice(1).map((_, i) => front(-height + tier * (i + 1))),
      ...levels.flatMap((y) => shutter({ x: half, y }, dot)),
    ],
  };
}

/** The plate behind a strip of tape with a folded end, and the hole. */
function shutter({ x, y }: Point, dot: number): readonly Mark[] {
  const half = 3.2 * dot;
  return [
    rectangle("shade", { x: x - half, y: y - half, width: 2 * half, height: 2 * half }),
    { kind: "circle", layer: "wall", centre: { x, y }, radius: dot * 0.5 },
    { kind: "circle", layer: "wall", centre: { x, y }, radius: dot },
  ];
}
