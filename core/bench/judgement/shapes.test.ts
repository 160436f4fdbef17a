import { formats } from "../../../catalogue/formats.ts";
import { subjects } from "../../../catalogue/subjects.ts";
import { type Camera, fieldValue, withContainer, withField, withHoleAdded } from "../../camera/container/index.ts";
import { nearEnough } from "../../camera/framing/index.ts";
import { ideal, testCamera } from "../../testing/cameras.ts";
import { mendedBy, verdictAmong, verdictsOf } from "../../testing/verdicts.ts";
import type { Verdict } from "./index.ts";

const verdicts = (camera: Camera): readonly Verdict[] => verdictsOf(camera, formats, subjects);
const of = (camera: Camera, id: string): Verdict => verdictAmong(verdicts(camera), id);
const mended = (camera: Camera, id: string): Camera => mendedBy(camera, of(camera, id));

const thin = { plateThickness: 0.05 };

describe("each has a sentence with its number, and one press mends it", () => {
  const drum = testCamera("drum", thin);
  const stereo = testCamera("stereo-box", thin);
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
    ["stereo-near", stereo, /nearer things are hard/],
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

describe("a wide view", () => {
  const can = testCamera("far-wall-tin", { diameter: 120, height: 120, sheetWidth: 170, sheetHeight: 110 });

  test("says how near for each subject to fill half the height, and works the hole out for the nearest", () => {
    const verdict = of(can, "go-near");
    const bust = Math.round(nearEnough(600, 120, 110, 0.5) / 10) * 10;
    expect(verdict.sentence).toContain(`a head and shoulders from ${bust} mm`);
    for (const { name } of subjects) expect(verdict.sentence).toContain(name);
    const near = mended(can, "go-near");
    expect(near.chambers[0].aim?.subjectDistance).toBe(bust);
    expect(Number(near.chambers[0].holes[0].diameter)).toBeLessThan(Number(can.chambers[0].holes[0].diameter));
  });

  test("warns of the camera’s own shadow when that is an arm’s length", () => {
    const tiny = testCamera("curled-can", { diameter: 40, height: 60, sheetWidth: 110, sheetHeight: 55 });
    expect(of(tiny, "go-near").sentence).toMatch(/shadow/);
    expect(of(can, "go-near").sentence).not.toMatch(/shadow/);
  });

  test("is silent for a calm one", () => {
    expect(verdicts(testCamera("flat-box", { depth: 150 })).map(({ id }) => id)).not.toContain("go-near");
  });
});

describe("a hole that came out at another size", () => {
  test("slides the folded boxes to the distance that suits it, where they reach it", () => {
    const camera = withField(withField(testCamera("folded-box"), "film.distance", 100), "hole.measured", 0.26);
    const verdict = of(camera, "hole-outside-band");
    const suits = 0.26 ** 2 / (ideal.constant ** 2 * 440e-6);
    expect(verdict.fix.label).toBe(`Slide the boxes to ${Math.round(suits)} mm`);
    expect(verdict.fix.apply(camera).chambers[0].film.distance).toBe(Math.round(suits));
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
  expect(verdict.fix.apply(small).chambers[0].film.width).toBeGreaterThan(100);
});

test("a leaning box whose hole came out small is made as deep as brings the sheet’s middle to the distance it suits", () => {
  const small = withField(testCamera("slanted-box", thin), "hole.measured", 0.25);
  const verdict = of(small, "hole-outside-band");
  const suits = Number(/best at ([\d.]+) mm/.exec(verdict.sentence)?.[1]);
  const better = mended(small, "hole-outside-band");
  // In full millimetres; the farthest corner still touches the back, so the box is deeper than that.
  expect(Math.abs(better.chambers[0].film.distance - suits)).toBeLessThan(0.51);
  expect(fieldValue(better, "container.depth")).toBeGreaterThan(suits + 20);
  expect(verdicts(better).map(({ id }) => id)).not.toContain("hole-outside-band");
});
