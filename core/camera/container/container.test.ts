import { limitWords } from "../../../wording/limits.ts";
import { parseCamera } from "../../document/index.ts";
import { ideal, inMm, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import {
  cameraBody,
  cameraKind,
  designFaults,
  fieldValue,
  measuredDiameter,
  refusal,
  settled,
  sheetRoom,
  solveRequest,
  targetDiameter,
  withAim,
  withField,
  withFilm,
  withHole,
  withSheet,
} from "./index.ts";

/** What a change is refused with, in words; empty where it is not. */
const refused = (...change: Parameters<typeof refusal>): string => {
  const limit = refusal(...change);
  return limit === null ? "" : limitWords(limit, inMm);
};

const faultsOf = (camera: ReturnType<typeof testCamera>): string[] => designFaults(camera).map(({ field }) => field);

describe("what can't be built", () => {
  test.each(["flat-box", "curled-can", "far-wall-tin", "canister"] as const)("a usual %s has no faults", (kind) => {
    expect(faultsOf(testCamera(kind))).toEqual([]);
  });

  test.each([
    ["flat-box", { sheetWidth: 165.5 }, "film.width", /165 mm wide/],
    ["flat-box", { sheetHeight: 118.5 }, "film.height", /118 mm high/],
    ["curled-can", { sheetWidth: 199.3 }, "film.width", /199.23 mm at most, with 10 mm left free at the hole/],
    ["curled-can", { sheetHeight: 169 }, "film.height", /168 mm high/],
    ["far-wall-tin", { sheetWidth: 472 }, "film.width", /471.24 mm at most, half way round/],
    ["canister", { sheetWidth: 83 }, "film.width", /82.68 mm at most/],
    ["flat-box", { width: 0 }, "container.width", /above 0, such as 100 mm/],
    ["flat-box", { depth: -5 }, "container.depth", /above 0/],
    ["flat-box", { depth: 6000 }, "container.depth", /5000 mm at most/],
    ["curled-can", { diameter: Number.NaN }, "container.diameter", /above 0/],
    ["flat-box", { wall: -1 }, "container.wall", /less than 0/],
    ["flat-box", { plateThickness: -0.1 }, "hole.plateThickness", /less than 0/],
    ["flat-box", { openingDiameter: 0.1 }, "hole.openingDiameter", /at least as wide as the hole, 0.27 mm/],
    ["flat-box", { holeAbove: 119 }, "hole.above", /0.13 mm to 117.87 mm above the bottom/],
    ["canister", { holeAbove: 46, openingDiameter: 6.35 }, "hole.above", /3.1[78] mm to 43.83 mm/],
    ["canister", { openingDiameter: 60 }, "hole.above", /The opening, 60 mm wide, is larger than this face/],
  ] as const)("%s with %j: %s", (kind, more, field, words) => {
    const faults = designFaults(testCamera(kind, more));
    const fault = faults.find((each) => each.field === field);
    expect(fault && limitWords(fault.limit, inMm)).toMatch(words);
  });

  test("a sheet that just fits is no fault; one moved into a wall or over the hole is", () => {
    expect(faultsOf(testCamera("flat-box", { sheetWidth: 165, sheetHeight: 118 }))).toEqual([]);
    const box = testCamera("flat-box");
    expect(faultsOf(withField(box, "film.x", 20))).toEqual(["film.x"]);
    expect(faultsOf(withField(box, "film.x", 19))).toEqual([]);
    expect(faultsOf(withField(box, "film.y", -9))).toEqual(["film.y"]);
    const can = testCamera("curled-can");
    // (2π·33.3 − 10 − 177.8) / 2 = 10.71 mm either way.
    expect(faultsOf(withField(can, "film.slide", 10.7))).toEqual([]);
    expect(faultsOf(withField(can, "film.slide", -10.8))).toEqual(["film.slide"]);
    expect(faultsOf(withField(box, "hole.x", 83))).toEqual(["hole.x"]);
  });

  test("a can may get too small for its sheet, but not smaller than once round it", () => {
    const can = testCamera("curled-can");
    expect(refusal(withField(can, "container.diameter", 58), "container.diameter")).toBeNull();
    expect(refused(withField(can, "container.diameter", 56), "container.diameter")).toMatch(/56.6 mm across at least/);
  });
});

describe("changes that no file could hold", () => {
  const narrow = withField(testCamera("flat-box"), "hole.openingDiameter", 0.4);

  test("a deeper box whose hole would outgrow its opening is refused, with what to do first", () => {
    const deep = settled(withField(narrow, "container.depth", 220), PAPER_LIGHT, ideal);
    expect(refused(deep, "container.depth")).toMatch(
      /The hole, 0.47 mm, would be wider than the opening before it, 0.4 mm. Widen the opening first/,
    );
    expect(
      refusal(settled(withField(narrow, "container.depth", 80), PAPER_LIGHT, ideal), "container.depth"),
    ).toBeNull();
  });

  test("so is another rule, and an own hole wider than the opening", () => {
    const tight = withField(narrow, "hole.openingDiameter", 0.3);
    expect(refused(settled(withAim(tight, { rule: "zone" }), PAPER_LIGHT, ideal), null)).toMatch(
      /Widen the opening first/,
    );
    expect(refused(withField(narrow, "hole.diameter", 0.5), "hole.diameter")).toMatch(/Widen the opening first/);
    expect(refusal(settled(withAim(tight, { rule: "petzval" }), PAPER_LIGHT, ideal), null)).toBeNull();
  });

  test("whatever is not refused is a valid file", () => {
    for (const depth of [20, 60, 90, 140, 220, 300]) {
      for (const rule of ["petzval", "rayleigh", "zone", "computed"] as const) {
        const next = settled(withAim(withField(narrow, "container.depth", depth), { rule }), PAPER_LIGHT, ideal);
        expect(parseCamera(next).ok).toBe(refusal(next, "container.depth") === null);
      }
    }
  });

  test("choosing “my own” for a hole still left to “best” starts from Rayleigh’s, never from nothing", () => {
    const best = withAim(withHole(testCamera("flat-box"), { diameter: "best" }), { rule: "own" });
    expect(targetDiameter(best, PAPER_LIGHT, ideal)).toBeCloseTo(Math.sqrt(3.6 * 440e-6 * 70), 12);
  });
});

describe("edits", () => {
  test("every size set reads back as it was set", () => {
    for (const kind of ["flat-box", "curled-can"] as const) {
      const fields = [
        "container.height",
        "container.wall",
        "film.width",
        "film.height",
        "film.y",
        "hole.above",
        "hole.diameter",
        "hole.measured",
        "hole.openingDiameter",
        "hole.plateThickness",
        ...(kind === "flat-box"
          ? (["container.width", "container.depth", "film.x", "hole.x"] as const)
          : (["container.diameter", "film.slide"] as const)),
      ] as const;
      for (const field of fields) expect(fieldValue(withField(testCamera(kind), field, 7.25), field)).toBe(7.25);
    }
  });

  test("depth moves the sheet with the far wall, diameter its curve too", () => {
    expect(withField(testCamera("flat-box"), "container.depth", 90).chambers[0].film.distance).toBe(90);
    expect(withField(testCamera("curled-can"), "container.diameter", 80).chambers[0].film).toMatchObject({
      distance: 80,
      radius: 40,
    });
  });

  test("what stands on a can’s bottom stays there when the can gets higher", () => {
    const can = testCamera("curled-can");
    const higher = withField(can, "container.height", 200);
    const above = (camera: typeof can): number =>
      (camera.chambers[0].film.y ?? 0) - camera.chambers[0].film.height / 2 + cameraBody(camera).high / 2;
    expect(above(can)).toBeCloseTo(0, 12);
    expect(above(higher)).toBeCloseTo(0, 12);
    expect(fieldValue(higher, "hole.above")).toBeCloseTo(fieldValue(can, "hole.above") ?? -1, 12);
  });

  test("a film canister’s hole is 7/8 in above the bottom, the middle of its 1 3/4 in picture (common practice)", () => {
    expect(fieldValue(testCamera("canister"), "hole.above")).toBeCloseTo(22.225, 10);
  });

  test("the hole follows its rule: deeper box, larger hole; an own hole stays", () => {
    const box = testCamera("flat-box");
    const deeper = settled(withField(box, "container.depth", 140), PAPER_LIGHT, ideal);
    expect(Number(deeper.chambers[0].holes[0].diameter) / Number(box.chambers[0].holes[0].diameter)).toBeCloseTo(
      Math.SQRT2,
      10,
    );
    const own = settled(withField(withField(box, "hole.diameter", 0.4), "container.depth", 140), PAPER_LIGHT, ideal);
    expect(own.chambers[0].holes[0].diameter).toBe(0.4);
    const best = withHole(withAim(box, { rule: undefined }), { diameter: "best" });
    expect(targetDiameter(best, PAPER_LIGHT, ideal)).toBeCloseTo(Math.sqrt(3.6 * 440e-6 * 70), 12);
    expect(targetDiameter(withAim(box, { rule: "computed" }), PAPER_LIGHT, ideal)).toBeCloseTo(
      ideal.constant * Math.sqrt(440e-6 * 70),
      12,
    );
  });

  test("a measured hole counts in what is solved; measured again, the newer counts; emptied, the design’s", () => {
    const once = withField(testCamera("flat-box"), "hole.measured", 0.31);
    const twice = { ...once, measurements: [...(once.measurements ?? []), { chamber: 0, hole: 0, diameter: 0.29 }] };
    expect(solveRequest(twice, PAPER_LIGHT).hole.diameter).toBe(0.29);
    expect(measuredDiameter(withField(twice, "hole.measured", null))).toBeNull();
  });

  test("another sheet goes where it belongs: centred in a box, standing in a can with the hole opposite", () => {
    const sheet = { width: 90, height: 60, format: "cm-9x12", trimmed: true };
    expect(withSheet(testCamera("flat-box"), sheet).chambers[0].film).toMatchObject({
      x: 0,
      y: 0,
      trim: { width: 90, height: 60 },
    });
    const can = withSheet(testCamera("curled-can"), sheet);
    expect(can.chambers[0].film.y).toBe(-54);
    expect(can.chambers[0].holes[0].y).toBe(-54);
  });

  test("a file that names no kind: box, or by how far round its sheet goes", () => {
    const nameless = (camera: ReturnType<typeof testCamera>) => ({
      ...camera,
      container: { ...camera.container, kind: undefined },
    });
    expect(cameraKind(nameless(testCamera("flat-box")))).toBe("flat-box");
    expect(cameraKind(nameless(testCamera("curled-can")))).toBe("curled-can");
    expect(cameraKind(nameless(testCamera("far-wall-tin")))).toBe("far-wall-tin");
    expect(sheetRoom(testCamera("curled-can").container, "curled-can").width).toBeCloseTo(Math.PI * 66.6 - 10, 10);
    expect(withFilm(testCamera("flat-box"), { medium: "x" }).chambers[0].film.medium).toBe("x");
  });
});
