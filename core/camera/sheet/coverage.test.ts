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
