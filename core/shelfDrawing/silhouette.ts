import { type Camera, cameraKind } from "../container/index.ts";
import { arcPoints, line, type Mark, outline, type Point, rectangle, type Scene } from "../drawing/index.ts";

/** Cabinet projection: depth runs up to the right at 45°, at this share of its length. */
const DEPTH_SHARE = 0.35;
/** Height of the ellipse of a round container's rim, as a share of its width. */
const RIM = 0.14;

/**
 * A container as it stands on a shelf: seen a little from above, its hole towards us, bottom at y = 0, true size in mm.
 *
 * @param camera design with positive sizes
 * @param smallestDot radius of the hole's mark, mm (a real hole would not show)
 */
export function silhouette(camera: Camera, smallestDot: number): Scene {
  return camera.container.shape === "box" ? boxSilhouette(camera, smallestDot) : roundSilhouette(camera, smallestDot);
}

function boxSilhouette(camera: Camera, dot: number): Scene {
  const { container } = camera;
  const [width, height, depth] =
    container.shape === "box" ? [container.width, container.height, container.depth] : [0, 0, 0];
  const lean = depth * DEPTH_SHARE * Math.SQRT1_2;
  const [hole] = camera.chambers[0].holes;
  const centre = { x: width / 2 - (hole.x ?? 0), y: -height / 2 - (hole.y ?? 0) };
  const lid = Math.min(height * 0.18, 22);
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
      line("wall", { x: 0, y: -height + lid }, { x: width, y: -height + lid }),
      line("wall", { x: width, y: -height + lid }, { x: width + lean, y: -height - lean + lid }),
      ...shutter(centre, dot),
    ],
  };
}

function roundSilhouette(camera: Camera, dot: number): Scene {
  const { container } = camera;
  const [diameter, height] = container.shape === "cylinder" ? [container.diameter, container.height] : [0, 0];
  const [hole] = camera.chambers[0].holes;
  const half = diameter / 2;
  const rise = diameter * RIM;
  const ellipse = (y: number, from: number, to: number): readonly Point[] =>
    arcPoints({ x: half, y: 0 }, half, from, to, diameter / 2000).map((point) => ({
      x: point.x,
      y: y + (point.y * rise) / half,
    }));
  // A loose lid of card or plastic overlaps far; a tin's lid is a narrow band.
  const lid = { "flat-box": 0, "curled-can": 0.07, "far-wall-tin": 0.22, canister: 0.16 }[cameraKind(camera)] * height;
  const front = (y: number): Mark => line("wall", ...ellipse(y, 0, Math.PI));
  return {
    bounds: { x: 0, y: -height - rise, width: diameter, height: height + 2 * rise },
    marks: [
      outline("body", [...ellipse(0, 0, Math.PI), ...ellipse(-height, Math.PI, 2 * Math.PI)]),
      outline("shade", ellipse(-height, 0, 2 * Math.PI)),
      front(-height + lid),
      ...(container.kind === "curled-can" ? [front(-lid)] : []),
      ...shutter({ x: half, y: -height / 2 - (hole.y ?? 0) + rise }, dot),
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
