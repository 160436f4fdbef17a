import { formats } from "../../../catalogue/formats.ts";
import { plates } from "../../../catalogue/plates.ts";
import { layoutWords, reasons } from "../../../wording/finderWords.ts";
import {
  type Camera,
  cameraKind,
  designFaults,
  pictureRequest,
  settled,
  withField,
} from "../../camera/container/index.ts";
import type { CameraKind } from "../../camera/kinds/index.ts";
import { parseCamera } from "../../document/index.ts";
import { solve } from "../../light/solve/index.ts";
import { ideal, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { type FinderAnswer, find, layoutSketch, type Wish, withLayout } from "./index.ts";
import { scoreOf } from "./merits.ts";

const NONE: Wish = { wide: 0, sharp: 0, fast: 0, even: 0, whole: 0, cheap: 0 };
const ALL: Wish = { wide: 0.4, sharp: 0.6, fast: 0.2, even: 0.5, whole: 0.7, cheap: 0.1 };

function found(camera: Camera, wish: Wish, most = 12): FinderAnswer {
  const stock = { formats, plates: plates.map(({ thickness }) => thickness) };
  return find({ camera, light: PAPER_LIGHT, contrast: 0.2, ideal, stock, wish, most });
}

const KINDS: readonly CameraKind[] = [
  "flat-box",
  "stereo-box",
  "curled-can",
  "far-wall-tin",
  "lid-can",
  "folded-box",
  "drum",
];

describe.each(KINDS)("what a %s could be", (kind) => {
  const camera = testCamera(kind);
  const answer = found(camera, ALL);

  test("at least 5,000 layouts are examined, best first, each once", () => {
    expect(answer.examined).toBeGreaterThanOrEqual(5000);
    const scores = answer.found.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
    const keys = answer.found.map(
      ({ layout }) => `${layoutWords(layout)} ${layout.format.name} ${layout.holes.length} ${layout.holes[0]?.x}`,
    );
    expect(new Set(keys).size).toBe(keys.length);
    expect(answer.found.reduce((sum, { others }) => sum + others + 1, 0)).toBeLessThanOrEqual(answer.examined);
  });

  test("every one of them becomes a design that can be built and stored, with the merits that were promised", () => {
    for (const { layout, merits } of answer.found) {
      const made = settled(withLayout(camera, layout), PAPER_LIGHT, ideal);
      expect(designFaults(made)).toEqual([]);
      expect(parseCamera(made).ok).toBe(true);
      expect(cameraKind(made)).toBe(layout.kind);
      const result = solve(pictureRequest(made, PAPER_LIGHT), ideal);
      expect(result.fNumber / merits.fNumber).toBeCloseTo(1, 6);
      expect(result.view.horizontal).toBeCloseTo(merits.view, 6);
      expect(result.fullSunSeconds / merits.seconds).toBeCloseTo(1, 6);
    }
  });

  test("says why in words, and draws it", () => {
    for (const { layout, merits } of answer.found) {
      expect(reasons(merits, layout.used, (s) => `${s.toFixed(0)} s`)).toMatch(
        /^[A-Z0-9].*° across; .*line pairs.*full sun; .*\.$/,
      );
      const { bounds, marks } = layoutSketch(layout);
      expect(bounds.width).toBeGreaterThan(0);
      expect(marks.length).toBeGreaterThan(3);
    }
  });
});

describe("wishes", () => {
  const box = testCamera("flat-box");
  const first = (wish: Partial<Wish>) => {
    const [best] = found(box, { ...NONE, ...wish }, 1).found;
    if (best === undefined) throw new Error("nothing found");
    return best;
  };

  test("wide is wider than long; fast is faster than sharp; sharp holds more lines; cheap takes less paper", () => {
    expect(first({ wide: 1 }).merits.view).toBeGreaterThan(first({ wide: -1 }).merits.view + 40);
    expect(first({ fast: 1 }).merits.seconds).toBeLessThan(first({ sharp: 1 }).merits.seconds);
    expect(first({ sharp: 1 }).merits.pairs).toBeGreaterThan(first({ fast: 1 }).merits.pairs);
    expect(first({ cheap: 1 }).merits.paper).toBeLessThan(first({ sharp: 1 }).merits.paper);
  });

  test("without trimming every sheet on the list goes in whole; even keeps the corners light", () => {
    expect(found(box, { ...NONE, whole: 1 }).found.every(({ layout }) => layout.used === 1)).toBe(true);
    expect(first({ even: 1 }).merits.corner).toBeLessThan(0.5);
  });

  test("a hole moved to another face gives the container’s sizes other names; what was measured goes", () => {
    const measured = withField(box, "hole.measured", 0.31);
    const layouts = found(measured, { ...NONE, wide: -1 }, 40).found.map(({ layout }) => layout);
    const sideways = layouts.find(({ face }) => face === "side");
    if (sideways === undefined) throw new Error("no layout through the side");
    const made = withLayout(measured, sideways);
    expect(made.container).toMatchObject({ width: 70, height: 118, depth: 165 });
    expect(made.measurements).toEqual([]);
    expect(made.chambers[0].film.distance).toBe(165);
  });
});

describe("how layouts are weighed", () => {
  const MERITS = { view: 80, fNumber: 200, seconds: 20, corner: 1, pairs: 300, paper: 10_000 };
  const WISH: Wish = { wide: 0.4, sharp: 0.6, fast: 0.2, even: 0, whole: 0.7, cheap: 0.1 };

  test("a dark corner costs four tenths of all, besides its own merit", () => {
    const light = scoreOf({ ...MERITS, corner: 4 }, 1, WISH);
    // Four stops down is as bad as evenness can be: what is left is the price of the dark.
    expect(scoreOf({ ...MERITS, corner: null }, 1, WISH)).toBeCloseTo(0.6 * light, 12);
    expect(scoreOf({ ...MERITS, corner: 2 }, 1, WISH)).toBeGreaterThan(light);
  });

  test("ties go to the plate that is there and the hole in the middle", () => {
    // A tube so long that plate and height of the hole hardly matter.
    const tube = withField(testCamera("lid-can", { plateThickness: 0.05 }), "container.height", 1200);
    const under = found(tube, { ...NONE, sharp: 1 }, 500).found.filter(({ layout }) => layout.face === "lid");
    expect(under.length).toBeGreaterThan(5);
    for (const { layout } of under) {
      expect(layout.plateThickness).toBe(0.05);
      expect(layout.holes).toEqual([{ x: 0, y: 0 }]);
    }
  });
});
