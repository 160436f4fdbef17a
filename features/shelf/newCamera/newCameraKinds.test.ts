import { formats } from "../../../catalogue/formats.ts";
import type { LengthUnit } from "../../../core/basis/units/index.ts";
import { cameraKind, designFaults, fieldRecord, TRAIL_HOLES } from "../../../core/camera/container/index.ts";
import { judgeHole } from "../../../core/camera/holeToMake/index.ts";
import { kindRecord, kinds } from "../../../core/camera/kinds/index.ts";
import { parseCamera } from "../../../core/document/index.ts";
import { ideal, PAPER_LIGHT } from "../../../core/testing/cameras.ts";
import { startForm, withFormat } from "./newCameraForm.ts";
import { entriesOf, readNewCamera, withTyped } from "./readNewCamera.ts";

const NOW = "2026-05-01T10:00:00+01:00";
const read = (form: ReturnType<typeof startForm>, unit: LengthUnit = "mm") => readNewCamera(form, unit, "new", NOW);

describe.each(kinds.map(({ id }) => id))("the form for a %s", (kind) => {
  test.each(["mm", "in"] as const)("as it starts, in %s, is a camera of that kind that can be built", (unit) => {
    const { camera, errors } = read(startForm(kind, unit, "Potting-shed find"), unit);
    expect(errors).toEqual({});
    if (camera === null) throw new Error("no camera");
    expect(cameraKind(camera)).toBe(kind);
    expect(designFaults(camera)).toEqual([]);
    expect(parseCamera(camera).ok).toBe(true);
    expect(typeof camera.chambers[0].holes[0].diameter).toBe("number");
    expect(camera.chambers[0].film.format).toBe(kinds.find(({ id }) => id === kind)?.format);
  });

  test("every size that can’t be read or is 0 is refused at its entry, and only there", () => {
    for (const size of kindRecord(kind).asked) {
      const start = startForm(kind, "mm", "Find");
      const wrong = read(withTyped(start, { [size]: "wide" }));
      expect(wrong.camera).toBeNull();
      expect(wrong.errors[size]).toMatch(/number|angle/i);
      if (fieldRecord(size).quantity === "angle") continue;
      const none = read(withTyped(start, { [size]: "0" }));
      expect(none.camera).toBeNull();
      expect(Object.values(none.errors).join(" ")).toMatch(/above 0|slide|must be|at most|outside|nearer/i);
    }
  });

  test("every sheet of the catalogue can be asked for: what does not go in is said, and its trimmed size does", () => {
    const start = startForm(kind, "mm", "Find");
    for (const { id } of formats) {
      const asked = read(withFormat(start, id, "mm", "nominal"));
      const misfit = Object.keys(asked.errors);
      expect(misfit.every((field) => field === "film.width" || field === "film.height")).toBe(true);
      const fitting = withFormat(start, id, "mm", "fitting");
      // A sheet of which less than half would be left is not trimmed: it stays what it is, and refused.
      const cut = read(fitting);
      if (fitting.sizes.film?.width !== withFormat(start, id, "mm", "nominal").sizes.film?.width)
        expect(cut.errors).toEqual({});
    }
  });
});

test("angles are read with and without their sign, also with the long minus", () => {
  const start = startForm("slanted-box", "mm", "Find");
  for (const [text, value] of [
    ["25", 25],
    ["25°", 25],
    ["-12.5", -12.5],
    ["−12.5°", -12.5],
  ] as const) {
    expect(read(withTyped(start, { "film.tiltY": text })).camera?.chambers[0].film.tiltY).toBe(value);
  }
  expect(read(withTyped(start, { "film.tiltY": "85" })).errors["film.tiltY"]).toMatch(/80° at most/);
});

test("a bought hole is kept as it was bought; a set of nine starts whole", () => {
  const bought = read(withTyped(startForm("bought-box", "mm", "Find"), { "hole.diameter": "0.28" })).camera;
  expect(bought?.chambers[0].holes[0].diameter).toBe(0.28);
  expect(bought?.chambers[0].aim?.rule).toBe("own");
  expect(read(startForm("canister", "mm", "Find")).camera?.set).toEqual({ count: 9, exposed: [] });
});

describe("what it is for and how the hole will be are asked first, and nothing that does not apply", () => {
  const start = startForm("curled-can", "mm", "Find");
  test("weeks of sun", () => {
    const trail = read({ ...start, purpose: "trail" }).camera;
    if (trail === null) throw new Error("no camera");
    expect(trail.purpose).toBe("trail");
    // What is proposed is within what is called usual.
    const { diameter, sun } = judgeHole(trail, PAPER_LIGHT, ideal);
    expect(diameter).toBe(TRAIL_HOLES.usual);
    expect(sun?.usual[0]).toBeLessThanOrEqual(diameter);
    expect(sun?.usual[1]).toBeGreaterThanOrEqual(diameter);
    expect(read(start).camera?.purpose).toBeUndefined();
  });
  test("through the wall: no opening is asked or kept, whatever was typed there; the wall is the plate", () => {
    const pierced = read(withTyped({ ...start, mount: "wall" }, { "hole.openingDiameter": "nonsense" }));
    expect(pierced.errors).toEqual({});
    expect(pierced.camera?.chambers[0].mount).toBe("wall");
    expect(pierced.camera?.chambers[0].holes[0]).toMatchObject({ openingDiameter: null, plateThickness: 0.1 });
    expect(entriesOf("curled-can", "wall")).not.toContain("hole.openingDiameter");
  });
  test("bought: its size is asked and kept", () => {
    const bought = read(withTyped({ ...start, mount: "bought" }, { "hole.diameter": "0.25" })).camera;
    expect(bought?.chambers[0]).toMatchObject({ mount: "bought", holes: [{ diameter: 0.25 }], aim: { rule: "own" } });
    expect(entriesOf("curled-can", "plate")).not.toContain("hole.diameter");
    expect(entriesOf("bought-box", "bought")).not.toContain("hole.openingDiameter");
  });
  test("one canister, or a set of n; what is no such number is refused there", () => {
    const canister = startForm("canister", "mm", "Find");
    expect(read({ ...canister, alike: "4" }).camera?.set).toEqual({ count: 4, exposed: [] });
    expect(read({ ...canister, alike: "1" }).camera?.set).toEqual({ count: 1, exposed: [] });
    for (const alike of ["0", "2.5", "many", "100"])
      expect(read({ ...canister, alike }).errors).toEqual({ alike: "A whole number from 1 to 99." });
  });
});
