import { thistleRow } from "../../../catalogue/demo/thistleRow.ts";
import type { Exposure, Negative } from "../../../core/document/index.ts";
import { isOfSize } from "../../../core/negative/index.ts";
import { settingsFor } from "../settingsFor.ts";
import { sheetDoubt, sheetOf } from "./whichSheet.ts";

const { cameras } = thistleRow;
const cameraOf = (id: string) => cameras.find((camera) => camera.id === id) ?? (cameras[0] as (typeof cameras)[0]);
const [HAT, TIN] = [cameraOf("thistle-hat-box"), cameraOf("thistle-biscuit-tin")];

const shot = (id: string, cameraId: string, openedAt = "2026-06-01T10:00:00Z"): Exposure => ({
  id,
  cameraId,
  openedAt,
  seconds: 60,
});
const SHOTS = [shot("hat", HAT.id), shot("tin", TIN.id), shot("tin-later", TIN.id, "2026-06-02T10:00:00Z")];
const known = { shots: SHOTS, cameras, negatives: [] };

/** A scan of a sheet of so many mm at a resolution, lying so, given to a shot. */
function scanned(width: number, height: number, dpi: number | null, more: Partial<Negative> = {}): Negative {
  const [w, h] = [(width / 25.4) * (dpi ?? 300), (height / 25.4) * (dpi ?? 300)];
  const of = SHOTS.find(({ id }) => id === more.exposureId);
  const settings = settingsFor(of ? cameraOf(of.cameraId) : null, of ?? null, null);
  const corners = [
    [10, 10],
    [10 + w, 14],
    [8 + w, 12 + h],
    [9, 9 + h],
  ] as const;
  return {
    id: "n",
    picture: "",
    dpi,
    settings: { ...settings, sheet: { ...settings.sheet, corners } },
    cameraId: of?.cameraId ?? null,
    ...more,
  };
}

test("the demonstration’s two sheets differ, as the examples want", () => {
  expect(Math.round(sheetOf(HAT).width)).toBe(254);
  expect(Math.round(sheetOf(TIN).width)).toBe(127);
});

test("a 5×4 in scan at a stated 200 dpi given to a 10×8 in sheet: asked, with the shots it can be of, the newest first", () => {
  const doubt = sheetDoubt(scanned(127, 101.6, 200, { exposureId: "hat" }), known);
  expect(doubt?.found.width).toBeCloseTo(127, 0);
  expect(doubt?.sheet.width).toBeCloseTo(254, 6);
  expect(doubt?.shot?.id).toBe("hat");
  expect(doubt?.fits.map(({ id }) => id)).toEqual(["tin-later", "tin"]);
});

test.each([
  ["the right size", scanned(254, 203, 200, { exposureId: "hat" })],
  ["lying on its side", scanned(203, 254, 200, { exposureId: "hat" })],
  ["cut 3 mm short", scanned(251, 203, 200, { exposureId: "hat" })],
  ["no resolution in the file", scanned(127, 101.6, null, { exposureId: "hat" })],
  ["a resolution that the maker calls wrong", scanned(127, 101.6, 200, { exposureId: "hat", dpiWrong: true })],
  ["of no shot and no camera", scanned(127, 101.6, 200)],
])("nothing is asked: %s", (_name, negative) => expect(sheetDoubt(negative, known)).toBeNull());

test("small sheets may be cut 3 mm short, no more", () => {
  const sheet = { width: 44.45, height: 44.45 };
  expect(isOfSize({ width: 41.6, height: 44.45 }, sheet)).toBe(true);
  expect(isOfSize({ width: 41.3, height: 44.45 }, sheet)).toBe(false);
});

test("whose turn it was is asked until the maker has said so, also when the corners were moved and it fits", () => {
  expect(sheetDoubt(scanned(254, 203, 200, { byTurn: "hat" }), known)?.shot?.id).toBe("hat");
});

test("what has a scan already is not offered; whose turn it was is said until the maker has chosen", () => {
  const taken = scanned(127, 101.6, 200, { id: "other", exposureId: "tin-later" });
  const asked = scanned(127, 101.6, 200, { byTurn: "hat" });
  const doubt = sheetDoubt(asked, { ...known, negatives: [taken] });
  expect(doubt?.shot?.id).toBe("hat");
  expect(doubt?.fits.map(({ id }) => id)).toEqual(["tin"]);
});
