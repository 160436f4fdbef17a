import { thistleTrails } from "../../../catalogue/demo/thistleShots.ts";
import { mediumById } from "../../../catalogue/media.ts";
import { RADIANS } from "../../../core/basis/units/index.ts";
import { develop, drawnPixels, orderOf, renderExposure, rowsFor, sunlit } from "../../../core/bench/preview/index.ts";
import { setBoard } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { sceneToSheet } from "../../../core/light/rays/index.ts";
import { sheetSky } from "../../../core/sun/index.ts";
import { KINDS, testCamera } from "../../../core/testing/cameras.ts";
import {
  cameraFrame,
  emptySweep,
  emptyView,
  type Pose,
  phoneAxes,
  seenBy,
  sweepInto,
} from "../../../core/viewfinder/index.ts";
import { sunRequest } from "../../../ui/records/sunRequest.ts";
import { sun } from "../../../workers/jobs/sun/sun.ts";
import { focalOf, focalShare } from "./angle/focalOf.ts";
import { drawFinder, type FinderScene } from "./drawFinder.ts";
import {
  aimOf,
  anglesAround,
  dragged,
  horizonIn,
  inDegrees,
  phoneOf,
  seesNear,
  USUAL_NEAR,
  viewScale,
} from "./finderView.ts";
import { sunWays, tracedHorizon } from "./ground/sunWays.ts";
import { moveWords } from "./moveWords.ts";
import { whyNoCamera } from "./phone/useLiveView.ts";
import { sceneOf } from "./sheet/gathered.ts";

const FREE = { report: () => {}, cancelled: () => false };
const PAPER = mediumById("rc-graded");
const PHONE = phoneOf(640, 480, focalShare(26));
const STRAIGHT: Pose = { azimuth: 0, elevation: 0, roll: 0 };
const mm = (value: number): string => `${value} mm`;

test("a phone of 26 mm by the diagonal of a full frame (worked by hand)", () => {
  const across = (2 * Math.atan(PHONE.width / 2 / PHONE.focalLength)) / RADIANS;
  expect(across).toBeCloseTo((2 * Math.atan((0.8 * 43.267) / 2 / 26)) / RADIANS, 9);
});

test.each(KINDS)(
  "the whole frame of a %s is in sight, or the phone's view is as small as it gets; its view holds it",
  (kind) => {
    const frame = cameraFrame(testCamera(kind), PAPER);
    const scale = viewScale(frame, PHONE);
    expect(scale).toBeLessThanOrEqual(1);
    expect(scale).toBeGreaterThanOrEqual(0.3);
    const seen = seenBy({ phone: PHONE });
    const off = frame.outlines.flat().map((direction) => {
      const at = seen(direction);
      return at === null ? 9 : 2 * Math.max(Math.abs(at[0] / 640 - 0.5), Math.abs(at[1] / 480 - 0.5));
    });
    if (scale > 0.3) expect(scale * Math.max(...off)).toBeLessThanOrEqual(1);
    const { across, down } = anglesAround(frame);
    for (const direction of frame.outlines.flat()) {
      if (direction === null) continue;
      expect(Math.abs(Math.atan2(direction.x, -direction.z)) / RADIANS).toBeLessThanOrEqual(across / 2);
      expect(Math.abs(Math.asin(direction.y)) / RADIANS).toBeLessThanOrEqual(down / 2 + 1e-9);
    }
  },
);

test("a frame follows the finger: what was under it stays under it", () => {
  const turn = dragged([0, 0], [100, -40], 500);
  const seen = seenBy({ phone: PHONE, pose: inDegrees({ azimuth: -turn.azimuth, elevation: 0, roll: 0 }) });
  expect(turn.azimuth).toBeCloseTo(Math.atan2(100, 500), 12);
  expect(turn.elevation).toBeGreaterThan(0);
  expect(seen({ x: 0, y: 0, z: -1 })?.[0]).toBeCloseTo(320 + PHONE.focalLength * (100 / 500), 6);
});

test("the horizon runs level through the middle, below it where the phone looks up, and tilts with the phone", () => {
  const rowsOf = (held: Pose) => horizonIn(PHONE, held).filter(([x]) => x > 0 && x < 640);
  for (const [, y] of rowsOf({ ...STRAIGHT, azimuth: 1 })) expect(y).toBeCloseTo(240, 6);
  for (const [, y] of rowsOf({ ...STRAIGHT, elevation: 10 * RADIANS })) expect(y).toBeGreaterThan(240 + 40);
  const tilted = rowsOf({ ...STRAIGHT, roll: 10 * RADIANS });
  const [first, last] = [tilted[0], tilted.at(-1)] as [readonly [number, number], readonly [number, number]];
  // The phone clockwise: the scene anticlockwise, its right side up.
  expect((last[1] - first[1]) / (last[0] - first[0])).toBeCloseTo(-Math.tan(10 * RADIANS), 6);
});

test("moves in words: only what is worth moving; which edge gets the card", () => {
  expect(moveWords({ turn: 12.2, lean: 4, roll: 0.3, card: 9.1 }, mm)).toEqual([
    "Turn it 12° to the right.",
    "Lean it 4° back: 9 mm of card under its front edge.",
  ]);
  expect(moveWords({ turn: -1, lean: -2, roll: -3, card: 4 }, mm)).toEqual([
    "Turn it 1° to the left.",
    "Lean it 2° forward: 4 mm of card under its back edge.",
    "Level it: 3° anticlockwise.",
  ]);
  expect(moveWords({ turn: 0.7, lean: -0.7, roll: 0, card: 1 }, mm)).toEqual([]);
});

test.each([
  ["NotAllowedError", /told not to/],
  ["NotFoundError", /No camera was found/],
  ["NotReadableError", /Another program/],
  ["AbortError", /gave no picture/],
])("no camera for %s: said why, and what to do", (name, words) => {
  expect(whyNoCamera(new DOMException("", name))).toMatch(words);
  expect(whyNoCamera(new DOMException("", name))).toMatch(/photograph/);
});

describe("what was gathered", () => {
  const frame = cameraFrame(testCamera("flat-box"), PAPER);

  test("is lit by its middle tone, not by its sky; what nobody saw is as bright as that", () => {
    const view = emptyView(10, 50, 10);
    view.seen.fill(1, 0, 15);
    view.luminance.fill(0.1, 0, 10).fill(0.9, 10, 15);
    const { scene, stops } = sceneOf(view);
    expect(scene.luminance[19]).toBeCloseTo(0.1, 6);
    // Mean of all: (15 × 0.1 + 5 × 0.9) / 20 = 0.3, three times the middle.
    expect(stops).toBeCloseTo(Math.log2(3), 5);
    expect(Number.isFinite(sceneOf(emptyView(4, 40, 20)).stops)).toBe(true);
  });

  test("from a straight photograph makes the very sheet that the Bench makes of it", () => {
    const camera = testCamera("flat-box");
    const size = { width: 320, height: 240 };
    const picture = {
      ...size,
      luminance: Float32Array.from({ length: 320 * 240 }, (_, i) => {
        const [x, y] = [(i % 320) / 320, Math.floor(i / 320) / 240];
        return 0.3 + 0.2 * Math.sin(9 * x) * Math.cos(7 * y);
      }),
    };
    // Wide enough that the box sees nothing beside it.
    const wide = phoneOf(320, 240, 0.25);
    const across = (2 * Math.atan(160 / wide.focalLength)) / RADIANS;
    const { across: spans, down } = anglesAround(frame);
    const view = emptySweep(Math.round(3 * spans), spans, down);
    expect(sweepInto(view, picture, wide, phoneAxes(STRAIGHT))).toBe(1);
    const plain = { ...picture, across, distance: Number.POSITIVE_INFINITY };
    const { scene } = sceneOf(view);
    const mean = (values: Float32Array): number => values.reduce((sum, value) => sum + value, 0) / values.length;
    const sheet = (own: typeof plain | typeof scene, stops: number) => {
      const request = { ...sunlit(camera, PAPER, 120), scene: own, stops };
      const order = orderOf(request);
      const { width, height } = drawnPixels(order);
      const rows = { from: 0, to: height };
      const steps = renderExposure(order, rowsFor(height, height, rows));
      for (;;) {
        const step = steps.next();
        if (step.done)
          return develop(step.value, { density: PAPER.density, iso: PAPER.iso, even: 0, width, height, rows }).negative;
      }
    };
    // Both scenes are lit by their own mean: the one is put into the other's light.
    const bench = sheet(plain, 0);
    const look = sheet(scene, Math.log2(mean(scene.luminance) / mean(plain.luminance)));
    const off = bench.map((value, i) => Math.abs(value - (look[i] as number)));
    expect(off.reduce((sum, value) => sum + value, 0) / off.length).toBeLessThan(1);
  });
});

test("the view stands in the middle of the canvas, the frame is drawn closed, marks of the gauge where they are asked for", () => {
  const calls: (readonly [string, ...number[]])[] = [];
  const context = new Proxy({ canvas: { width: 640, height: 480 } } as unknown as CanvasRenderingContext2D, {
    get: (target, name) =>
      name === "canvas"
        ? target.canvas
        : (...args: unknown[]) =>
            calls.push([String(name), ...(args.filter((each) => typeof each === "number") as number[])]),
    set: () => true,
  });
  const scene: FinderScene = {
    frame: { outlines: [[{ x: 0, y: 0, z: -1 }, null, { x: 0.1, y: 0, z: -1 }]], stops: [] },
    phone: PHONE,
    pose: STRAIGHT,
    held: null,
    scale: 0.5,
    withStops: true,
    gauge: 100,
    near: USUAL_NEAR,
    standing: [{ x: 0, y: 0 }],
    ring: false,
    ground: [],
    inks: { kraft: "#840", action: "#f00", ray: "#00f", card: "#fff" },
  };
  drawFinder(context, {} as CanvasImageSource, scene);
  expect(calls).toContainEqual(["drawImage", 160, 120, 320, 240]);
  // After a place that is not seen the line begins anew.
  expect(calls.filter(([name, x, y]) => name === "moveTo" && x === 320 && y === 240).length).toBeGreaterThan(0);
  for (const x of [295, 345]) expect(calls.some(([name, at]) => name === "moveTo" && at === x)).toBe(true);
});

describe("a can for the sun", () => {
  const can = { ...testCamera("curled-can"), purpose: "trail" as const };
  const trail = thistleTrails[0] as Trail;

  test("the sun's ways are the days' highest, lowest and middle, as high as the declination has them (23.4°, 52.2° N)", async () => {
    const { output } = await sun({ kind: "fan", request: sunRequest(trail, can), seed: 1 }, FREE);
    if (output.kind !== "fan") throw new Error("no fan");
    const ways = sunWays(output.fan);
    expect(ways.map(({ name }) => name?.slice(0, 6).trim())).toEqual(["21 Jun", expect.any(String), "21 Dec"]);
    const tops = ways.map(({ points }) => Math.max(...points.map(({ y }) => Math.asin(y))) / RADIANS);
    expect(tops[0]).toBeCloseTo(90 - 52.2 + 23.44, 0);
    expect(tops[2]).toBeCloseTo(90 - 52.2 - 23.44, 0);
    // At noon it stands in the south: z.
    const noon = ways[0]?.points.reduce((best, point) => (point.y > best.y ? point : best));
    expect(noon?.z).toBeGreaterThan(0);
    expect(Math.abs(noon?.x ?? 1)).toBeLessThan(0.03);
  });

  test("an aim is the same for the finder and for the sun on the sheet, rolled and leaned", () => {
    const aim = { azimuth: 170, elevation: 12, roll: 9 };
    const request = { ...sunRequest(trail, can), aim };
    const sky = sheetSky(request);
    const { forward: f, right: r, up: u } = phoneAxes(aimOf(aim));
    for (const [azimuth, altitude] of [
      [160, 30],
      [185, 5],
      [200, 40],
    ] as const) {
      const [flat, y] = [Math.cos(altitude * RADIANS), Math.sin(altitude * RADIANS)];
      const towards = { x: flat * Math.sin(azimuth * RADIANS), y, z: -flat * Math.cos(azimuth * RADIANS) };
      const along = (axis: typeof f) => towards.x * axis.x + towards.y * axis.y + towards.z * axis.z;
      const scene = { azimuth: Math.atan2(along(r), along(f)), elevation: Math.asin(along(u)) };
      const own = sceneToSheet(sky.model.place, sky.model.surface, scene);
      const other = sky.land({ azimuth: azimuth * RADIANS, altitude: altitude * RADIANS });
      expect(own?.s).toBeCloseTo(other?.s ?? Number.NaN, 6);
      expect(own?.t).toBeCloseTo(other?.t ?? Number.NaN, 6);
    }
  });

  test("a horizon lies where it was traced", () => {
    const { points } = tracedHorizon([
      [90, 0],
      [180, 45],
    ]);
    expect(points[0]?.x).toBeCloseTo(1, 12);
    expect(points[1]).toEqual({
      x: expect.closeTo(0, 9),
      y: expect.closeTo(Math.SQRT1_2, 9),
      z: expect.closeTo(Math.SQRT1_2, 9),
    });
  });
});

test("a phone's focal length: the photograph's own word first, then the calibration, then what is usual, each with its doubt", () => {
  const kept = { focal: 0.7, error: 0.01 };
  expect(focalOf(52, kept)).toMatchObject({ focal: focalShare(52), error: 0.05 });
  expect(focalOf(null, kept)).toMatchObject(kept);
  expect(focalOf(null, null)).toMatchObject({ focal: focalShare(26), error: 0.1 });
  // 35 mm film's diagonal is 43.27 mm: a phone of 26 mm has 0.601 of its picture's.
  expect(focalShare(26)).toBeCloseTo(26 / Math.hypot(36, 24), 3);
});

// By hand: what lies 1 m straight ahead of the hole is 80 mm below the axis of a lens that is 80 mm above it.
test("each of a set on its board has a frame of its own for near things: aside by its place over the distance", () => {
  const { places } = setBoard(9, 30);
  expect(places).toHaveLength(9);
  for (const place of places) {
    const at = seesNear(PHONE, STRAIGHT, { distance: 1000, above: 0 }, place)({ x: 0, y: 0, z: -1 });
    // One that stands further forward is so much farther from the phone, and so is its thing.
    expect(at?.[0]).toBeCloseTo(320 + (PHONE.focalLength * place.x) / (1000 + place.y), 9);
    expect(at?.[1]).toBeCloseTo(240, 9);
  }
  expect(new Set(places.map(({ x }) => x)).size).toBe(3);
});

test("a phone above the hole sees a near thing lower, and far ones where they are", () => {
  const near = seesNear(PHONE, STRAIGHT, { distance: 1000, above: 80 })({ x: 0, y: 0, z: -1 });
  expect(near?.[0]).toBeCloseTo(320, 9);
  expect(near?.[1]).toBeCloseTo(240 + (PHONE.focalLength * 80) / 1000, 9);
  expect(seesNear(PHONE, STRAIGHT, USUAL_NEAR)({ x: 0, y: 0, z: -1 })?.[1]).toBeCloseTo(240, 9);
});
