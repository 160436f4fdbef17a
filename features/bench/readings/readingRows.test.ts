import { formats } from "../../../catalogue/formats.ts";
import { withField, withSheet } from "../../../core/camera/container/index.ts";
import type { CameraKind } from "../../../core/camera/kinds/index.ts";
import { ideal, inMm, testCamera } from "../../../core/testing/cameras.ts";
import { readDesign } from "./reading.ts";
import { readingRows } from "./readingRows.ts";

const words = (mm: number, digits = 2): string => `${+mm.toFixed(digits)} mm`;
const rowsOf = (camera: ReturnType<typeof testCamera>) => {
  const rows = readingRows(camera, readDesign(camera, ideal, inMm), words);
  return Object.fromEntries(rows.map((row) => [row.id, row]));
};

describe.each(["flat-box", "curled-can", "far-wall-tin", "canister"] as readonly CameraKind[])(
  "readings of a %s",
  (kind) => {
    test("each has a figure and a whole sentence; none says NaN, null or undefined", () => {
      const rows = Object.values(rowsOf(testCamera(kind)));
      expect(rows.length).toBeGreaterThanOrEqual(9);
      for (const { figure, sentence } of rows) {
        expect(figure.length).toBeGreaterThan(0);
        expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
        expect(figure + sentence).not.toMatch(/NaN|null|undefined|Infinity/);
      }
    });
  },
);

describe("what the sentences say", () => {
  const box = testCamera("flat-box");

  test("the hole: made to the rule, measured inside the band, measured outside it", () => {
    expect(rowsOf(box).hole).toMatchObject({
      name: "Hole to make",
      sentence: expect.stringMatching(/larger: softer and faster/),
    });
    expect(rowsOf(withField(box, "hole.measured", 0.27)).hole).toMatchObject({
      name: "Hole, measured",
      figure: "0.27 mm",
      sentence: expect.stringMatching(/just as sharp/),
    });
    expect(rowsOf(withField(box, "hole.measured", 0.1)).hole?.sentence).toMatch(/smaller: softer and slower/);
  });

  test("the view grows wide as the box grows shallow", () => {
    const says = (depth: number): string => rowsOf(withField(box, "container.depth", depth)).view?.sentence ?? "";
    expect(says(400)).toMatch(/Narrow/);
    expect(says(220)).toMatch(/Calm/);
    expect(says(130)).toMatch(/little wider/);
    expect(says(70)).toMatch(/Wide: step closer/);
    expect(says(40)).toMatch(/Very wide/);
  });

  test("dark corners, no image circle on a curve, an opening in the way, a part of a sheet", () => {
    expect(rowsOf(withField(testCamera("curled-can"), "hole.plateThickness", 0.3)).stops).toMatchObject({
      figure: "dark at corners",
      sentence: expect.stringMatching(/A corner gets no light/),
    });
    expect(rowsOf(testCamera("canister")).circle?.figure).toBe("none");
    expect(rowsOf(withField(withField(box, "container.wall", 5), "hole.openingDiameter", 1)).opening?.sentence).toMatch(
      /in the way/,
    );
    const format = formats.find(({ id }) => id === "in-5x7");
    const trimmed = withSheet(box, { width: 127, height: 118, format: format?.id ?? null, trimmed: true });
    expect(rowsOf(trimmed).used?.figure).toBe(`${Math.round((100 * 127 * 118) / (177.8 * 127))} %`);
  });
});
