import { limitWords } from "../../../wording/limits.ts";
import { parseCamera } from "../../document/index.ts";
import { sceneToSheet, sheetToScene, surfacePoint } from "../../light/rays/index.ts";
import { opticalModel, solve, surfaceOf } from "../../light/solve/index.ts";
import { ideal, inMm, KINDS, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import type { CameraKind } from "../kinds/index.ts";
import { chamberLabels, foldedBase } from "../shapes/index.ts";
import {
  atVersion,
  cameraBody,
  cameraKind,
  cameraRoom,
  type DesignField,
  designFaults,
  fieldValue,
  pictureRequest,
  refusal,
  seated,
  settled,
  solveRequest,
  withContainer,
  withField,
  withHoleAdded,
  withoutHole,
  withoutVersion,
  withSheet,
  withVersion,
} from "./index.ts";

/** What a change is refused with, in words; empty where it is not. */
const refused = (...change: Parameters<typeof refusal>): string => {
  const limit = refusal(...change);
  return limit === null ? "" : limitWords(limit, inMm);
};

/** Kinds that only their name tells, and what they look like. */
const seenAs: Readonly<Partial<Record<CameraKind, CameraKind>>> = {
  "bought-box": "flat-box",
  canister: "far-wall-tin",
  matchbox: "roll-carton",
};

describe.each(KINDS)("a %s", (kind) => {
  const camera = testCamera(kind);

  test("can be built, is a valid file, and comes back from its file the same", () => {
    expect(designFaults(camera)).toEqual([]);
    const file = JSON.parse(JSON.stringify(camera));
    expect(parseCamera(file)).toEqual({ ok: true, value: camera });
    expect(cameraKind({ ...camera, container: { ...camera.container, kind: undefined } })).toBe(seenAs[kind] ?? kind);
  });

  test("its readings are finite, and its sheet and the scene map onto each other to 1e-9 mm", () => {
    const result = solve(pictureRequest(camera, PAPER_LIGHT), ideal);
    for (const value of [result.fNumber, result.view.horizontal, result.resolution, result.fullSunSeconds]) {
      expect(Number.isFinite(value) && value > 0).toBe(true);
    }
    const { place, surface, width, height } = opticalModel(solveRequest(camera, PAPER_LIGHT));
    for (const [a, b] of [
      [0, 0],
      [0.3, 0.4],
      [-0.4, -0.3],
    ] as const) {
      const on = { s: a * width, t: b * height };
      const direction = sheetToScene(place, surface, on);
      if (direction === null) throw new Error("out of sight");
      const back = sceneToSheet(place, surface, direction);
      expect(back?.s).toBeCloseTo(on.s, 9);
      expect(back?.t).toBeCloseTo(on.t, 9);
    }
  });

  test("every corner of its sheet stands inside the container", () => {
    const { depth, across, high, face } = cameraBody(camera);
    const { film } = camera.chambers[0];
    const hub = camera.container.shape === "drum" ? camera.container.diameter / 2 : depth;
    for (const s of [-0.5, 0, 0.5]) {
      for (const t of [-0.5, 0.5]) {
        const { place } = surfacePoint(surfaceOf(film), s * film.width, t * film.height);
        expect(place.z).toBeGreaterThan(0);
        expect(place.z).toBeLessThanOrEqual(hub + 1e-6);
        expect(Math.abs(place.y)).toBeLessThanOrEqual(high / 2 + 1e-6);
        if (face === "disc") expect(Math.hypot(place.x, place.y)).toBeLessThanOrEqual(across / 2 + 1e-6);
        else expect(Math.abs(place.x)).toBeLessThanOrEqual(across / 2 + 1e-6);
      }
    }
  });
});

describe("sizes of the further shapes", () => {
  test.each([
    ["slanted-box", "film.tiltY", -31.5],
    ["slanted-box", "film.tiltX", 12],
    ["curved-box", "film.radius", 90],
    ["stereo-box", "hole.base", 65],
    ["stereo-box", "chamber.divider", 40],
    ["folded-box", "film.distance", 75],
    ["folded-box", "folded.overlap", 12],
    ["drum", "drum.tiers", 3],
    ["drum", "drum.sectors", 5],
    ["drum", "drum.gap", 1],
    ["drum", "film.distance", 90],
    ["roll-carton", "roll.core", 12],
    ["lid-can", "container.height", 150],
  ] as const)("%s: %s is set and read back", (kind, field, value) => {
    const set = withField(testCamera(kind), field as DesignField, value);
    expect(fieldValue(set, field as DesignField)).toBeCloseTo(value, 12);
    expect(parseCamera(set).ok).toBe(true);
  });

  test.each([
    ["slanted-box", "film.tiltY", 85, /lean 80° at most/],
    ["slanted-box", "film.width", 185, /Leaning like this, the sheet can be 182.06 mm wide/],
    ["curved-box", "film.width", 240, /Bowed like this, the sheet can be 231.\d+ mm long/],
    ["folded-box", "film.distance", 50, /slide from 58.34 mm to 105.\d+ mm/],
    ["folded-box", "film.distance", 130, /slide from 58.34 mm to 105.\d+ mm/],
    ["drum", "film.distance", 170, /vanes meet 160 mm from the hole/],
    ["drum", "drum.tiers", 2.5, /whole number from 1 to 8/],
    ["drum", "drum.sectors", 2, /whole number from 3 to 12/],
    ["lid-can", "film.width", 81, /corners must fit|80 mm wide at most/],
    ["lid-can", "hole.x", 60, /outside the lid/],
    ["flat-box", "film.x", 60, /19 mm at most sideways/],
    ["flat-box", "film.y", -60, /8.2 mm at most up or down/],
    ["curled-can", "film.slide", 60, /10.7\d? mm at most either way, or it would come within 5 mm of the hole/],
    ["stereo-box", "hole.x", -140, /Hole 1: that is outside the face/],
    ["stereo-box", "hole.base", 0.2, /more than 0.\d+ mm apart/],
    ["roll-carton", "roll.thickness", 0, /above 0/],
  ] as const)("%s: %s = %s is refused with what is possible", (kind, field, value, words) => {
    expect(refused(withField(testCamera(kind), field as DesignField, value), field as DesignField)).toMatch(words);
  });

  test("a leaning sheet’s far corner touches the back, whichever way and however large it is", () => {
    for (const [tiltX, tiltY, width] of [
      [0, 25, 127],
      [15, 0, 100],
      [-10, -30, 90],
    ] as const) {
      const camera = withField(
        withField(withField(testCamera("slanted-box"), "film.tiltX", tiltX), "film.tiltY", tiltY),
        "film.width",
        width,
      );
      const { film } = camera.chambers[0];
      const corners = [-1, 1].flatMap((s) =>
        [-1, 1].map((t) => surfacePoint(surfaceOf(film), (s * film.width) / 2, (t * film.height) / 2).place.z),
      );
      expect(Math.max(...corners)).toBeCloseTo(110, 9);
    }
  });

  test("chambers of a drum are alike and named by tier and place; a change is made in all of them", () => {
    const drum = testCamera("drum");
    expect(drum.chambers.map(({ label }) => label)).toEqual(["T1", "T2", "T3", "T4", "B1", "B2", "B3", "B4"]);
    expect(chamberLabels(3, 2)).toEqual(["T1", "T2", "M1", "M2", "B1", "B2"]);
    const wider = withField(drum, "film.width", 110);
    expect(wider.chambers.every(({ film }) => film.width === 110)).toBe(true);
    expect(withField(drum, "drum.tiers", 1).chambers).toHaveLength(4);
  });

  test("a folded box’s back is its base, S√2/4", () => {
    expect(cameraRoom(testCamera("folded-box")).width).toBeCloseTo(foldedBase(330), 12);
  });

  test("a plate outside the wall stands a wall farther from the sheet, in boxes and in cans", () => {
    const box = seated(withContainer(testCamera("flat-box", { wall: 3 }), { plateSide: "outside" }));
    expect(box.chambers[0].film.distance).toBe(73);
    const can = seated(withContainer(testCamera("curled-can", { wall: 0.5 }), { plateSide: "outside" }));
    expect(can.chambers[0].film).toMatchObject({ distance: 67.1, radius: 33.3 });
    expect(parseCamera(can).ok).toBe(true);
    expect(seated(withContainer(box, { plateSide: "inside" })).chambers[0].film.distance).toBe(70);
  });

  test("a bought hole keeps its size when the box changes", () => {
    const bought = testCamera("bought-box");
    const deeper = settled(withField(bought, "container.depth", 120), PAPER_LIGHT, ideal);
    expect(deeper.chambers[0].holes[0].diameter).toBe(0.3);
  });
});

describe("several holes on one sheet", () => {
  test("are added, moved, measured and taken away one by one", () => {
    const two = withHoleAdded(testCamera("flat-box"));
    expect(two.chambers[0].holes).toHaveLength(2);
    const moved = withField(withField(two, "hole.x", 30, 1), "hole.measured", 0.29, 1);
    expect(fieldValue(moved, "hole.x", 0)).toBe(0);
    expect(fieldValue(moved, "hole.x", 1)).toBe(30);
    expect(solveRequest(moved, PAPER_LIGHT, 1).hole.diameter).toBe(0.29);
    expect(solveRequest(moved, PAPER_LIGHT, 0).hole.diameter).not.toBe(0.29);
    const left = withoutHole(moved, 0);
    expect(left.chambers[0].holes).toHaveLength(1);
    expect(solveRequest(left, PAPER_LIGHT, 0).hole.diameter).toBe(0.29);
    expect(withoutHole(left, 0)).toEqual(left);
  });

  test("two share the sheet: each picture is judged on its own half", () => {
    const pair = testCamera("stereo-box");
    const left = pictureRequest(pair, PAPER_LIGHT, 0);
    expect(left.film).toMatchObject({ width: 127, x: -63.5 });
    expect(pictureRequest(pair, PAPER_LIGHT, 1).film).toMatchObject({ width: 127, x: 63.5 });
    expect(pictureRequest(testCamera("flat-box"), PAPER_LIGHT).film.width).toBe(127);
  });
});

describe("versions", () => {
  const camera = testCamera("flat-box");
  const kept = withVersion(camera, { id: "v1", name: "First", at: "2026-05-01T10:00:00+01:00" });

  test("keep what the design was; going back leaves name, notes and versions alone", () => {
    const changed = { ...withSheet(kept, { width: 90, height: 60, format: null, trimmed: false }), name: "Renamed" };
    const back = atVersion(changed, "v1");
    expect(back.chambers).toEqual(camera.chambers);
    expect(back.name).toBe("Renamed");
    expect(back.versions).toHaveLength(1);
    expect(parseCamera(back)).toEqual({ ok: true, value: back });
    expect(atVersion(changed, "none")).toBe(changed);
    expect(withoutVersion(changed, "v1").versions).toEqual([]);
  });

  test("a broken version in a file is named by its path", () => {
    const [version] = kept.versions ?? [];
    const broken = { ...kept, versions: [{ ...version, chambers: [{ holes: [{ diameter: 99 }], film: {} }] }] };
    const read = parseCamera(broken);
    expect(!read.ok && read.error.map(({ path }) => path)).toEqual(
      expect.arrayContaining(["/versions/0/chambers/0/holes/0/diameter", "/versions/0/chambers/0/film/distance"]),
    );
  });
});

test("a leaning sheet that would reach the hole is refused with how deep the box must be", () => {
  const leaning = withField(testCamera("slanted-box"), "film.tiltY", 60);
  const shallow = withField(leaning, "container.depth", 50);
  expect(refused(shallow, "container.depth")).toMatch(/more than 54.99 mm deep/);
});
