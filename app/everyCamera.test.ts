import { MOUNTS } from "../catalogue/mounts.ts";
import {
  type Camera,
  isBuilt,
  type Purpose,
  settled,
  withContainer,
  withField,
  withMount,
} from "../core/camera/container/index.ts";
import { ideal, inMm, KINDS, PAPER_LIGHT, testCamera } from "../core/testing/cameras.ts";
import { readDesign } from "../features/bench/readings/reading.ts";
import { makingQuestions } from "../wording/make/makingQuestions.ts";
import { papersOf } from "./testing/papers.ts";

const PURPOSES: readonly Purpose[] = ["picture", "trail"];

const camera = (kind: (typeof KINDS)[number], mount: (typeof MOUNTS)[number]["id"], purpose: Purpose): Camera =>
  settled({ ...withMount(testCamera(kind), mount), purpose }, PAPER_LIGHT, ideal);

describe.each(KINDS)("a %s", (kind) => {
  describe.each(PURPOSES)("for a %s", (purpose) => {
    test.each(MOUNTS.map(({ id }) => id))(
      "with its hole %s: every sentence is whole, every caution stands",
      (mount) => {
        const { steps, kit, ...words } = papersOf(camera(kind, mount, purpose));
        for (const said of Object.values(words)) expect(said).not.toMatch(/[{}]|undefined|NaN|Infinity|null/);
        for (const { what, why } of steps) {
          expect(what).toMatch(/^[A-Z0-9“].*\.$/);
          expect(why).toMatch(/^[A-Z“].*\.$/);
          expect(what).not.toMatch(/ {2}|\.\.| ,|,\.|\.,/);
        }
        expect(kit).toMatch(/Never look at the sun/);
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
      },
    );

    test("in the wall itself: no opening, no plate, no plate tape, no abrasive anywhere", () => {
      const pierced = camera(kind, "wall", purpose);
      const { steps, stepWords, partWords, bill, kit } = papersOf(pierced);
      expect(steps.map(({ id }) => id)).toEqual(expect.arrayContaining(["hole", "trace"]));
      for (const said of [stepWords, partWords, bill, kit]) {
        expect(said).not.toMatch(
          /\bopening\b|abrasive|1200 grit|diamond|plate blank|a plate\b|the plate\b(?! *: nothing)/i,
        );
      }
      expect(pierced.chambers[0].holes[0]).toMatchObject({
        plateThickness: pierced.container.wall,
        openingDiameter: null,
      });
      expect(steps.find(({ id }) => id === "hole")?.caution).toMatch(/away from your face/);
    });

    test("bought: no hole to make, no needle; a camera that is bought whole has nothing to build, any other its opening", () => {
      const bought = camera(kind, "bought", purpose);
      const { steps, partWords, bill } = papersOf(bought);
      const ids = steps.map(({ id }) => id);
      expect(ids).not.toContain("hole");
      expect(partWords).not.toMatch(/Plate blank/);
      expect(bill).not.toMatch(/Plate blank|Needle|abrasive/i);
      if (isBuilt(bought)) {
        expect(ids).toEqual(expect.arrayContaining(["opening", "plate", "shutter"]));
        expect(bill).toMatch(/Bought hole/);
        return;
      }
      const made = ["trace", "opening", "plate", "black", "shutter", "cap", "rinse", "tripod", "holder"];
      for (const id of ids) expect(made).not.toContain(id);
      expect(partWords).not.toMatch(/opening|Shutter/);
      expect(bill).not.toMatch(/paint/i);
    });
  });

  test.each(MOUNTS.map(({ id }) => id))(
    "for a trail, hole %s: weeks, water, ties, leave, no developer, no seconds",
    (mount) => {
      const { steps, stepWords, partWords, bill, kit, readings } = papersOf(camera(kind, mount, "trail"));
      // The lamp before it is loaded, sealing last; putting up and taking down stand in Sun, once.
      expect(steps.map(({ id }) => id).slice(-4)).toEqual(["label", "light-test", "lid", "put-up"]);
      expect(stepWords).toMatch(/stands under Sun, Put up/);
      expect(stepWords).toMatch(/Ask the owner/);
      expect(stepWords).toMatch(/water runs off/);
      expect(bill).toMatch(/cable ties/);
      expect(kit).toMatch(/never developed and never fixed/);
      expect(kit).not.toMatch(/DEVELOP|IN THE DARKROOM|Full sun/);
      expect(readings).toMatch(/weeks to months/);
      expect(readings).not.toMatch(/Full sun/);
      // How long one builds is no exposure.
      const exposed = kit.replace(/Each builds for about [^.]*\./, "");
      for (const said of [partWords, exposed]) expect(said).not.toMatch(/f\/\d|\d s\b|\d min\b(?! *to)/);
    },
  );
});

test("a hole in the wall is as thick as the wall, also when that is typed later", () => {
  const pierced = camera("curled-can", "wall", "picture");
  const thicker = settled(withField(pierced, "container.wall", 0.4), PAPER_LIGHT, ideal);
  expect(thicker.chambers[0].holes[0]).toMatchObject({ plateThickness: 0.4, openingDiameter: null });
  const opened = settled(withField(pierced, "hole.openingDiameter", 5), PAPER_LIGHT, ideal);
  expect(opened.chambers[0].holes[0].openingDiameter).toBeNull();
});

test("a wall too thick for the sheet’s corners is said, and a thin plate offered", () => {
  const thick = camera("flat-box", "wall", "picture");
  const reading = readDesign(settled(withField(thick, "container.wall", 2), PAPER_LIGHT, ideal), ideal, inMm);
  const cut = reading.verdicts.find(({ id }) => id === "plate-cuts");
  expect(cut?.title).toMatch(/The wall hides/);
  expect(cut?.button).toBe("Put the hole in a thin plate");
  const mended = settled(cut?.fix?.apply(thick) ?? thick, PAPER_LIGHT, ideal);
  expect(mended.chambers[0].mount).toBe("plate");
  expect(readDesign(mended, ideal, inMm).verdicts.map(({ id }) => id)).not.toContain("plate-cuts");
});

test("paint is on the bill of a tin that is not black yet, and only there", () => {
  const tin = testCamera("far-wall-tin", { material: "tin metal" });
  expect(papersOf(withContainer(tin, { insideBlack: true })).bill).not.toMatch(/paint/);
  expect(papersOf(withContainer(tin, { insideBlack: false })).bill).toMatch(/Flat black paint/);
  expect(papersOf(withContainer(tin, { insideBlack: false, material: "plastic" })).bill).not.toMatch(/paint/);
});

test("a pin’s hole is pushed, a drill’s drilled with a block behind", () => {
  const can = camera("curled-can", "wall", "picture");
  const hole = (mm: number) => papersOf(withField(can, "hole.diameter", mm)).steps.find(({ id }) => id === "hole");
  expect(hole(0.5)?.what).toMatch(/Push a pin straight through/);
  expect(hole(1.59)?.what).toMatch(/Clamp a block of wood[\s\S]*bright and soft/);
  expect(hole(1.59)?.caution).toMatch(/never hold the can in your hand/);
});

test("every question on which makers disagree is met on the way", () => {
  const met = KINDS.flatMap((kind) =>
    papersOf(withContainer(testCamera(kind), { insideBlack: false })).steps.map(({ question }) => question),
  );
  for (const { id } of makingQuestions) expect(met).toContain(id);
});
