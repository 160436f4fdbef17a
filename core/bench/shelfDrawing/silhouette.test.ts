import type { LabelMark } from "../../basis/drawing/index.ts";
import type { CameraKind } from "../../camera/kinds/index.ts";
import { testCamera } from "../../testing/cameras.ts";
import { silhouette } from "./index.ts";

const holes = (kind: CameraKind): number =>
  silhouette(testCamera(kind), 2).marks.filter((mark) => mark.kind === "circle" && mark.radius === 2).length;

describe("silhouettes", () => {
  test("show every hole: two of a pair, one a tier of a drum", () => {
    expect(holes("flat-box")).toBe(1);
    expect(holes("stereo-box")).toBe(2);
    expect(holes("drum")).toBe(2);
    expect(holes("lid-can")).toBe(1);
  });

  test("a numbered set stands in a row, each with its number; the exposed stand on their lids", () => {
    const one = { ...testCamera("canister"), set: null };
    const set = { ...one, set: { count: 9, exposed: [9] } };
    const [single, row] = [silhouette(one, 2), silhouette(set, 2)];
    expect(row.bounds.width / single.bounds.width).toBeCloseTo(9 + 8 * 0.12, 9);
    const numbers = row.marks.filter((mark): mark is LabelMark => mark.kind === "label");
    expect(numbers.map(({ text }) => text)).toEqual(["1", "2", "3", "4", "5", "6", "7", "8", "9"]);
    // Ready ones have their number low, the turned one high.
    const [first, last] = [numbers[0]?.at.y ?? 0, numbers.at(-1)?.at.y ?? 0];
    expect(last).toBeLessThan(first);
  });

  test("a large set is drawn up to twelve; all stand on the board", () => {
    const set = { ...testCamera("canister"), set: { count: 40, exposed: [] } };
    const { marks, bounds } = silhouette(set, 2);
    expect(marks.filter(({ kind }) => kind === "label")).toHaveLength(12);
    expect(bounds.y + bounds.height).toBeGreaterThanOrEqual(-1e-9);
  });

  test("a can that looks with its lid lies on its side, as long as it is", () => {
    const short = silhouette(testCamera("lid-can", { height: 60 }), 2).bounds;
    const long = silhouette(testCamera("lid-can", { height: 300 }), 2).bounds;
    expect(long.width).toBeGreaterThan(short.width + 40);
    expect(short.height).toBeGreaterThan(100);
  });
});
