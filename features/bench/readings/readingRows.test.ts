import { formats } from "../../../catalogue/formats.ts";
import { type LengthWords, withField, withMount, withSheet } from "../../../core/camera/container/index.ts";
import type { CameraKind } from "../../../core/camera/kinds/index.ts";
import { ideal, inMm, testCamera } from "../../../core/testing/cameras.ts";
import { readDesign } from "./reading.ts";
import { readingRows } from "./readingRows.ts";

const words: LengthWords = (mm, digits = 2) => (digits === "far" ? inMm(mm, "far") : `${+mm.toFixed(digits)} mm`);
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
      figure: "0.267 mm",
      sentence: expect.stringMatching(
        /^0.27 mm draws the most detail; from 0.23 mm to 0.29 mm looks the same; [^.]*0.34[^%]*$/,
      ),
    });
    expect(rowsOf(withField(box, "hole.measured", 0.28)).hole).toMatchObject({
      name: "Hole, measured",
      figure: "0.28 mm",
      sentence: expect.stringMatching(/This one keeps 99 % of it/),
    });
    expect(rowsOf(withMount(box, "bought")).hole?.name).toBe("Hole, as bought");
  });

  test("how near to go: half the sheet’s height filled, in metres as one says them", () => {
    // 600 mm × 70 / (0.5 × 101.6) = 827 mm: similar triangles.
    expect(rowsOf(box).near).toMatchObject({
      figure: "0.83 m",
      sentence: expect.stringMatching(/a head and shoulders at 0.83 m, a door at 2.8 m.*light from the side/),
    });
    expect(rowsOf(withField(box, "container.depth", 150)).near?.sentence).not.toMatch(/shadow/);
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
