import { mediumById } from "../../../catalogue/media.ts";
import { INK } from "../../../core/basis/drawing/index.ts";
import { scenes } from "../../../core/bench/preview/index.ts";
import {
  fieldRecord,
  fieldValue,
  type LengthWords,
  solveRequest,
  withField,
} from "../../../core/camera/container/index.ts";
import { type CameraKind, kindRecord, kinds } from "../../../core/camera/kinds/index.ts";
import { lightBand, resolution, resolutionCurve } from "../../../core/light/hole/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import { USUAL_STAY } from "../../../core/sun/index.ts";
import { ideal, inMm, PAPER_LIGHT, testCamera } from "../../../core/testing/cameras.ts";
import { curveOption, detailAt, placedCurve, schoolPoints } from "../hole/curve/curveOption.ts";
import { contrastOption, fallOffOption, partedLines } from "../hole/curve/sheetCharts.ts";
import { holeFields, SHEET_FIELDS } from "../measures/measureFields.ts";
import { previewWords, tracksWords, walkerWords } from "../picture/previewWords.ts";
import { readDesign } from "../readings/reading.ts";
import { readingRows } from "../readings/readingRows.ts";
import { newVersion } from "./newVersion.ts";

const words: LengthWords = (mm, digits = 2) => `${mm.toFixed(digits === "far" ? 0 : digits)} mm`;

describe.each(kinds.map(({ id }) => id))("a %s on the Bench", (kind: CameraKind) => {
  const camera = testCamera(kind);

  test("has an entry for every size that a maker may set, each with a value", () => {
    for (const field of [...kindRecord(kind).measures, ...holeFields(camera), ...SHEET_FIELDS]) {
      const { label, optional } = fieldRecord(field);
      expect(label).toMatch(/^[A-Z]/);
      const value = fieldValue(camera, field);
      if (!optional) expect(typeof value).toBe("number");
      // Set to what it is, nothing changes.
      if (value !== null && field !== "hole.measured") {
        expect(fieldValue(withField(camera, field, value), field)).toBeCloseTo(value, 9);
      }
    }
  });

  test("says in whole sentences what it will do; no figure is broken", () => {
    const rows = readingRows(camera, readDesign(camera, ideal, inMm), words);
    for (const { figure, sentence } of rows) {
      expect(`${figure} ${sentence}`).not.toMatch(/NaN|Infinity|undefined|null/);
      expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
    }
    expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
  });
});

describe("the curve’s charts", () => {
  const camera = testCamera("flat-box");
  const medium = mediumById("rc-graded");
  const model = opticalModel(solveRequest(camera, PAPER_LIGHT));
  const band = lightBand(medium.sensitivity, 5500);
  const one = [{ wavelengthNm: 440, share: 1 }];

  test("at a distance the curve is the resolution of each diameter, for one wavelength to 0.2 %", () => {
    const curve = placedCurve(resolutionCurve(one, 0.2), model.setting);
    for (const diameter of [0.2, 0.25, 0.3, 0.4]) {
      expect(detailAt(curve, diameter) / resolution(diameter, model.setting, 0.2)).toBeCloseTo(1, 2.4);
    }
    expect(curve.best[0] / (ideal.constant * Math.sqrt(440e-6 * 70))).toBeCloseTo(1, 2);
    expect(curve.band95[0]).toBeLessThan(curve.best[0]);
    expect(curve.band90[1]).toBeGreaterThan(curve.band95[1]);
  });

  test("every rule is a named point on it, in both themes", () => {
    const curve = placedCurve(resolutionCurve(one, 0.2), model.setting);
    for (const ink of [INK.light, INK.dark]) {
      const option = curveOption(curve, schoolPoints(model.setting), ink, inMm) as {
        series: readonly { type: string; data: readonly { name: string; value: readonly [number, number] }[] }[];
      };
      const points = option.series.find(({ type }) => type === "scatter")?.data ?? [];
      expect(points.map(({ name }) => name)).toEqual(["Petzval", "Airy balance", "Rayleigh", "One zone"]);
      for (const { value } of points) expect(value[1]).toBeCloseTo(detailAt(curve, value[0]), 9);
    }
  });

  test("corners part coarser lines than the middle; a corner in the dark has none", () => {
    const { middle, corner } = partedLines(model, band, 0.2, 12);
    expect(corner).toBeLessThan(middle as number);
    const thick = opticalModel(solveRequest(testCamera("curled-can", { plateThickness: 0.25 }), PAPER_LIGHT));
    const dark = { ...thick, width: 205 };
    expect(partedLines(dark, band, 0.2, 12).corner).toBeNull();
  });

  test("charts of contrast and fall-off have finite points only, and begin at full contrast", () => {
    const contrast = contrastOption(model, band, 4.5, INK.light) as {
      series: readonly { data: readonly (readonly [number, number])[] }[];
    };
    expect(contrast.series).toHaveLength(3);
    for (const { data } of contrast.series) {
      expect(data[0]?.[1]).toBeCloseTo(1, 6);
      for (const [x, y] of data) expect(Number.isFinite(x) && Number.isFinite(y) && y <= 1.0001).toBe(true);
    }
    const fall = fallOffOption([model], 0, INK.light) as {
      series: readonly { data: readonly (readonly [number, number | null])[] }[];
    };
    for (const { data } of fall.series) {
      const middle = data[(data.length - 1) / 2];
      expect(middle?.[1]).toBeCloseTo(0, 9);
      for (const [x, y] of data) expect(Number.isFinite(x) && (y === null || Number.isFinite(y))).toBe(true);
    }
  });
});

describe("words of the preview", () => {
  test("say what to do with the time", () => {
    expect(previewWords({ burnt: 0.5, blank: 0 }, "negative")).toMatch(/half the time/);
    expect(previewWords({ burnt: 0, blank: 0.8 }, "negative")).toMatch(/twice the time/);
    expect(previewWords({ burnt: 0.2, blank: 0.4 }, "negative")).toMatch(/Pre-flash/);
    expect(previewWords({ burnt: 0, blank: 0.4 }, "negative")).toMatch(/shadows are empty/);
    expect(previewWords({ burnt: 0.05, blank: 0.1 }, "negative")).toMatch(/both ends are there/);
    // A direct positive goes white where it had too much.
    expect(previewWords({ burnt: 0.5, blank: 0 }, "direct-positive")).toBe(
      "50 % of the sheet went white: give it half the time.",
    );
    expect(previewWords({ burnt: 0, blank: 0.8 }, "direct-positive")).toMatch(/80 % of the sheet stayed black.*twice/);
  });

  test("and of a sheet in the sun what its tracks cover, by its plan or by none", () => {
    expect(tracksWords({ tracked: 0.384 }, null)).toBe(
      "From solstice to solstice at 51° north, looking south, the sun’s tracks cover about 38 % of the sheet.",
    );
    expect(tracksWords({ tracked: 0.001 }, { ...USUAL_STAY, from: "2026-03-01", to: "2026-04-01" })).toBe(
      "As planned under Sun, 1 Mar 2026 to 1 Apr 2026, no track of the sun lands on this sheet.",
    );
  });

  test("and what becomes of a walker, with size and speed on the sheet", () => {
    const walker = scenes[0]?.walker;
    if (walker === undefined) throw new Error("nobody walks");
    expect(walkerWords(walker, 60, 70, words)).toMatch(/21.6 mm high on the sheet, 15.3 mm a second.*vanishes/);
    expect(walkerWords(walker, 2, 70, words)).toMatch(/ghost/);
    expect(walkerWords(walker, 0.2, 70, words)).toMatch(/100 % of the time and shows/);
  });
});

describe("small readers", () => {
  test("counts and angles are read as written", () => {
    expect((["film.tiltX", "drum.tiers", "film.width"] as const).map((field) => fieldRecord(field).quantity)).toEqual([
      "angle",
      "count",
      "length",
    ]);
  });

  test("a version without a name is numbered", () => {
    const camera = testCamera("flat-box");
    expect(newVersion(camera).name).toBe("Version 1");
    expect(newVersion(camera, " Deep ").name).toBe("Deep");
    expect(newVersion(camera).at).toMatch(/^\d{4}-\d\d-\d\dT.*[+-]\d\d:\d\d$/);
  });
});
