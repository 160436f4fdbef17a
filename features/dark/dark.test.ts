import { loadingDrawing } from "../../core/bench/benchDrawing/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Bottle } from "../../core/document/index.ts";
import { KINDS, PAPER_LIGHT, testCamera } from "../../core/testing/cameras.ts";
import { planFor, withChoices, withFormatOf } from "../../core/testing/plans.ts";
import { bottleAge, bottleFacts, fullBottles } from "./bottleFacts.ts";
import { partTones } from "./CountOverlay.tsx";
import { lastStrip } from "./lastStrip.ts";
import { loadingLines, sheetWords } from "./load/loadingWords.ts";
import { askedFor } from "./trays/askedFor.ts";
import { sheetsOfShots } from "./trays/sheetsOfShots.ts";

const mm = (value: number, digits?: number | string): string =>
  `${value.toFixed(typeof digits === "number" ? digits : 1)} mm`;

const linesOf = (camera: Camera) => loadingLines(planFor(camera), mm);
const idsOf = (camera: Camera) => linesOf(camera).map(({ id }) => id);

describe.each(KINDS)("loading a %s in the dark", (kind) => {
  const camera = testCamera(kind);
  test("has its steps in words, none with a gap; what is common to all is there", () => {
    const lines = linesOf(camera);
    for (const { words } of lines) {
      expect(words.length).toBeGreaterThan(12);
      expect(words).not.toMatch(/[{}]|NaN|undefined/);
    }
    expect(lines.at(-1)?.id).toBe("collar");
    // As the group's kit has it: pencil does not hold on plastic-coated paper.
    for (const { id, words } of lines) if (id === "write") expect(words).toMatch(/with a soft pen/);
    expect(sheetWords(planFor(camera), mm)).not.toMatch(/NaN|undefined/);
  });
  test("is drawn from the one model: hole and sheet named, the sheet within the drawing", () => {
    const { scene, pixel } = loadingDrawing(camera, PAPER_LIGHT, { width: 350, height: 430 });
    const sheet = scene.marks.filter(({ layer }) => layer === "sheet");
    expect(sheet.length).toBeGreaterThan(0);
    for (const mark of sheet) {
      for (const { x, y } of mark.kind === "line" ? mark.points : []) {
        expect(x).toBeGreaterThan(scene.bounds.x);
        expect(x).toBeLessThan(scene.bounds.x + scene.bounds.width);
        expect(y).toBeGreaterThan(scene.bounds.y);
        expect(y).toBeLessThan(scene.bounds.y + scene.bounds.height);
      }
    }
    const names = scene.marks.flatMap((mark) => (mark.kind === "label" ? [mark.text] : []));
    expect(names).toEqual(["HOLE", "SHEET"]);
    expect(scene.bounds.width / pixel).toBeLessThan(520);
  });
});

test("each kind has what is particular to it", () => {
  const steps = (kind: (typeof KINDS)[number]) => idsOf(testCamera(kind));
  expect(steps("curled-can")).toEqual(expect.arrayContaining(["gap", "tabs"]));
  expect(steps("canister")).toEqual(expect.arrayContaining(["tray", "mark", "tabs"]));
  expect(steps("drum")).toEqual(expect.arrayContaining(["chambers", "liner"]));
  expect(steps("roll-carton")).toEqual(expect.arrayContaining(["roll"]));
  expect(steps("roll-carton")).not.toContain("emulsion");
  expect(steps("slanted-box")).toContain("lean");
  const box = testCamera("flat-box");
  for (const [hold, step] of [
    ["strips", "strips"],
    ["magnets", "magnets"],
    ["slot", "slot"],
    ["liner", "liner"],
    ["tape", "hold"],
  ] as const) {
    expect(idsOf(withChoices(box, { hold }))).toContain(step);
  }
  const cut = withFormatOf(testCamera("flat-box", { sheetWidth: 177.8, sheetHeight: 101.6, width: 200 }), "trim-4x7");
  expect(linesOf(cut)[0]?.words).toMatch(
    /Cut it to 177\.8 mm × 101\.6 mm, against the tape marks on the cutter: 101\.6 mm\./,
  );
  expect(idsOf(testCamera("flat-box"))).not.toContain("trim");
  // Two cuts at one distance are made against one mark.
  const square = withFormatOf(testCamera("canister"), "trim-1.75-square");
  expect(linesOf(square).find(({ id }) => id === "trim")?.words).toMatch(/on the cutter: \d+\.\d mm, both ways\./);
});

test("the gap that a curled sheet leaves is what is free of the wall", () => {
  const can = testCamera("curled-can");
  const { radius = 0, width } = can.chambers[0].film;
  const free = 2 * Math.PI * radius - width;
  expect(linesOf(can).find(({ id }) => id === "gap")?.words).toContain(`${free.toFixed(0)} mm free`);
});

test("light is counted in, each change and the end are heard, each within its part", () => {
  const tones = partTones([
    { seconds: 1, caption: "" },
    { seconds: 5, caption: "" },
  ]);
  expect(tones.filter(({ kind }) => kind !== "tick")).toEqual([
    { after: 3, kind: "open" },
    { after: 4, kind: "open" },
    { after: 9, kind: "end" },
  ]);
  expect(tones.filter(({ kind }) => kind === "tick").map(({ after }) => after)).toEqual([0, 1, 2, 6, 7, 8]);
});

test("bottles: what they bear, their age, those that are full; the last strip of a paper for a purpose", () => {
  const bottle: Bottle = {
    id: "b",
    name: "B",
    chemical: "fixer",
    water: 4,
    volumeMl: 500,
    mixedAt: "2026-05-01T00:00:00Z",
  };
  expect(bottleFacts(bottle)).toMatchObject({ usedCm2: 0, keepsDays: 60 });
  expect(bottleFacts({ ...bottle, capacityCm2: 9, keepsDays: 3, usedCm2: 7 })).toEqual({
    volumeMl: 500,
    capacityCm2: 9,
    keepsDays: 3,
    usedCm2: 7,
  });
  expect(bottleAge(bottle, Date.parse("2026-05-03T12:00:00Z"))).toBe(2.5);
  const later = { ...bottle, id: "c", mixedAt: "2026-06-01T00:00:00Z" };
  const gone = { ...bottle, id: "d", emptiedAt: "2026-06-02T00:00:00Z" };
  expect(fullBottles([bottle, gone, later]).map(({ id }) => id)).toEqual(["c", "b"]);
  const strip = {
    id: "1",
    kind: "strip",
    at: "2026-05-01T10:00:00Z",
    medium: "m",
    purpose: "flash",
    seconds: 3,
  } as const;
  const others = [
    { ...strip, id: "2", at: "2026-05-02T10:00:00Z", seconds: 4 },
    { ...strip, id: "3", at: "2026-05-03T10:00:00Z", seconds: null },
    { ...strip, id: "4", at: "2026-05-04T10:00:00Z", purpose: "print" as const },
    { ...strip, id: "5", at: "2026-05-04T10:00:00Z", medium: "n" },
  ];
  expect(lastStrip([strip, ...others], "m", "flash")?.id).toBe("2");
  expect(lastStrip([], "m", "flash")).toBeNull();
});

const shot = (id: string, more: object) => ({
  id,
  cameraId: "c",
  openedAt: "2026-05-01T10:00:00+01:00",
  seconds: 1,
  ...more,
});

test("what waits for the trays: each sheet by its place, a film as one length with all its shots", () => {
  const areas = new Map([["c", 50]]);
  const shots = [
    shot("a", { number: 9, subject: "Bean rows", loadId: "tray" }),
    shot("b", { place: "T1", loadId: "drum" }),
    shot("c", { place: "1", cameraName: "Hat box", loadId: "one" }),
    shot("d", { cameraId: "gone", subject: "Shed" }),
  ];
  expect(sheetsOfShots(shots, areas, false).map(({ name, areaCm2 }) => [name, areaCm2])).toEqual([
    ["No. 9, Bean rows", 50],
    ["T1, 1 May 2026", 50],
    ["Hat box, 1 May 2026", 50],
    ["Shed", expect.closeTo(225.8, 1)],
  ]);
  const frames = ["e", "f"].map((id) => shot(id, { loadId: "roll", cameraName: "Bean carton", place: id }));
  expect(sheetsOfShots([...frames, shot("g", { subject: "Butt" })], areas, true)).toEqual([
    { id: "roll", name: "Film of Bean carton, 2 shots", exposureIds: ["e", "f"], areaCm2: 100 },
    { id: "g", name: "Butt", exposureIds: ["g"], areaCm2: 50 },
  ]);
});

test("what the thread sends to the trays is ticked, the oldest first, with a recipe for its medium", () => {
  const waiting = [
    shot("c", { medium: "rc-graded" }),
    shot("b", { medium: "rc-graded" }),
    shot("x", { medium: "rc-graded", cameraId: "other" }),
    shot("f", { medium: "film-ortho-25" }),
  ];
  const paper = { id: "p", name: "", medium: "paper", source: "", steps: [] } as const;
  const film = { ...paper, id: "f", medium: "film" } as const;
  const asking = (asked: readonly string[], recipe: string | null) => {
    const { recipeId, sheets } = askedFor({ asked, dark: { recipe }, now: { waiting, areas: new Map() } }, [
      paper,
      film,
    ]);
    return [recipeId, ...sheets.map(({ id }) => id)];
  };
  expect(asking(["c", "b"], null)).toEqual(["p", "b", "c"]);
  expect(asking(["f"], "p")).toEqual(["f", "f"]);
  expect(asking([], "f")).toEqual([null]);
});
