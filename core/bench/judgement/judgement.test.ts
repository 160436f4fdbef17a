import { type SaidVerdict, saidVerdict } from "../../../wording/verdicts.ts";
import { type Camera, pictureRequest, settled, withField, withHole } from "../../camera/container/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import { solve } from "../../light/solve/index.ts";
import { ideal, inMm, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { mendedBy, verdictAmong, verdictsOf } from "../../testing/verdicts.ts";
import { isMeant, withMeant } from "./index.ts";

const FORMATS: readonly SheetFormat[] = [
  { id: "in-8x10", name: "8×10 in", width: 254, height: 203.2, kind: "sheet", source: "test" },
  { id: "in-4x5", name: "4×5 in", width: 127, height: 101.6, kind: "sheet", source: "test" },
];

const verdicts = (camera: Camera): readonly SaidVerdict[] =>
  verdictsOf(camera, FORMATS).map((verdict) => saidVerdict(verdict, inMm));
const mended = (camera: Camera, id: string): Camera => mendedBy(camera, verdictAmong(verdicts(camera), id));

const box = testCamera("flat-box", { depth: 120, openingDiameter: 8 });
const can = testCamera("curled-can");

const CASES: readonly (readonly [id: string, camera: Camera])[] = [
  ["fault-film.width", withField(box, "container.width", 100)],
  ["fault-film.height", withField(box, "container.height", 90)],
  ["fault-film.x", withField(box, "film.x", 30)],
  ["fault-film.y", withField(box, "film.y", 30)],
  ["fault-film.slide", withField(can, "film.slide", 30)],
  ["fault-hole.x", withField(box, "hole.x", 100)],
  ["fault-hole.above", withField(box, "hole.above", 500)],
  ["fault-hole.openingDiameter", withField(box, "hole.openingDiameter", 0.1)],
  ["plate-cuts", withField(can, "hole.plateThickness", 0.1)],
  ["opening-cuts", withField(withField(box, "container.wall", 8), "hole.openingDiameter", 4)],
  ["dark-corners", testCamera("flat-box", { depth: 75 })],
  ["hole-outside-band", withField(box, "hole.diameter", 0.8)],
  [
    "not-black",
    {
      ...box,
      container: { ...box.container, material: "tin metal", insideBlack: false },
      making: { choices: { black: "leave" } },
    },
  ],
  ["hole-off-level", withHole(can, { y: 10 })],
];

describe("verdicts", () => {
  test.each(CASES)("%s is found, and its button mends it", (id, camera) => {
    const found = verdicts(camera).find((each) => each.id === id);
    expect(found?.sentence).toMatch(/\.$/);
    expect(found?.button?.length).toBeGreaterThan(5);
    expect(verdicts(mended(camera, id)).map((each) => each.id)).not.toContain(id);
  });

  test("a hole far from the sheet’s middle: the hole moves, the sheet is not cut to nothing", () => {
    const off = withField(testCamera("flat-box", { depth: 40, width: 300 }), "hole.x", 110);
    const verdict = verdicts(off).find(({ id }) => id === "dark-corners" || id === "plate-cuts");
    expect(verdict?.button).toBe("Put the hole opposite the sheet’s middle");
    expect(verdict?.fix?.apply(off).chambers[0].holes[0].x).toBe(0);
  });

  test("no verdict ever trims a sheet below a third of itself", () => {
    for (const [, camera] of CASES) {
      const { width } = camera.chambers[0].film;
      for (const verdict of verdicts(camera)) {
        expect(verdict.fix?.apply(camera).chambers[0].film.width ?? width).toBeGreaterThan(width / 3);
      }
    }
  });

  test("worst first", () => {
    const order = verdicts({
      ...withField(can, "container.height", 100),
      container: { ...can.container, height: 100, material: "tin metal", insideBlack: false } as Camera["container"],
    }).map(({ weight }) => weight);
    expect(order).toEqual(
      [...order].sort((a, b) => ["stop", "warn", "note"].indexOf(a) - ["stop", "warn", "note"].indexOf(b)),
    );
    expect(order[0]).toBe("stop");
  });

  test("a good camera has none", () => {
    const good = settled(
      withField(testCamera("flat-box", { depth: 150 }), "hole.diameter", ideal.constant * Math.sqrt(440e-6 * 150)),
      PAPER_LIGHT,
      ideal,
    );
    expect(verdicts(good)).toEqual([]);
  });

  test("a hole that came out at another size: the box moves to the distance it suits", () => {
    const measured = withField(box, "hole.measured", 0.25);
    expect(mended(measured, "hole-outside-band").chambers[0].film.distance).toBeCloseTo(
      0.25 ** 2 / (ideal.constant ** 2 * 440e-6),
      0,
    );
  });

  test("in a can a hole outside the band is made anew, since its distance is fixed", () => {
    const measured = withField(can, "hole.measured", 0.6);
    const fixed = mended(measured, "hole-outside-band");
    expect(fixed.measurements).toEqual([]);
    expect(fixed.container).toEqual(can.container);
  });
});

describe("what is meant so", () => {
  const dark = testCamera("flat-box", { depth: 75 });
  test("is not said again, until it is asked for; what won’t work is always said", () => {
    const corners = { id: "dark-corners", weight: "warn" } as const;
    const left = withMeant(dark, corners.id, true);
    expect([
      isMeant(dark, corners),
      isMeant(left, corners),
      isMeant(withMeant(left, corners.id, false), corners),
    ]).toEqual([false, true, false]);
    expect(isMeant(left, { id: "hole-outside-band", weight: "note" })).toBe(false);
    expect(isMeant(left, { ...corners, weight: "stop" })).toBe(false);
    expect(
      withMeant({ ...dark, making: { choices: { black: "leave" } } }, corners.id, true).making?.choices,
    ).toMatchObject({ black: "leave" });
  });
});

test("a lid that lies over the hole is told, and one press lowers the hole clear of it", () => {
  const low = withHole({ ...can, making: { choices: { closing: "lid" }, lidReach: 90 } }, { y: 0 });
  const [verdict] = verdicts(low).filter(({ id }) => id === "lid-over-hole");
  expect(verdict).toMatchObject({ weight: "stop", title: "The lid comes too near the hole" });
  expect(verdicts(mended(low, "lid-over-hole")).map(({ id }) => id)).not.toContain("lid-over-hole");
  const guessed = withHole({ ...can, making: { choices: { closing: "lid" } } }, { y: 70 });
  expect(verdicts(guessed).find(({ id }) => id === "lid-over-hole")?.weight).toBe("note");
});

test("the corner figure of the verdict is the one that is read beside it; while the opening clips, that is said alone", () => {
  for (const [, camera] of CASES) {
    const said = verdicts(camera);
    const corners = said.find(({ id }) => id === "dark-corners");
    if (said.some(({ id }) => id === "opening-cuts")) expect(corners).toBeUndefined();
    const { corner } = solve(pictureRequest(camera, PAPER_LIGHT), ideal).stopsLost;
    if (corners) expect(corners.title).toContain(`${corner?.toFixed(1)} stops`);
  }
});

test("a trim that throws away more than a tenth for less than half a stop is not offered", () => {
  const depths = Array.from({ length: 60 }, (_, i) => 70 + i);
  for (const depth of depths) {
    const camera = testCamera("flat-box", { depth, openingDiameter: 12 });
    const trim = verdicts(camera).find(({ id }) => id === "dark-corners")?.fix;
    if (trim?.mend.code !== "trim") continue;
    const { film: before } = camera.chambers[0];
    const after = trim.apply(camera).chambers[0].film;
    const thrown = 1 - (after.width * after.height) / (before.width * before.height);
    const { corner } = solve(pictureRequest(camera, PAPER_LIGHT), ideal).stopsLost;
    expect(thrown <= 0.1 || (corner ?? 9) - 2 >= 0.5).toBe(true);
  }
  // 2.3 stops lost: to have 2 left more than a tenth would go.
  const dim = depths
    .map((depth) => testCamera("flat-box", { depth, openingDiameter: 12 }))
    .find((camera) => {
      const { corner } = solve(pictureRequest(camera, PAPER_LIGHT), ideal).stopsLost;
      return corner !== null && corner > 2.2 && corner < 2.4;
    }) as Camera;
  expect(verdicts(dim).find(({ id }) => id === "dark-corners")?.fix).toBeNull();
});

test("a bare inside is a warning in metal, and good to know in card, with the share of light that comes back", () => {
  const bare = (material: string) =>
    verdicts({
      ...box,
      container: { ...box.container, material, insideBlack: false },
      making: { choices: { black: "leave" } },
    }).find(({ id }) => id === "not-black");
  expect(bare("tin metal")).toMatchObject({ weight: "warn" });
  expect(bare("card")).toMatchObject({ weight: "note" });
  expect(bare("tin metal")?.sentence).toMatch(/throw back some 1\d % of the picture’s light/);
  expect(bare("plastic")).toBeUndefined();
});
