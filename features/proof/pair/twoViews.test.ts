import { thistleRow } from "../../../catalogue/demo/thistleRow.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { viewsOfHoles, viewsOfSheets } from "./twoViews.ts";

const PAIR = thistleRow.cameras.find(({ id }) => id === "thistle-seed-packet-pair") as Camera;
const { film, holes } = PAIR.chambers[0];
const CORNERS = [
  [100, 50],
  [1100, 50],
  [1100, 850],
  [100, 850],
] as const;

const negative = (id: string, more: Partial<Negative["settings"]> = {}): Negative => ({
  id,
  picture: "a".repeat(64),
  settings: {
    medium: { least: 0, most: 2, range: 110, iso: 6 },
    sheet: { width: film.width, height: film.height, corners: CORNERS },
    camera: { hole: { diameter: 0.3 }, film: { distance: 60, width: film.width, height: film.height } },
    ...more,
  },
});
const unfound = negative("unfound", { sheet: { width: film.width, height: film.height } });

describe("what each eye is to see", () => {
  test("of one sheet from two holes: two halves side by side in the scan, the right eye’s from the hole at greater x", () => {
    const views = viewsOfHoles(negative("n"), PAIR);
    if (!views.ok) throw new Error(views.error);
    const { left, right, base } = views.value;
    expect(base).toBeCloseTo(Math.abs((holes[1]?.x ?? 0) - (holes[0].x ?? 0)), 10);
    expect(left.settings.camera?.hole.x ?? 0).toBeLessThan(right.settings.camera?.hole.x ?? 0);
    const middle = (corners: readonly (readonly [number, number])[] = []): number =>
      corners.reduce((sum, [x]) => sum + x / corners.length, 0);
    // Seen from the emulsion s runs to the left: the hole at greater x lit the part at the left of the scan.
    expect(middle(right.settings.sheet.corners ?? [])).toBeLessThan(middle(left.settings.sheet.corners ?? []));
    for (const { settings } of [left, right]) {
      const xs = (settings.sheet.corners ?? []).map(([x]) => x);
      expect(Math.min(...xs)).toBeGreaterThanOrEqual(100 - 1e-6);
      expect(Math.max(...xs)).toBeLessThanOrEqual(1100 + 1e-6);
      // As many pixels a millimetre as the whole sheet.
      expect((Math.max(...xs) - Math.min(...xs)) / settings.sheet.width).toBeCloseTo(1000 / film.width, 6);
    }
  });

  test("of two sheets: this one before the eye that it was taken for, the other before the other", () => {
    const [one, other] = [negative("one"), negative("other")];
    const forLeft = viewsOfSheets(one, other, { other: "other", base: 120, side: "left" });
    const forRight = viewsOfSheets(one, other, { other: "other", base: 120, side: "right" });
    if (!forLeft.ok || !forRight.ok) throw new Error("no pair");
    expect([forLeft.value.left.negative.id, forLeft.value.right.negative.id]).toEqual(["one", "other"]);
    expect([forRight.value.left.negative.id, forRight.value.right.negative.id]).toEqual(["other", "one"]);
    expect([forLeft.value.base, forRight.value.base]).toEqual([120, 120]);
    expect(forLeft.value.left.settings).toEqual(one.settings);
  });

  test("without edges or a camera it is said what to do", () => {
    expect(viewsOfHoles(unfound, PAIR)).toEqual({
      ok: false,
      error: "Find the edges of the sheet on Scan first: by them its two pictures are parted.",
    });
    const pair = { other: "other", base: 65, side: "left" } as const;
    for (const [one, other] of [
      [unfound, negative("other")],
      [negative("one"), unfound],
    ] as const) {
      expect(viewsOfSheets(one, other, pair)).toEqual({
        ok: false,
        error: "Find the edges of both sheets on Scan first.",
      });
    }
    const { camera: _, ...settings } = negative("plain").settings;
    expect(viewsOfSheets(negative("one"), { ...negative("plain"), settings }, pair)).toMatchObject({
      error: expect.stringMatching(/which camera each sheet is from/),
    });
  });
});
