import { label, line, type Mark, outline, type Point, rectangle, type Scene } from "../../basis/drawing/index.ts";
import type { Camera } from "../../camera/container/index.ts";
import type { Subject } from "../../camera/framing/index.ts";
import { surfacePoint } from "../../light/rays/index.ts";
import { surfaceOf } from "../../light/solve/index.ts";

/** A thing before the camera, at the distance from which it fills half of the picture's height; mm. */
export interface NearThing extends Pick<Subject, "height" | "drawn" | "deep"> {
  readonly away: number;
  /** Its name and distance. */
  readonly words: string;
}

/** The hole over the ground: the height of a post or a table, mm. */
const HOLE_HIGH = 1200;
/** A grown person, mm: head and shoulders are the upper part. */
const PERSON = { height: 1700, head: 230 } as const;
/** Of the drawing, px of its width: type, room for a line of words, rim. */
const TYPE = 12;
const ROW = 22;
const RIM = 6;

/**
 * How near one must go, drawn from the side and to scale: the camera, what its sheet sees, and things where they fill half of
 * the picture's height, each with its distance under the ground.
 *
 * @param things at least one
 * @param width of the drawing on the screen, px
 * @returns marks in mm of the world, and how many of these a screen pixel stands for
 * @example nearDrawing(box, [{ height: 2000, drawn: "flat", deep: 60, away: 2756, words: "a door, 2.8 m" }], 280).scene.marks.length // about 8
 */
export function nearDrawing(
  camera: Camera,
  things: readonly NearThing[],
  width: number,
): { readonly scene: Scene; readonly pixel: number } {
  const farthest = Math.max(...things.map(({ away, deep }) => away + deep));
  const behind = 0.06 * farthest;
  const pixel = (farthest + behind) / (width - 2 * RIM);
  const right = farthest + RIM * pixel;
  const [upper, lower] = sightSlopes(camera);
  const sky = -Math.max(HOLE_HIGH, ...things.map(({ height }) => height)) * 1.2;
  const hole = { x: 0, y: -HOLE_HIGH };
  const marks: Mark[] = [
    outline("beam", sight(hole, upper, lower, right, sky)),
    line("wall", { x: -behind - RIM * pixel, y: 0 }, { x: right, y: 0 }),
    line("wall", { x: -behind / 2, y: 0 }, { x: -behind / 2, y: hole.y }),
    rectangle("body", { x: -behind, y: hole.y - behind / 2, width: behind, height: behind }),
    ...things.flatMap(drawnThing),
  ];
  const inOrder = [...things].sort((a, b) => a.away - b.away);
  for (const [row, { away, words }] of inOrder.entries()) {
    const y = (row + 0.9) * ROW * pixel;
    marks.push(
      line("dimension", { x: 0, y }, { x: away, y }),
      line("dimension", { x: away, y: y - 3 * pixel }, { x: away, y: y + 3 * pixel }),
    );
    marks.push(label(words, { x: 0, y: y - 0.75 * TYPE * pixel }, TYPE * pixel, { anchor: "start" }));
  }
  const bottom = (things.length + 0.2) * ROW * pixel;
  const left = -behind - RIM * pixel;
  return { scene: { bounds: { x: left, y: sky, width: right - left, height: bottom - sky }, marks }, pixel };
}

/** Slopes, up over away, of what the upper and the lower rim of the picture show. */
function sightSlopes(camera: Camera): readonly [number, number] {
  const { film, holes } = camera.chambers[0];
  const surface = surfaceOf(film);
  const [a, b] = [-film.height / 2, film.height / 2].map((t) => {
    const { place } = surfacePoint(surface, 0, t);
    return ((holes[0].y ?? 0) - place.y) / Math.max(1, place.z);
  });
  return [a as number, b as number];
}

/** What is seen, cut off at the ground and at the drawing's edge. */
function sight(hole: Point, upper: number, lower: number, right: number, sky: number): readonly Point[] {
  const at = (slope: number): Point => {
    const end = slope > 0 ? sky : 0;
    const reach = slope === 0 ? right : Math.min(right, (hole.y - end) / slope);
    return { x: reach, y: hole.y - slope * reach };
  };
  // From there along the sky or the ground.
  const edge = (slope: number): Point => ({ x: right, y: Math.min(0, Math.max(sky, hole.y - slope * right)) });
  return [hole, at(upper), edge(upper), edge(lower), at(lower)];
}

function drawnThing({ drawn, height, deep, away }: NearThing): readonly Mark[] {
  if (drawn === "bust") {
    const [top, neck] = [-PERSON.height, PERSON.head - PERSON.height];
    const middle = away + deep / 2;
    const half = PERSON.head / 2;
    const bust = height - PERSON.height;
    return [
      outline("shade", [
        { x: middle - half, y: top },
        { x: middle + half, y: top },
        { x: middle + half, y: neck },
        { x: away + deep, y: neck + half },
        { x: away + deep, y: bust },
        { x: away, y: bust },
        { x: away, y: neck + half },
        { x: middle - half, y: neck },
      ]),
      outline("wall", [
        { x: away, y: bust },
        { x: away + deep, y: bust },
        { x: away + 0.8 * deep, y: 0 },
        { x: away + 0.2 * deep, y: 0 },
      ]),
    ];
  }
  if (drawn === "house") {
    const eaves = -0.8 * height;
    return [
      outline("body", [
        { x: away, y: 0 },
        { x: away, y: eaves },
        { x: away + deep / 2, y: -height },
        { x: away + deep, y: eaves },
        { x: away + deep, y: 0 },
      ]),
    ];
  }
  return [rectangle("shade", { x: away, y: -height, width: deep, height })];
}
