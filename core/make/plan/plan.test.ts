import { saidBill } from "../../../wording/make/billWords.ts";
import { stepTexts } from "../../../wording/make/buildSteps.ts";
import { holeAdvice } from "../../../wording/make/holeWords.ts";
import { loadingSteps } from "../../../wording/make/loadingSteps.ts";
import {
  type Camera,
  cameraBody,
  closingOf,
  type HoleMount,
  holeTooHigh,
  lidLeavesHole,
  type Purpose,
  solveRequest,
  withContainer,
  withField,
  withHole,
  withMount,
} from "../../camera/container/index.ts";
import { judgeHole } from "../../camera/holeToMake/index.ts";
import { sheetToScene } from "../../light/rays/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { ideal, inMm, KINDS, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { cutOrderFor } from "../../testing/cutOrders.ts";
import { planFor, withChoices, withFormatOf } from "../../testing/plans.ts";
import { billOfMaterials, cutParts } from "../cutsheet/index.ts";
import { buildSteps } from "../steps/index.ts";
import { piecesFrom, WAYS } from "./index.ts";

const MOUNTS: readonly HoleMount[] = ["plate", "wall", "bought"];
const PURPOSES: readonly Purpose[] = ["picture", "trail"];
const MATERIALS = ["card", "tin metal", "aluminium metal", "plastic", "wood"] as const;

/** Every kind, hole, purpose, cover and holder, one and several; each with all that is said of it. */
const ALL = KINDS.flatMap((kind) =>
  MOUNTS.flatMap((mount) =>
    PURPOSES.flatMap((purpose) =>
      WAYS.shutter.map((shutter, i): readonly [string, Camera] => {
        const hold = WAYS.hold[i % WAYS.hold.length] as string;
        const material = MATERIALS[i % MATERIALS.length] as string;
        const base = withMount(testCamera(kind, { openingDiameter: 7, material }), mount);
        const camera = withChoices({ ...base, purpose }, { shutter, hold });
        return [
          `${kind}, hole ${mount}, ${purpose}, ${shutter}, ${hold}, ${material}${i % 2 ? ", nine" : ""}`,
          i % 2 ? { ...camera, set: { count: 9, exposed: [] } } : camera,
        ];
      }),
    ),
  ),
);

function toldOf(camera: Camera) {
  const order = cutOrderFor(camera);
  const steps = buildSteps({ plan: order.plan, words: inMm, texts: stepTexts });
  return {
    plan: order.plan,
    steps,
    step: (id: string) => steps.find((each) => each.id === id),
    parts: cutParts(order),
    bill: billOfMaterials(order, 1),
    said: steps.map(({ title, what, why, caution }) => [title, what, why, caution ?? ""].join(" ")).join("\n"),
  };
}

test.each(ALL)("%s: steps, parts, bill and loading tell one thing", (_, camera) => {
  const { plan, steps, step, parts, bill, said } = toldOf(camera);
  const has = (id: string): boolean => parts.some((part) => part.id === id);
  const buys = (id: string): boolean => bill.some((row) => row.id === id);
  expect(said).not.toMatch(/[{}]|undefined|NaN/);
  // A hole that is bought is not made, and one in the wall needs no plate.
  expect(step("hole") !== undefined).toBe(plan.hole.tool !== null);
  expect(buys("needle")).toBe(plan.hole.tool !== null);
  expect(has("plate")).toBe(buys("plate"));
  expect(step("plate") !== undefined).toBe(plan.hole.plate !== null);
  expect(step("opening") !== undefined).toBe(plan.hole.opening !== null);
  // What covers the hole is built, drawn and bought alike.
  expect(step("shutter") !== undefined).toBe(plan.cover.way !== "own");
  expect(buys("shutter-tape")).toBe(plan.cover.tape > 0);
  expect(buys("magnet")).toBe(plan.cover.way === "magnet");
  expect(buys("stopper")).toBe(plan.cover.way === "stopper");
  if (plan.cover.way !== "magnet") expect(plan.cover.needsSteel).toBe(false);
  // Four sides inside and four outside of every plate, tier by tier.
  const taped = plan.seals.find(({ of }) => of === "plate");
  expect(taped?.strips ?? 0).toBe(plan.hole.plate === null ? 0 : 8 * plan.hole.count);
  expect(taped?.length ?? 0).toBeCloseTo(8 * 43 * (plan.hole.plate === null ? 0 : plan.hole.count), 9);
  // What holds the sheet.
  expect(step("holder") !== undefined).toBe(
    plan.holding !== null && plan.holding.by !== "its own spring" && plan.steps.includes("holder"),
  );
  for (const part of ["slope", "stop", "liner"]) expect(step("holder")?.part === part).toBe(has(part));
  expect(plan.loading.steps.includes("strips")).toBe(plan.holding?.by === "strips");
  // Only a sheet whose ends come to the hole is felt for there.
  expect(plan.loading.steps.includes("feel")).toBe(plan.piece.gap !== null);
  // A cap is drawn, taped and bought where one is made, and nowhere else.
  const cap = plan.container.closing?.by === "made cap";
  expect(has("cap-collar")).toBe(cap && plan.parts.includes("cap"));
  expect(plan.seals.some(({ of }) => of === "cap")).toBe(cap);
  // A trim is a mark on the cutter, a line on the sheet, a step in the dark.
  expect(plan.loading.steps.includes("trim")).toBe(!plan.isWound && plan.piece.cuts.length > 0);
  expect(step("cutter") !== undefined).toBe(
    !plan.isWound && plan.piece.cuts.length > 0 && plan.steps.includes("cutter"),
  );
  expect(parts.find(({ id }) => id === "sheet")?.name === "Sheet with trim lines").toBe(plan.piece.cuts.length > 0);
  // Ties hold what hangs for weeks; a foot carries what does not.
  expect(buys("ties")).toBe(plan.purpose === "trail");
  expect(step("tripod") !== undefined).toBe(has("tripod"));
  // No two rows are one, and what a step names of a plate's strips is what is bought.
  expect(new Set(bill.map(({ id }) => id)).size).toBe(bill.length);
  // Every part that a step shows is on the cut sheet.
  for (const { part } of steps) if (part !== null) expect([part, has(part)]).toEqual([part, true]);
});

/** Words that don't belong to a camera of which the second says true. */
const STRANGERS: readonly (readonly [RegExp, (camera: Camera) => boolean])[] = [
  [/cable ties/i, (camera) => camera.purpose !== "trail"],
  [/seconds|developed? it at once/i, (camera) => camera.purpose === "trail"],
  [/electrical tape, one end folded/i, (camera) => planFor(camera).cover.way !== "tape"],
  [
    /corner.*of the back|at the corners/i,
    (camera) => ["drum", "slanted-box", "curved-box"].includes(camera.container.kind ?? ""),
  ],
  [/own spring/i, (camera) => planFor(camera).holding?.by !== "its own spring"],
  [/needle|1200 grit/i, (camera) => planFor(camera).hole.mount === "bought"],
  [/step drill/i, (camera) => !["steel", "aluminium"].includes(planFor(camera).container.of)],
  [
    /canister|tray/i,
    (camera) =>
      planFor(camera).alike === 1 && camera.container.kind !== "canister" && camera.container.kind !== "matchbox",
  ],
  [/straw.{0,20}hole|hole for its straw/i, (camera) => camera.container.kind !== "roll-carton"],
  [/every corner/i, (camera) => planFor(camera).container.round !== null],
  [/plastic/i, (camera) => planFor(camera).container.of !== "plastic"],
  [/the \d+ holes/i, (camera) => planFor(camera).hole.count === 1],
];

test.each(ALL)("%s: no sentence of another camera", (_, camera) => {
  const { said } = toldOf(camera);
  for (const [words, isStranger] of STRANGERS) if (isStranger(camera)) expect(said).not.toMatch(words);
});

test("tape for a carton’s straw hole and seam is on its bill, and on nobody else’s", () => {
  for (const kind of KINDS) {
    const { seals, container } = planFor(testCamera(kind));
    const own = seals.filter((seal) => seal.of === "own openings");
    expect(own).toHaveLength(kind === "roll-carton" ? 1 : 0);
    // The seam is taped from top to bottom on both sides, and the straw’s hole beside it.
    for (const { length } of own) expect(length).toBeGreaterThan(2 * container.body.high + 60);
  }
});

describe("the gap between a curled sheet’s ends is one figure", () => {
  test.each([
    ["curled-can", testCamera("curled-can")],
    ["canister", testCamera("canister", { sheetWidth: 60 })],
  ] as const)("%s: building and loading name what is free of the wall", (_, camera) => {
    const { plan, step } = toldOf(camera);
    const free = Math.PI * cameraBody(camera).across - camera.chambers[0].film.width;
    expect(plan.piece.gap?.free).toBeCloseTo(free, 9);
    expect(step("tabs")?.what).toContain(`leave ${inMm(free, 0)} free`);
    expect(loadingSteps.gap).toMatch(/\{gap\}/);
  });
  test("a sheet of less than half a turn is laid on the far wall, by a stripe, and never felt for at the hole", () => {
    const { plan, step } = toldOf(testCamera("canister"));
    expect(plan.piece.gap).toBeNull();
    expect(plan.loading.steps).toContain("mark");
    expect(plan.loading.steps).not.toEqual(expect.arrayContaining(["gap"]));
    expect(step("tabs")?.what).toMatch(/opposite the hole/);
    expect(step("tabs")?.what).not.toMatch(/free at the hole/);
  });
  test("who wants more than is left is told to cut", () => {
    const tight = withField(testCamera("curled-can"), "film.width", Math.PI * 66.6 - 12);
    expect(toldOf(withChoices(tight, { gap: "ten" })).step("tabs")?.what).not.toMatch(/cut that much/);
    expect(toldOf(withChoices(tight, { gap: "wide" })).step("tabs")?.what).toMatch(/You want 15 mm there/);
  });
});

describe("what is taken of each thing", () => {
  const amounts = (camera: Camera): Readonly<Record<string, number>> =>
    Object.fromEntries(toldOf(camera).bill.map(({ id, amount }) => [id, amount]));
  test("a fresh point for each of two holes, two plates that are put in one after the other", () => {
    const pair = testCamera("stereo-box");
    expect(amounts(pair)).toMatchObject({ needle: 2, plate: 2 });
    expect(toldOf(pair).step("plate")).toMatchObject({ title: "Put the 2 plates in", minutes: 20 });
    expect(toldOf(testCamera("flat-box")).step("plate")).toMatchObject({ title: "Put the plate in", minutes: 10 });
  });
  test("one strip covers both holes of a pair: step, part and bill", () => {
    const { parts, plan, step } = toldOf(testCamera("stereo-box"));
    const apart = plan.hole.apart as number;
    expect(apart).toBe(110);
    expect(amounts(testCamera("stereo-box"))["shutter-tape"]).toBe(55 + apart);
    const flap = parts.find(({ id }) => id === "shutter");
    expect(flap?.width).toBe(55 + apart);
    const scraps = (flap?.marks ?? []).flatMap((mark) =>
      mark.kind === "line" && mark.layer === "guide" ? [mark.points[0]?.x ?? 0] : [],
    );
    expect(scraps).toHaveLength(2);
    expect((scraps[1] ?? 0) - (scraps[0] ?? 0)).toBeCloseTo(apart, 9);
    expect(step("shutter")?.what).toMatch(/across the two/);
    // The holes of a drum's tiers are opened one at a time.
    expect(amounts(testCamera("drum"))["shutter-tape"]).toBe(2 * 55);
  });
  test("two baffles at each hole of a drum, and a dowel", () => {
    const { parts, plan } = toldOf(testCamera("drum"));
    expect(parts.find(({ id }) => id === "baffle")?.count).toBe(2 * plan.hole.count);
    expect(amounts(testCamera("drum"))).toHaveProperty("dowel", 1);
  });
  test("film that is wound wants a cartridge to be wound into; boxes folded from card are not found", () => {
    expect(amounts(testCamera("roll-carton"))).toMatchObject({ sheet: 1, cartridge: 1 });
    const folded = toldOf(testCamera("folded-box"));
    expect(folded.bill.map(({ id }) => id)).not.toContain("container");
    expect(folded.steps[0]?.id).toBe("fold");
  });
  test("film is not semi-matt", () => {
    const of = (camera: Camera): string =>
      saidBill(toldOf(camera).bill, inMm).find(({ id }) => id === "sheet")?.why ?? "";
    expect(of(withFormatOf(testCamera("folded-box"), "film-6x9-strips"))).not.toMatch(/semi-matt/);
    expect(of(testCamera("flat-box"))).toMatch(/semi-matt/);
  });
});

describe("a set on its board", () => {
  const nine = (kind: (typeof KINDS)[number]): Camera => ({ ...testCamera(kind), set: { count: 9, exposed: [] } });
  test("nine canisters: board, its magnets, a washer for each cap; one board for a set", () => {
    const order = cutOrderFor(nine("canister"));
    const bill = billOfMaterials(order, 2);
    expect(bill.find(({ id }) => id === "board")?.amount).toBe(2);
    for (const id of ["board-magnet", "board-washer"]) expect(bill.find((row) => row.id === id)?.amount).toBe(18);
    expect(order.plan.loading.steps[0]).toBe("tray");
    expect(toldOf(nine("canister")).step("tray")?.what).toMatch(/numbers 1 to 9 .* of each canister/);
  });
  test.each([
    ["tins", nine("far-wall-tin")],
    ["canisters that hang for months", { ...nine("canister"), purpose: "trail" as const }],
  ])("%s stand on none: nothing of it is cut, bought, built or said", (_, camera) => {
    const { plan, parts, bill, step } = toldOf(camera);
    expect(plan.outside.board).toBeNull();
    expect(parts.map(({ id }) => id)).not.toContain("tray");
    expect(bill.map(({ id }) => id)).not.toContain("board");
    expect(step("tray")).toBeUndefined();
    expect(plan.loading.steps[0]).toBe("set");
  });
});

test("one sheet goes in behind the divider", () => {
  const divided = testCamera("stereo-box");
  expect(planFor(divided).divider).not.toBeNull();
  expect(planFor(divided).loading.steps).toContain("behind");
  expect(planFor(testCamera("flat-box")).loading.steps).not.toContain("behind");
});

test("how far its own lid comes down is looked up before the hole is marked", () => {
  const order = toldOf(testCamera("far-wall-tin", { material: "tin metal" })).steps.map(({ id }) => id);
  expect(order.indexOf("cap")).toBe(order.indexOf("trace") - 1);
  const made = toldOf(testCamera("curled-can")).steps.map(({ id }) => id);
  expect(made.indexOf("cap")).toBeGreaterThan(made.indexOf("plate"));
});

test("two cuts at one distance are one mark, said so on the cutter and in the dark", () => {
  const square = withFormatOf(testCamera("canister"), "trim-1.75-square");
  expect(toldOf(square).step("cutter")?.what).toMatch(/Put a strip of tape on the cutter 44.45 mm from its blade/);
  const other = withFormatOf(testCamera("flat-box", { sheetWidth: 100, sheetHeight: 90 }), "in-5x7");
  expect(toldOf(other).step("cutter")?.what).toMatch(/the first 100 mm from its blade, the second 90 mm/);
});

test("what does not bear a card takes it along", () => {
  expect(toldOf(testCamera("canister")).step("label")?.what).toMatch(/goes into your bag/);
  expect(toldOf(testCamera("flat-box")).step("label")?.title).toBe("Stick the cards on");
  expect(toldOf(testCamera("canister")).parts.find(({ id }) => id === "exposure-card")?.name).toMatch(/take along/);
});

describe("what suits a wall", () => {
  test.each([
    ["aluminium metal", 0.1, 0.4, "pin", false],
    ["tin metal", 1, 0.4, "drill", false],
    ["tin metal", 0.25, 0.4, "pin", false],
    ["plastic", 1.2, 0.2, "pin", true],
    ["plastic", 1.2, 0.4, "drill", false],
    ["card", 1.5, 0.4, "pin", false],
    ["card", 1.5, 1, "drill", false],
  ] as const)(
    "%s of %s mm: a hole of %s mm through it by %s (common practice)",
    (material, wall, wide, tool, sanded) => {
      const pierced = withMount(testCamera("curled-can", { material, wall }), "wall");
      const { plan, step } = toldOf(withField(pierced, "hole.diameter", wide));
      expect([plan.hole.tool, plan.hole.isSanded]).toEqual([tool, sanded]);
      expect(step("hole")?.what.includes("sanded thin")).toBe(sanded);
    },
  );
  test.each([
    ["card", "knife"],
    ["tin metal", "step drill"],
    ["aluminium metal", "step drill"],
    ["plastic", "pilot and bit"],
    ["wood", "saw"],
  ] as const)("%s is opened with a %s (common practice)", (material, tool) => {
    expect(planFor(testCamera("flat-box", { material })).hole.opening).toBe(tool);
  });
  test("magnets hold on tin and steel alone; elsewhere a piece of steel is bought and glued on", () => {
    for (const [material, needs] of [
      ["tin metal", false],
      ["aluminium metal", true],
      ["card", true],
    ] as const) {
      const { plan, bill, said } = toldOf(
        withChoices(testCamera("flat-box", { material }), { shutter: "magnet", hold: "magnets" }),
      );
      expect([plan.cover.needsSteel, bill.filter(({ id }) => id.startsWith("steel")).length]).toEqual([
        needs,
        needs ? 2 : 0,
      ]);
      expect(/washer/.test(said)).toBe(needs);
      expect(saidBill(bill, inMm).some(({ name }) => /electrical/.test(name))).toBe(false);
    }
  });
});

describe("what holds the sheet", () => {
  test("a curled sheet springs from half a turn on, a shorter one is held (common practice)", () => {
    const tin = (width: number) =>
      planFor(testCamera("far-wall-tin", { diameter: 150, sheetWidth: width })).holding?.by;
    expect(tin((Math.PI * 150) / 2 + 0.001)).toBe("its own spring");
    expect(tin((Math.PI * 150) / 2 - 1)).toBe("tape");
  });
  test("a sheet leaning 25° rises by its width’s sine; a bowed one’s ends stand r(1 − cos(w/2r)) before the back", () => {
    expect(planFor(testCamera("slanted-box")).holding).toMatchObject({
      by: "a sloped back",
      high: expect.closeTo(127 * Math.sin((25 * Math.PI) / 180), 9),
    });
    expect(planFor(testCamera("curved-box")).holding).toEqual({
      by: "stops",
      apart: expect.closeTo(160 * Math.sin(127 / 160), 9),
      forward: expect.closeTo(80 * (1 - Math.cos(127 / 160)), 9),
    });
  });
});

describe("pieces from a sheet", () => {
  test.each([
    [177.8, 127, 44.45, 44.45, 8],
    [254, 203.2, 44.45, 44.45, 20],
    [177.8, 127, 177.8, 101.6, 1],
    [254, 203.2, 127, 101.6, 4],
  ])("%f × %f gives of %f × %f mm: %i", (width, height, w, h, count) => {
    expect(piecesFrom({ width, height }, { width: w, height: h })).toBe(count);
  });
  test("5×7 to 4×7 is one cut, 101.6 mm from the blade", () => {
    const { piece } = planFor(
      withFormatOf(testCamera("far-wall-tin", { sheetWidth: 177.8, sheetHeight: 101.6 }), "trim-4x7"),
    );
    expect(piece.cuts).toEqual([{ along: "height", at: 101.6 }]);
    expect(piece.stock).toEqual({ name: "5×7 in", width: 177.8, height: 127 });
  });
});

describe("a cap or lid never covers the hole", () => {
  const can = testCamera("curled-can");
  const raised = (mm: number, more: object = {}): Camera => withHole({ ...can, making: more }, { y: mm });
  test("a made cap is as long as is usual, shorter where the hole is high, never under 25 mm", () => {
    expect(closingOf(can)).toMatchObject({
      by: "made cap",
      reach: 75,
      toHole: 104.5,
    });
    expect(closingOf(raised(30))?.reach).toBeCloseTo(54 - 14.5, 9);
    expect(closingOf(raised(60))?.reach).toBe(25);
  });
  test("a hole too high for it is told, by how much: 24 mm below the rim, 25 and 14.5 are wanted", () => {
    expect(holeTooHigh(closingOf(raised(60)) as never)).toBeCloseTo(25 + 14.5 - 24, 9);
    expect(holeTooHigh(closingOf(raised(30)) as never)).toBe(0);
  });
  test("a made cap and a measured lid leave the hole or don’t; a lid that is only guessed refuses nothing", () => {
    expect([60, 30].map((y) => lidLeavesHole(raised(y)))).toEqual([false, true]);
    const lid = { choices: { closing: "lid" } };
    expect(lidLeavesHole(raised(80, lid))).toBe(true);
    expect([20, 40].map((lidReach) => lidLeavesHole(raised(40, { ...lid, lidReach })))).toEqual([true, false]);
  });
  test("of two holes the higher one counts", () => {
    const [chamber] = can.chambers;
    const [hole] = chamber.holes;
    const two: Camera = {
      ...can,
      chambers: [
        {
          ...chamber,
          holes: [
            { ...hole, y: 60 },
            { ...hole, y: -60 },
          ],
        },
      ],
    };
    expect(closingOf(two)?.toHole).toBe(24);
  });
  test("an own lid reaches as far as it was measured; a box and a can with the hole in its lid have none in the way", () => {
    const own = { choices: { closing: "lid" }, lidReach: 30 };
    expect(closingOf(raised(50, own))).toMatchObject({ by: "own lid", reach: 30 });
    expect(holeTooHigh(closingOf(raised(50, own)) as never)).toBeCloseTo(30 + 14.5 - 34, 9);
    for (const kind of ["flat-box", "lid-can", "drum", "bought-box"] as const)
      expect(closingOf(testCamera(kind))).toBeNull();
  });
});

describe("months of sun", () => {
  const trail: Camera = { ...testCamera("curled-can"), purpose: "trail" };
  test("lamp before loading, sealing last of all at home", () => {
    const ids = toldOf(trail).steps.map(({ id }) => id);
    expect(ids.indexOf("light-test")).toBeLessThan(ids.indexOf("lid"));
    expect(ids.slice(-2)).toEqual(["lid", "put-up"]);
  });
  test.each([0.26, 0.5, 1.5])("a hole of %f mm is kept: no detail is asked of the sun’s tracks", (diameter) => {
    const measured = { ...trail, measurements: [{ diameter, uncertainty: 0.01, axisRatio: 0.7, roughness: 0.2 }] };
    const { verdict, sun } = judgeHole(measured, PAPER_LIGHT, ideal);
    expect(verdict).toEqual({ action: "keep", reason: "for trails" });
    const said = holeAdvice(judgeHole(measured, PAPER_LIGHT, ideal), inMm);
    expect(said).toMatch(
      /0\.62 mm wide on this sheet, the tracks of two days lie up to 0\.46 mm apart; holes of 0\.4 mm to 2 mm/,
    );
    expect(/finer/.test(said)).toBe(diameter < 0.4);
    expect(said).not.toMatch(/wider/);
    // 32′ of disc and 24′ a day, 66.6 mm from the hole.
    expect(sun).toEqual({ disc: expect.closeTo(0.61994, 4), dayStep: expect.closeTo(0.46496, 4), usual: [0.4, 2] });
  });
});

test("a hole above the sheet’s middle looks up: its sheet’s middle sees the sky, one below it the ground", () => {
  const can = testCamera("curled-can");
  for (const [y, up] of [
    [15, true],
    [-15, false],
  ] as const) {
    const { place, surface } = opticalModel(
      solveRequest(withHole(can, { y: (can.chambers[0].film.y ?? 0) + y }), PAPER_LIGHT),
    );
    expect((sheetToScene(place, surface, { s: 0, t: 0 })?.elevation ?? 0) > 0).toBe(up);
  }
});

test("black plastic needs no paint, a bought box none; a hole bought for a box that is built leaves its paint", () => {
  const bare = (camera: Camera): Camera => withContainer(camera, { insideBlack: false });
  expect(planFor(bare(testCamera("flat-box", { material: "plastic" }))).black).toBeNull();
  expect(planFor(bare(testCamera("bought-box"))).black).toBeNull();
  expect(planFor(bare(withMount(testCamera("flat-box"), "bought"))).black).toBe("paint");
});

test("a plate that was bought with its hole by an earlier design is no plate to make", () => {
  const earlier = { ...testCamera("flat-box"), making: { way: "bought" } };
  expect(planFor(earlier).hole).toMatchObject({ mount: "bought", tool: null });
  expect(planFor(withMount(earlier, "plate")).hole).toMatchObject({ mount: "plate", tool: "needle" });
});

describe("sight lines look where the sheet’s edges do", () => {
  const degrees = (angle: number | undefined) => ((angle ?? 0) * 180) / Math.PI;
  test("a flat sheet of 127 × 101.6 mm, 70 mm away: ± atan(63.5/70) and ± atan(50.8/70)", () => {
    const view = planFor(testCamera("flat-box")).view;
    expect(degrees(view?.right)).toBeCloseTo(42.2123, 3);
    expect(degrees(view?.left)).toBeCloseTo(-42.2123, 3);
    expect([degrees(view?.up), degrees(view?.down)]).toEqual([expect.closeTo(35.9689, 3), expect.closeTo(-35.9689, 3)]);
  });
  test("a can’s sheet looks half its central angle to either side (inscribed angle): 177.8 mm round a radius of 33.3 mm", () => {
    expect(degrees(planFor(testCamera("curled-can")).view?.right)).toBeCloseTo(((177.8 / 33.3) * 180) / Math.PI / 4, 6);
  });
  test("a hole raised by 10 mm looks down at what its sheet’s top shows: both edges turn up together", () => {
    const raised = planFor(withHole(testCamera("flat-box"), { y: 10 })).view;
    expect(degrees(raised?.up)).toBeCloseTo((Math.atan(60.8 / 70) * 180) / Math.PI, 6);
    expect(degrees(raised?.down)).toBeCloseTo((-Math.atan(40.8 / 70) * 180) / Math.PI, 6);
  });
  test("on the card a line behind the pin runs the other way than the look over it", () => {
    const card = cutParts(cutOrderFor(testCamera("flat-box"))).find(({ id }) => id === "sights-top");
    const ends = card?.marks.flatMap((mark) => (mark.kind === "line" && mark.layer === "mark" ? [mark.points] : []));
    const angles = ends?.map(([pin, end]) =>
      degrees(Math.atan2((pin?.x ?? 0) - (end?.x ?? 0), (end?.y ?? 0) - (pin?.y ?? 0))),
    );
    expect(angles).toEqual([expect.closeTo(-42.2123, 3), expect.closeTo(42.2123, 3)]);
  });
});

test("numbers for lid and bottom of each of a set are round, and smaller than the end they go on", () => {
  const set = { ...testCamera("canister"), set: { count: 3, exposed: [] } };
  const round = cutParts(cutOrderFor(set, { numbers: [1, 2, 3] })).filter(({ id }) => id.startsWith("label-round-"));
  expect(round.map(({ height }) => height)).toEqual([26.5, 26.5, 26.5]);
  expect(cutParts(cutOrderFor(testCamera("curled-can"))).some(({ id }) => id.startsWith("label-round-"))).toBe(false);
});

test("a wall that glows is wrapped whole, in two layers of tape 48 mm wide: the bill has it", () => {
  const box = testCamera("flat-box");
  const tape = (camera: Camera) => toldOf(camera).bill.find(({ id }) => id === "black-tape")?.amount ?? 0;
  const surface = 2 * (165 * 118 + 165 * 70 + 118 * 70);
  expect(tape(withContainer(box, { translucent: true })) - tape(box)).toBeCloseTo((2 * surface) / 48, 6);
});

test("where film goes in as it is built, the lamp test comes before it; it needs no sheet", () => {
  const { steps, step } = toldOf(testCamera("matchbox"));
  const ids = steps.map(({ id }) => id);
  expect(ids.indexOf("light-test")).toBe(ids.indexOf("cartridges") - 1);
  expect(ids.filter((id) => id === "light-test")).toHaveLength(1);
  expect(step("light-test")?.what).toMatch(/before the film is in/);
  expect(toldOf(testCamera("flat-box")).step("light-test")?.what).toMatch(/leave a sheet shut in it/);
});

test("labels go on what bears them: a card on a box and round a can, a small one on a matchbox and on a narrow box", () => {
  const label = (camera: Camera) => cutParts(cutOrderFor(camera)).find(({ id }) => id === "label-1")?.width;
  expect([label(testCamera("flat-box")), label(testCamera("curled-can"))]).toEqual([86, 86]);
  expect([label(testCamera("matchbox")), label(testCamera("flat-box", { width: 80, sheetWidth: 60 }))]).toEqual([
    42, 42,
  ]);
  const card = (camera: Camera) => cutParts(cutOrderFor(camera)).find(({ id }) => id === "exposure-card")?.name;
  expect([card(testCamera("flat-box")), card(testCamera("matchbox"))]).toEqual([
    "Exposure card, to stick on",
    "Exposure card, to take along",
  ]);
});

test("nine canisters stand on a board of three by three, as wide as they are with 6 mm between", () => {
  const set = { ...testCamera("canister"), set: { count: 9, exposed: [] } };
  const board = cutParts(cutOrderFor(set)).find(({ id }) => id === "tray");
  // 29.5 mm inside, walls of 1 mm: 31.5; three of them with four gaps.
  expect([board?.width, board?.height]).toEqual([3 * 31.5 + 4 * 6, 3 * 31.5 + 4 * 6]);
  expect(board?.marks.filter(({ kind }) => kind === "circle")).toHaveLength(9);
  const seven = cutParts(cutOrderFor({ ...set, set: { count: 7, exposed: [] } })).find(({ id }) => id === "tray");
  expect([seven?.width, seven?.marks.filter(({ kind }) => kind === "circle").length]).toEqual([3 * 31.5 + 4 * 6, 7]);
  expect(cutParts(cutOrderFor(testCamera("curled-can"))).some(({ id }) => id === "tray")).toBe(false);
});
