import { PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { coverage, type SheetFormat, sheetFit } from "./index.ts";

const format = (width: number, height: number, kind: SheetFormat["kind"] = "sheet"): SheetFormat => ({
  id: `${width}x${height}`,
  name: "",
  width,
  height,
  kind,
  source: "test",
});
const FIVE_BY_SEVEN = format(177.8, 127);

describe("sheetFit", () => {
  test.each([
    [
      { width: 178, height: 127 },
      { fit: "whole", width: 177.8, height: 127, used: 1 },
    ],
    [
      { width: 127, height: 177.8 },
      { fit: "whole", width: 127, height: 177.8, used: 1 },
    ],
    [
      { width: 199.2, height: 110.7 },
      { fit: "trimmed", width: 177.8, height: 110 },
    ],
    [
      { width: 120, height: 118 },
      { fit: "trimmed", width: 120, height: 118 },
    ],
    [
      { width: 80, height: 60 },
      { fit: "no", used: 0 },
    ],
  ])("5×7 in a room of %j: %j", (room, want) => {
    expect(sheetFit(FIVE_BY_SEVEN, room)).toMatchObject(want);
  });

  test("the share used is the area kept; a frame of film is never trimmed", () => {
    expect(sheetFit(FIVE_BY_SEVEN, { width: 199, height: 110 }).used).toBeCloseTo(110 / 127, 12);
    expect(sheetFit(format(36, 24, "frame"), { width: 35, height: 30 }).fit).toBe("no");
    expect(sheetFit(format(36, 24, "frame"), { width: 24, height: 36 }).fit).toBe("whole");
  });

  test("the way round that keeps more is taken, also where the other keeps half", () => {
    expect(sheetFit(format(200, 100), { width: 100, height: 190 })).toEqual({
      fit: "trimmed",
      width: 100,
      height: 190,
      used: 0.95,
    });
  });

  test("a round back: what fits across its middle goes in, a larger sheet is cut down in proportion to full millimetres", () => {
    const round = (diagonal: number) => ({ width: diagonal, height: diagonal, diagonal });
    // 3, 4, 5: corners exactly on the rim.
    expect(sheetFit(format(120, 90), round(150))).toMatchObject({ fit: "whole", width: 120, height: 90 });
    expect(sheetFit(format(120, 90), round(149.9)).fit).toBe("trimmed");
    const cut = sheetFit(format(127, 101.6), round(130));
    expect(cut).toMatchObject({ fit: "trimmed", width: 101, height: 81 });
    expect(cut.used).toBeCloseTo((101 * 81) / (127 * 101.6), 12);
    expect(sheetFit(format(127, 101.6), round(100))).toMatchObject({ fit: "no", width: 127, height: 101.6, used: 0 });
  });

  test("a hair is no reason to cut: sizes in inches are not exact in millimetres", () => {
    expect(sheetFit(FIVE_BY_SEVEN, { width: 177.8 - 5e-7, height: 127 }).fit).toBe("whole");
    expect(sheetFit(FIVE_BY_SEVEN, { width: 177.8 - 5e-7, height: 110 })).toMatchObject({ width: 177.8, height: 110 });
    expect(sheetFit(format(120, 90), { width: 150, height: 150, diagonal: 150 - 5e-7 }).fit).toBe("whole");
  });
});

test("an 8×10 sheet in a box 9 1/2 × 7 1/4 in loses half an inch and three quarters (common practice)", () => {
  const fit = sheetFit(format(254, 203.2), { width: 9.5 * 25.4, height: 7.25 * 25.4 });
  expect(fit).toMatchObject({ fit: "trimmed", width: 241, height: 184 });
});

test("coverage: stops as solved with the hole opposite the sheet; none for what does not go in", () => {
  const rows = coverage(testCamera("curled-can"), PAPER_LIGHT, [
    FIVE_BY_SEVEN,
    format(300, 300),
    format(36, 24, "frame"),
  ]);
  expect(rows.map(({ fit }) => fit)).toEqual(["whole", "no", "whole"]);
  expect(rows[1]?.stops).toBeNull();
  expect(rows[2]?.stops?.edgeHorizontal).toBeLessThan(0.2);
});

test("a sheet is trimmed while half of it is kept, and not a hair below that", () => {
  const square = format(100, 100);
  expect(sheetFit(square, { width: 100, height: 50 })).toMatchObject({ fit: "trimmed", used: 0.5 });
  expect(sheetFit(square, { width: 100, height: 49.99 })).toMatchObject({ fit: "no", used: 0 });
  expect(sheetFit(square, { width: 71, height: 71 }).used).toBeCloseTo(0.5041, 9);
  expect(sheetFit(square, { width: 70, height: 71 }).fit).toBe("no");
});
