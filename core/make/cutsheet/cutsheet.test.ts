import fc from "fast-check";
import { MaxRectsPacker } from "maxrects-packer";
import { type Mark, scaled } from "../../basis/drawing/index.ts";
import { type Camera, cameraBody, withChamber, withContainer } from "../../camera/container/index.ts";
import { testCamera } from "../../testing/cameras.ts";
import { cutOrderFor } from "../../testing/cutOrders.ts";
import { withChoices, withFormatOf } from "../../testing/plans.ts";
import { billOfMaterials, cutParts, layOut, PAPERS, type Paper, type Part } from "./index.ts";
import { nest } from "./pages/nest.ts";

const A4 = PAPERS[0] as Paper;

function partOf(parts: readonly Part[], id: string): Part {
  const part = parts.find((each) => each.id === id);
  if (part === undefined) throw new Error(`no part ${id} among ${parts.map((each) => each.id).join(", ")}`);
  return part;
}

function words({ marks }: Part): string {
  return marks.flatMap((mark) => (mark.kind === "label" ? [mark.text] : [])).join("\n");
}

function spans(marks: readonly Mark[], layer: string): readonly (readonly [number, number])[] {
  return marks.flatMap((mark) =>
    mark.kind === "line" && mark.layer === layer
      ? [
          [
            Math.max(...mark.points.map(({ x }) => x)) - Math.min(...mark.points.map(({ x }) => x)),
            Math.max(...mark.points.map(({ y }) => y)) - Math.min(...mark.points.map(({ y }) => y)),
          ] as const,
        ]
      : [],
  );
}

const withRim = (camera: Camera, rim: number): Camera => ({ ...camera, making: { ...camera.making, rim } });

describe("parts for every shape", () => {
  test("an open can gets a cap from its measured rim: collar π × (rim + 0.5 to slide + 0.3 of card) and 15 to glue, fringe, disc, star of tapes", () => {
    const camera = testCamera("curled-can", { diameter: 66.6, height: 168 });
    const parts = cutParts(cutOrderFor(withRim(camera, 68)));
    const collar = partOf(parts, "cap-collar");
    expect(collar.width).toBeCloseTo(Math.PI * 68.8 + 15, 9);
    const fringe = collar.marks.filter(
      (mark) => mark.kind === "line" && mark.layer === "cut" && mark.points.length === 2,
    );
    expect(fringe.length).toBe(Math.floor((Math.PI * 68.8) / 8));
    expect(partOf(parts, "cap-disc").width).toBe(68);
    expect(spans(partOf(parts, "cap-tape").marks, "guide")).toEqual([
      [108, 19],
      [108, 19],
      [108, 19],
      [expect.closeTo(Math.PI * 68.8 + 15, 9), 19],
    ]);
    const reckoned = partOf(cutParts(cutOrderFor(camera)), "cap-disc").width;
    expect(reckoned).toBeCloseTo(66.6 + 2 * camera.container.wall, 9);
  });

  test("a divider reaches as far forward as the design says, leaves the sheet 1 mm to slide behind it, and has two flaps", () => {
    const camera = withChamber(testCamera("stereo-box"), { divider: 42 });
    const part = partOf(cutParts(cutOrderFor(camera)), "divider");
    expect([part.width, part.height]).toEqual([41, cameraBody(camera).high + 20]);
  });

  test("a drum gets vanes on its dowel, discs, and baffles where it has them", () => {
    const camera = testCamera("drum");
    const { container } = camera;
    if (container.shape !== "drum") throw new Error("not a drum");
    const whole = { ...camera, container: { ...container, baffle: { aside: 12, height: 20 } } };
    const parts = cutParts(cutOrderFor(whole));
    const across = container.diameter - 2 * container.gap;
    // From a 6 mm dowel to the wall, with a flap; between discs of half a millimetre, a millimetre of air in all.
    expect(partOf(parts, "vane").width).toBeCloseTo((across - 6) / 2 + 10, 9);
    expect(partOf(parts, "vane").height).toBeCloseTo(
      (container.height - 0.5 * (container.tiers + 1) - 1) / container.tiers,
      9,
    );
    expect(partOf(parts, "disc").marks.some((mark) => mark.kind === "circle" && mark.radius === 3)).toBe(true);
    expect(partOf(parts, "disc").width).toBe(across);
    expect(partOf(parts, "baffle").width).toBe(30);
    expect(cutParts(cutOrderFor(camera)).some(({ id }) => id === "baffle")).toBe(container.baffle != null);
  });

  test("a carton and a folded box get a mask with a window of the picture’s size", () => {
    for (const kind of ["roll-carton", "folded-box"] as const) {
      const camera = testCamera(kind);
      const { film } = camera.chambers[0];
      const mask = partOf(cutParts(cutOrderFor(camera)), "mask");
      const window = spans(mask.marks, "cut")[1];
      expect(window?.[0]).toBeCloseTo(film.width, 9);
      expect(window?.[1]).toBeCloseTo(film.height, 9);
    }
  });

  test("a curled sheet gets two tabs, every camera a shutter, label, exposure card, outdoor label and log card", () => {
    const ids = cutParts(cutOrderFor(testCamera("canister"))).map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining(["tab-1", "tab-2", "shutter", "label-1", "exposure-card", "warning", "log-card"]),
    );
    expect(cutParts(cutOrderFor(testCamera("flat-box"))).map(({ id }) => id)).not.toContain("tab-1");
  });

  test("a tripod plate lets the 1/4 in screw of ISO 1222 (6.35 mm, from memory) through with little play", () => {
    const plate = partOf(cutParts(cutOrderFor(testCamera("flat-box"))), "tripod");
    const radii = plate.marks.flatMap((mark) => (mark.kind === "circle" ? [mark.radius] : []));
    expect(radii).toHaveLength(1);
    expect(2 * (radii[0] ?? 0) - 25.4 / 4).toBeGreaterThan(0.1);
    expect(2 * (radii[0] ?? 0) - 25.4 / 4).toBeLessThan(0.5);
    expect(cutParts(cutOrderFor(testCamera("canister"))).map(({ id }) => id)).not.toContain("tripod");
  });

  test.each([
    ["a4", 210, 297, "ISO 216:2007: A4"],
    ["letter", 215.9, 279.4, "ANSI/ASME Y14.1: 8 1/2 × 11 in"],
  ])("paper %s is %f × %f mm (%s)", (id, width, height, _source) => {
    expect(PAPERS.find((paper) => paper.id === id)).toMatchObject({ width, height });
  });

  test("a set gets a label a number and a log card with one field a camera", () => {
    const camera = { ...testCamera("canister"), set: { count: 9, exposed: [] } };
    const parts = cutParts(cutOrderFor(camera, { numbers: [1, 2, 3, 4, 5, 6, 7, 8, 9] }));
    expect(parts.filter(({ id }) => /^label-\d+$/.test(id))).toHaveLength(9);
    expect(words(partOf(parts, "label-7"))).toMatch(/No\. 7/);
    expect(words(partOf(parts, "log-card")).match(/^\d$/gm)).toEqual(["1", "2", "3", "4", "5", "6", "7", "8", "9"]);
  });

  test("the exposure card says each light and its time, and what they are for", () => {
    const card = partOf(cutParts(cutOrderFor(testCamera("flat-box"))), "exposure-card");
    expect(words(card)).toMatch(/f\/220\non Graded RC paper, ISO 6\nFull sun\n24 s\nHazy sun\n48 s/);
  });

  test("trim lines say how far from the blade the tape mark goes", () => {
    const camera = withFormatOf(testCamera("flat-box", { sheetWidth: 100, sheetHeight: 80 }), "in-5x7");
    const sheet = partOf(cutParts(cutOrderFor(camera)), "sheet");
    expect(words(sheet)).toMatch(/tape mark 100\.0 mm from the blade/);
    expect(words(sheet)).toMatch(/tape mark 80\.0 mm from the blade/);
  });
});

describe("nesting", () => {
  const area = { width: 190, height: 251 };
  const sizes = fc.array(
    fc.record({ width: fc.integer({ min: 8, max: 185 }), height: fc.integer({ min: 8, max: 185 }) }),
    { minLength: 1, maxLength: 22 },
  );

  test("nothing overlaps, nothing leaves the page, the gap is kept, nothing is lost", () => {
    fc.assert(
      fc.property(sizes, (list) => {
        const placed = nest(list, area, 8);
        expect(placed.map(({ index }) => index).sort((a, b) => a - b)).toEqual(list.map((_, i) => i));
        const boxes = placed.map(({ index, page, x, y, turned }) => {
          const { width, height } = list[index] as { width: number; height: number };
          return { page, x, y, right: x + (turned ? height : width), bottom: y + (turned ? width : height) };
        });
        for (const [i, a] of boxes.entries()) {
          expect(a.x >= 0 && a.y >= 0 && a.right <= area.width + 1e-9 && a.bottom <= area.height + 1e-9).toBe(true);
          for (const b of boxes.slice(i + 1)) {
            const apart =
              a.page !== b.page ||
              a.right + 8 <= b.x + 1e-9 ||
              b.right + 8 <= a.x + 1e-9 ||
              a.bottom + 8 <= b.y + 1e-9 ||
              b.bottom + 8 <= a.y + 1e-9;
            expect(apart).toBe(true);
          }
        }
      }),
      { seed: 31, numRuns: 120 },
    );
  });

  test("needs no more pages than the registry’s maxrects-packer, for parts of every kind of camera and for made-up ones", () => {
    const pagesOf = (list: readonly { width: number; height: number }[]) =>
      nest(list, area, 8).reduce((most, { page }) => Math.max(most, page + 1), 0);
    const packers = (list: readonly { width: number; height: number }[]) => {
      const packer = new MaxRectsPacker(area.width, area.height, 8, {
        smart: false,
        pot: false,
        square: false,
        allowRotation: true,
      });
      packer.addArray(list.map((size, data) => ({ ...size, x: 0, y: 0, data })) as never);
      return packer.bins.length;
    };
    for (const kind of [
      "flat-box",
      "curled-can",
      "canister",
      "far-wall-tin",
      "lid-can",
      "stereo-box",
      "bought-box",
    ] as const) {
      const parts = cutParts(cutOrderFor(testCamera(kind))).filter(
        ({ width, height }) => Math.max(width, height) <= 240 && Math.min(width, height) <= 180,
      );
      expect(pagesOf(parts)).toBeLessThanOrEqual(packers(parts));
    }
    let [ours, theirs] = [0, 0];
    for (const list of fc.sample(sizes, { seed: 7, numRuns: 60 })) {
      ours += pagesOf(list);
      theirs += packers(list);
    }
    expect(ours).toBeLessThanOrEqual(theirs);
  });
});

describe("a printer that shrinks, not the same both ways", () => {
  test.each([
    [0.97, 0.97],
    [0.97, 1],
    [1, 0.985],
    [1.02, 0.96],
  ])("printed at %f across and %f along: parts, holes and rulers come out true, inside the paper", (x, y) => {
    const parts = cutParts(cutOrderFor(testCamera("flat-box")));
    const face = partOf(parts, "face");
    const pages = layOut(parts, A4, { camera: "Tin", date: "1 May 2026" }, { across: 1 / x, up: 1 / y });
    const printed = pages.flatMap(({ scene }) => scaled(scene.marks, x, y));
    const widths = [...spans(printed, "cut"), ...spans(printed, "mark")];
    const among = (width: number, height: number): boolean =>
      widths.some(([w, h]) => Math.abs(w - width) < 0.02 && Math.abs(h - height) < 0.02);
    expect(among(face.width, face.height) || among(face.height, face.width)).toBe(true);
    expect(among(100, 0)).toBe(true);
    expect(among(0, 100)).toBe(true);
    for (const { scene } of pages) {
      expect([scene.bounds.width, scene.bounds.height]).toEqual([210, 297]);
      for (const mark of scene.marks) {
        if (mark.kind !== "line") continue;
        for (const point of mark.points) {
          expect(point.x > 9 && point.y > 9 && point.x < 202 && point.y < 289).toBe(true);
        }
      }
    }
  });

  test("a circle for an uneven printer is an ellipse that prints round", () => {
    const [drawn] = scaled([{ kind: "circle", layer: "cut", centre: { x: 30, y: 40 }, radius: 10 }], 1 / 0.95, 1);
    if (drawn?.kind !== "line") throw new Error("not drawn in pieces");
    for (const { x, y } of drawn.points) expect(Math.hypot(x * 0.95 - 30, y - 40)).toBeCloseTo(10, 9);
    expect(drawn.closed).toBe(true);
  });
});

test("tiles carry a map of all tiles with their own filled", () => {
  const wall = partOf(cutParts(cutOrderFor(testCamera("curled-can", { diameter: 300, height: 200 }))), "wall");
  const pages = layOut([wall], A4, { camera: "Hat box", date: "1 May 2026" });
  const filled = pages.map(({ scene }) => scene.marks.filter(({ layer }) => layer === "solid"));
  expect(pages.length).toBeGreaterThan(4);
  expect(filled.map((marks) => marks.length)).toEqual(pages.map(() => 1));
  const places = filled.map(([mark]) => (mark?.kind === "line" ? `${mark.points[0]?.x} ${mark.points[0]?.y}` : ""));
  expect(new Set(places).size).toBe(pages.length);
});

describe("bill of materials", () => {
  const amount = (id: string, count = 1, camera = testCamera("curled-can", { diameter: 66.6, height: 168 })) =>
    billOfMaterials(cutOrderFor(withRim(camera, 68)), count).find((row) => row.id === id)?.amount ?? 0;

  test("tape: eight strips a plate, two turns of the lid, the cap’s four strips; reckoned by hand", () => {
    const cap = 3 * (68 + 40) + (Math.PI * 68.8 + 15);
    expect(amount("black-tape")).toBeCloseTo(8 * (19 + 24) + 2 * (Math.PI * 68 + 30) + cap, 6);
  });

  test("a rim of 66.2 mm takes 544 mm of tape for its cap: three strips of 106.2 and one of 225.5", () => {
    const tape = (rim: number) =>
      billOfMaterials(cutOrderFor(withRim(testCamera("curled-can"), rim)), 1).find(({ id }) => id === "black-tape")
        ?.amount ?? 0;
    expect(tape(66.2) - 8 * 43 - 2 * (Math.PI * 66.2 + 30)).toBeCloseTo(544.1, 0);
  });

  test("a cap’s collar is 60 to 90 mm deep on a can of usual height, less on a low tin", () => {
    const deep = (height: number) =>
      partOf(
        cutParts(cutOrderFor(withChoices(testCamera("far-wall-tin", { height, sheetHeight: 40 }), { closing: "cap" }))),
        "cap-collar",
      ).height - 12;
    expect(deep(168)).toBe(75);
    // 0.6 of its height where the hole lets it; level with a sheet of 40, the hole is 40 below a rim at 60: 14.5 stay free.
    expect(deep(90)).toBeCloseTo(54, 9);
    expect(deep(60)).toBeCloseTo(40 - 14.5, 9);
  });

  test.each([
    // A collar of 227 × 82 lies twice on A4, the discs of 67 in what is left: two cans a sheet.
    ["forty cans", testCamera("curled-can", { wall: 0.1 }), 40, 20],
    ["fifteen cans", testCamera("curled-can", { wall: 0.1 }), 15, 8],
  ] as const)("card for %s is counted by packing: whole sheets that hold whole parts", (_, camera, count, sheets) => {
    const card = billOfMaterials(cutOrderFor(camera), count).find(({ id }) => id === "card");
    expect(card?.amount).toBe(sheets);
  });

  test("pieces are counted by what one sheet gives: nine of 1 3/4 in square come from two of 5×7", () => {
    const canister = withFormatOf({ ...testCamera("canister"), set: { count: 9, exposed: [] } }, "trim-1.75-square");
    expect(amount("sheet", 1, canister)).toBe(2);
    expect(amount("sheet", 10, canister)).toBe(Math.ceil(90 / 8));
  });

  test("what does not go on A4 is asked for by its size", () => {
    const rows = billOfMaterials(cutOrderFor(testCamera("drum")), 1);
    expect(rows.find(({ id }) => id === "large-disc")).toMatchObject({ amount: 3, unit: "pieces" });
    expect(rows.find(({ id }) => id === "large-disc")?.thing).toMatchObject({ width: 316, height: 316 });
  });

  test("a drum has a hole, a plate and a flap for each tier; a set of nine wants nine of everything", () => {
    const drum = testCamera("drum");
    expect(amount("plate", 1, drum)).toBe(2);
    expect(amount("shutter-tape", 1, drum)).toBe(2 * 55);
    const canister = { ...testCamera("canister"), set: { count: 9, exposed: [] } };
    for (const id of ["plate", "sheet", "black-tape"])
      expect(amount(id, 1, canister)).toBeCloseTo(
        9 * amount(id, 1, { ...canister, set: { count: 1, exposed: [] } }),
        9,
      );
  });

  const unpainted = (camera: ReturnType<typeof testCamera>) => withContainer(camera, { insideBlack: false });

  test("what was chosen in building is what is to be had: paint, lining paper, or neither; one tape or the other", () => {
    const can = unpainted(testCamera("curled-can", { diameter: 66.6, height: 168 }));
    const chosen = (choices: Readonly<Record<string, string>>) =>
      billOfMaterials(cutOrderFor({ ...can, making: { choices } }), 1);
    expect(chosen({}).some(({ id }) => id === "paint")).toBe(true);
    const lined = chosen({ black: "paper" });
    expect(lined.some(({ id }) => id === "paint")).toBe(false);
    // 209 × 168 and two of 66.6 square go on one sheet of 297 × 210.
    expect(lined.find(({ id }) => id === "lining")?.amount).toBe(1);
    const left = chosen({ black: "leave" }).map(({ id }) => id);
    expect(left).not.toContain("paint");
    expect(left).not.toContain("lining");
    expect(chosen({ tape: "electrical" }).find(({ id }) => id === "black-tape")?.thing).toMatchObject({
      tape: "electrical",
    });
    expect(chosen({}).find(({ id }) => id === "black-tape")?.thing).toMatchObject({ tape: "cloth" });
  });

  test("paint: two coats on the inside, ends too", () => {
    const inside = Math.PI * 66.6 * 168 + (Math.PI * 66.6 ** 2) / 2;
    const can = testCamera("curled-can", { diameter: 66.6, height: 168 });
    expect(amount("paint", 1, unpainted(can))).toBeCloseTo((inside * 200) / 1e6, 9);
    // Black already: nothing to paint.
    expect(amount("paint", 1, can)).toBe(0);
  });

  test("for 25 cameras what is used up is 25 times as much; card by what goes on a sheet; a drum counts its sheets", () => {
    const can = unpainted(testCamera("curled-can", { diameter: 66.6, height: 168 }));
    for (const id of ["black-tape", "plate", "paint"]) {
      expect(amount(id, 1, can)).toBeGreaterThan(0);
      expect(amount(id, 25, can)).toBeCloseTo(25 * amount(id, 1, can), 6);
    }
    const drum = withContainer(testCamera("drum"), { baffle: { aside: 12, height: 20 } });
    const parts = cutParts(cutOrderFor(drum));
    const { container } = drum;
    if (container.shape !== "drum") throw new Error("not a drum");
    const vane = partOf(parts, "vane");
    const vanes = container.tiers * container.sectors;
    const baffle = partOf(parts, "baffle");
    expect(baffle.name).toContain(`${2 * container.tiers} in all`);
    const area = vanes * vane.width * vane.height + 2 * container.tiers * baffle.width * baffle.height;
    expect(amount("card", 1, drum)).toBeGreaterThanOrEqual(Math.ceil(area / (297 * 210)));
    expect(amount("sheet", 1, drum)).toBe(drum.chambers.length);
  });
});
