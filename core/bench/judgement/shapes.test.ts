import { formats } from "../../../catalogue/formats.ts";
import { type SaidVerdict, saidVerdict } from "../../../wording/verdicts.ts";
import {
  type Camera,
  designFaults,
  refusal,
  settled,
  withAim,
  withContainer,
  withField,
  withHoleAdded,
} from "../../camera/container/index.ts";
import { ideal, inMm, KINDS, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { mendedBy, verdictAmong, verdictsOf } from "../../testing/verdicts.ts";

const verdicts = (camera: Camera): readonly SaidVerdict[] =>
  verdictsOf(camera, formats).map((verdict) => saidVerdict(verdict, inMm));
const of = (camera: Camera, id: string): SaidVerdict => verdictAmong(verdicts(camera), id);
const mended = (camera: Camera, id: string): Camera => mendedBy(camera, of(camera, id));

const thin = { plateThickness: 0.05 };

describe("each has a sentence with its number, and one press mends it", () => {
  const drum = withContainer(testCamera("drum", thin), { baffle: null });
  const stereo = withField(testCamera("stereo-box", thin), "chamber.divider", null);
  const near = withAim(testCamera("stereo-box", thin), { subjectDistance: 1500 });
  const box = testCamera("flat-box");
  const shines = withContainer(box, { translucent: true });
  const taped = withContainer(box, { tapeLayers: 1 });
  const lidded = testCamera("lid-can", { sheetWidth: 90, sheetHeight: 70 });
  const folded = withField(testCamera("folded-box"), "folded.sheet", 260);
  const covered = withField(testCamera("curled-can"), "container.diameter", 56.7);
  test.each([
    ["cross-light", drum, /Between vane and wall are 2 mm: up to [\d.]+ %/],
    ["stereo-overlap", stereo, /standing \d+\.?\d* mm forward/],
    ["stereo-one-sided", withHoleAdded(testCamera("flat-box", thin)), /no wall there can part/],
    ["stereo-near", near, /nearer things are hard/],
    ["translucent", shines, /two layers/],
    ["one-layer", taped, /leak in the sun/],
    ["fault-film.width", lidded, /corners must fit/],
    ["fault-film.distance", withField(folded, "film.distance", 20), /slide from/],
    ["fault-film.width", covered, /10 mm left free/],
  ] as const)("%s", (id, camera, sentence) => {
    expect(of(camera, id).sentence).toMatch(sentence);
    expect(verdicts(mended(camera, id)).map((each) => each.id)).not.toContain(id);
  });

  test("paper that reaches round to the hole is called what it is", () => {
    expect(of(covered, "fault-film.width").title).toBe("The paper covers the hole");
  });
});

test.each([
  ["a bow too tight for any sheet", withField(testCamera("curved-box"), "film.radius", 1), "film.width"],
  ["a box of a tenth of a millimetre", withField(testCamera("flat-box"), "container.width", 0.1), "film.width"],
  ["a can as narrow as a straw", withField(testCamera("curled-can"), "container.diameter", 3), "film.width"],
  ["a sheet as high as its round back", withField(testCamera("lid-can"), "film.height", 100), "film.width"],
  ["a box lower than a millimetre", withField(testCamera("flat-box"), "container.height", 0.5), "film.height"],
] as const)("%s says so, and offers no trim to nothing", (_, camera, field) => {
  const { button, sentence } = of(camera, `fault-${field}`);
  expect(button).toBeNull();
  expect(sentence).not.toMatch(/[−-]\d|\b0 mm/);
});

describe("a sheet too long for the room between a drum’s vanes", () => {
  const deep = withField(testCamera("drum", thin), "film.distance", 130);
  const verdict = of(deep, "fault-film.width");

  test("stands nearer the hole, where the vanes are farther apart, and keeps its length", () => {
    const stands = mended(deep, "fault-film.width").chambers[0].film;
    expect(verdict.button).toBe(`Stand it ${stands.distance} mm from the hole`);
    expect(stands.width).toBe(deep.chambers[0].film.width);
    // No farther in than it must: a millimetre more, and it meets a vane.
    expect(designFaults(withField(deep, "film.distance", stands.distance))).toEqual([]);
    expect(designFaults(withField(deep, "film.distance", stands.distance + 1))).not.toEqual([]);
  });

  test("is trimmed where no such place is near", () => {
    const long = withField(deep, "film.width", 400);
    expect(of(long, "fault-film.width").button).toMatch(/^Trim the sheet to /);
  });
});

describe("a hole that came out at another size", () => {
  test("slides the folded boxes to the distance that suits it, where they reach it", () => {
    const camera = withField(withField(testCamera("folded-box"), "film.distance", 100), "hole.measured", 0.26);
    const verdict = of(camera, "hole-outside-band");
    const suits = 0.26 ** 2 / (ideal.constant ** 2 * 440e-6);
    expect(verdict.button).toBe(`Move the sheet to ${suits.toFixed(1)} mm`);
    expect(verdict.fix?.apply(camera).chambers[0].film.distance).toBeCloseTo(suits, 1);
  });

  test("0.35 mm suits about 62 mm, f/177 (common practice: by Rayleigh’s constant, 550 nm)", () => {
    const suits = 0.35 ** 2 / (3.6 * 550e-6);
    expect(suits).toBeCloseTo(61.9, 1);
    expect(Math.round(62 / 0.35)).toBe(177);
  });
});

test("a small picture in a container that takes a larger sheet says so", () => {
  const small = testCamera("flat-box", { sheetWidth: 36, sheetHeight: 24 });
  const verdict = of(small, "picture-small");
  expect(verdict.title).toMatch(/only \d+ line pairs/);
  expect(verdict.fix?.apply(small).chambers[0].film.width).toBeGreaterThan(100);
});

test("a leaning box whose hole came out small keeps its depth: the hole is made larger", () => {
  const small = withField(testCamera("slanted-box", thin), "hole.measured", 0.15);
  const verdict = of(small, "hole-outside-band");
  expect(verdict.sentence).toMatch(/Sand or turn the needle/);
  expect(verdict.fix).toBeNull();
});

describe("the nearest cause is mended first, and no fix is absurd", () => {
  // From a corner at tan α = 0.68 through a wall of 8 mm: dark at 7 mm, a part of the light at 10.8 mm.
  test.each([7, 10.8])(
    "an opening of %p mm that clips the corners is widened; the sheet is not trimmed for it",
    (opening) => {
      const narrow = withField(
        withField(testCamera("flat-box", { depth: 120 }), "container.wall", 8),
        "hole.openingDiameter",
        opening,
      );
      const ids = verdicts(narrow).map(({ id }) => id);
      expect(ids).toContain("opening-cuts");
      expect(ids).not.toContain("dark-corners");
      expect(verdicts(mended(narrow, "opening-cuts")).map(({ id }) => id)).not.toContain("opening-cuts");
    },
  );

  test("a can whose last 5 mm of paper stay white is to be looked at, not broken", () => {
    const can = testCamera("curled-can", { plateThickness: 0.1 });
    const [first] = verdicts(can).filter(({ id }) => id === "plate-cuts");
    const blank = Number(/the last (\d+) mm/.exec(first?.sentence ?? "")?.[1]);
    expect(blank).toBeGreaterThan(0);
    expect(first?.weight).toBe(blank <= 0.04 * 177.8 ? "note" : "warn");
  });

  test("wound film is never trimmed, and no fix leaves less than half of a picture", () => {
    for (const kind of KINDS) {
      for (const depth of [25, 40, 60]) {
        const camera = withField(testCamera(kind), "container.depth", depth);
        for (const { fix } of verdicts(camera)) {
          const { film, roll } = camera.chambers[0];
          const after = fix?.apply(camera).chambers[0].film ?? film;
          if (roll) expect([after.width, after.height]).toEqual([film.width, film.height]);
          if (designFaults(camera).length === 0) {
            expect(after.width * after.height).toBeGreaterThanOrEqual(0.49 * film.width * film.height);
          }
        }
      }
    }
  });

  test("every fix that is offered passes the refusal that would stop it, and makes no new fault", () => {
    for (const kind of KINDS) {
      for (const change of [{}, { plateThickness: 1 }, { wall: 6, openingDiameter: 3 }, { holeDiameter: 1 }]) {
        const camera = testCamera(kind, change);
        for (const { fix } of verdicts(camera)) {
          if (fix === null) continue;
          const next = settled(fix.apply(camera), PAPER_LIGHT, ideal);
          expect(refusal(next, null)).toBeNull();
          expect(designFaults(next).length).toBeLessThanOrEqual(designFaults(camera).length);
        }
      }
    }
  });
});

test("two measured holes that differ are told in stops, from a third of a stop on: 0.30 to 0.35 mm are 0.44", () => {
  const measured = (first: number, second: number): Camera => ({
    ...testCamera("stereo-box"),
    measurements: [
      { diameter: first, hole: 0 },
      { diameter: second, hole: 1 },
    ],
  });
  const differs = (first: number, second: number) => of(measured(first, second), "holes-differ");
  expect(2 * Math.log2(0.35 / 0.3)).toBeCloseTo(0.4448, 4);
  expect(differs(0.3, 0.35)?.sentence).toMatch(/picture of hole 1 comes out darker\. Open it up to 0\.35 mm/);
  expect(differs(0.35, 0.3)?.sentence).toMatch(/picture of hole 2 comes out darker/);
  const ids = (camera: Camera) => verdicts(camera).map(({ id }) => id);
  expect(ids(measured(0.3, 0.33))).not.toContain("holes-differ");
  expect(ids({ ...testCamera("stereo-box"), measurements: [{ diameter: 0.3, hole: 0 }] })).not.toContain(
    "holes-differ",
  );
});
