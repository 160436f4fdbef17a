import { saidBill } from "../../../wording/make/billWords.ts";
import { stepTexts } from "../../../wording/make/buildSteps.ts";
import { kitTexts } from "../../../wording/make/kitWords.ts";
import { formatTime } from "../../basis/units/index.ts";
import { holeMount } from "../../camera/container/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { buildOrderFor } from "../../testing/buildOrders.ts";
import { inMm, KINDS, testCamera } from "../../testing/cameras.ts";
import { cutOrderFor } from "../../testing/cutOrders.ts";
import { billOfMaterials, PAPERS, type Paper } from "../cutsheet/index.ts";
import { buildSteps, buildTime, USUAL_TIMES } from "../steps/index.ts";
import { kitPages } from "./index.ts";

describe.each(KINDS.flatMap((kind) => PAPERS.map((paper) => [kind, paper.name, paper] as const)))(
  "kit of a %s on %s",
  (kind, _name, paper) => {
    const camera = testCamera(kind);
    const cut = cutOrderFor(camera);
    const steps = buildSteps(buildOrderFor(camera, stepTexts));
    const pages = kitPages({
      cut,
      paper,
      count: 25,
      steps,
      shopping: saidBill(billOfMaterials(cut, 25), inMm),
      pack: saidBill(billOfMaterials(cut, 1), inMm),
      times: USUAL_TIMES,
      opens: 14 * 60,
      date: "1 May 2026",
      hangings: [],
      texts: kitTexts,
    });
    const words = (title: string): string =>
      pages
        .filter(({ caption }) => caption.startsWith(title))
        .flatMap(({ scene }) => scene.marks.flatMap((mark) => (mark.kind === "label" ? [mark.text] : [])))
        .join("\n");

    test("has all its papers", () => {
      expect(pages.slice(0, 4).map(({ caption }) => caption)).toEqual([
        "Shopping list for 25",
        "Pack list, one person",
        "How to build it",
        "Take-home sheet",
      ]);
      const holes = camera.chambers[0].holes.length * shapeOf(camera.container).tiers * (camera.set?.count ?? 1);
      if (holeMount(camera) === "plate") {
        expect(words("Shopping list")).toContain(`Plate blank: ${25 * holes}`);
        expect(words("Pack list")).toContain(`Plate blank: ${holes}`);
      } else expect(words("Shopping list")).not.toMatch(/Plate blank/);
      expect(words("Take-home")).toMatch(/Full sun: 24 s/);
      expect(words("Take-home")).toMatch(/Never look at the sun/);
      expect(words("For the helper")).toMatch(/One adult processes/);
      const { all, dries } = buildTime(steps, cut.plan.alike);
      expect(words("For the helper").replace(/\s+/g, " ")).toContain(`about ${formatTime(60 * all)}.`);
      expect(words("For the helper")).toMatch(dries > 0 ? new RegExp(`${dries} h are for drying`) : /TIME/);
      expect(words("For the helper")).toMatch(/safety data sheet/);
      expect(words("Labels").match(/No\. \d+/g)).toHaveLength(25);
    });

    test("the instructions are one page that leaves out no measure and no caution, in letters of 2.2 mm or more", () => {
      const page = pages.filter(({ caption }) => caption.startsWith("How to build it"));
      expect(page).toHaveLength(1);
      const said = words("How to build it").replace(/\s+/g, " ");
      for (const { title, what, caution } of steps) {
        expect(said).toContain(title);
        expect(said).toContain(what);
        if (caution !== null) expect(said).toContain(`Careful: ${caution}`);
      }
      const letters = page.flatMap(({ scene }) =>
        scene.marks.flatMap((mark) => (mark.kind === "label" ? [mark.size] : [])),
      );
      expect(Math.min(...letters)).toBeGreaterThanOrEqual(2.2);
    });

    test("the darkroom’s turns begin when it opens and name everyone twice", () => {
      const turns = words("Who is in");
      expect(turns).toMatch(/^14:00 to 14:04 {3}LOAD {3}numbers 1, 2, 3$/m);
      for (let person = 1; person <= 25; person++) {
        expect(turns.match(new RegExp(`numbers (?:\\d+, )*${person}(?:,|$)`, "gm"))).toHaveLength(2);
      }
    });

    test("no word runs off the paper", () => {
      for (const { scene, caption } of pages.filter((each) => !each.caption.startsWith("Labels"))) {
        const outside = scene.marks.flatMap((mark) => {
          const points = mark.kind === "line" ? mark.points : [mark.kind === "label" ? mark.at : mark.centre];
          return points.filter(({ x, y }) => x < 10 || y < 10 || x > paper.width - 10 || y > paper.height - 8);
        });
        expect({ caption, outside }).toEqual({ caption, outside: [] });
      }
    });
  },
);

describe("Who hangs which can where", () => {
  const camera = testCamera("lid-can");
  const cut = cutOrderFor(camera);
  const paper = PAPERS[0] as Paper;
  const pagesWith = (count: number, hangings: Parameters<typeof kitPages>[0]["hangings"]) =>
    kitPages({
      cut,
      paper,
      count,
      steps: [],
      shopping: [],
      pack: [],
      times: USUAL_TIMES,
      opens: 0,
      date: "1 May 2026",
      hangings,
      texts: kitTexts,
    }).filter(({ caption }) => caption.startsWith("Who hangs"));
  const row = { who: "Hazel", where: "post by the cold frames", from: "21 Dec 2026", to: "21 Jun 2027" };

  test("is in the kit of a camera with a plan, planned rows written in, the others left to write", () => {
    expect(pagesWith(20, [])).toEqual([]);
    const pages = pagesWith(20, [row]);
    expect(pages.map(({ caption }) => caption)).toEqual([
      "Who hangs it where, by when",
      "Who hangs it where, continued",
    ]);
    const said = pages.flatMap(({ scene }) =>
      scene.marks.flatMap((mark) => (mark.kind === "label" ? [mark.text] : [])),
    );
    expect(said.join(" ")).toMatch(
      /1\. {2}Hazel {3}where: post by the cold frames up by 21 Dec 2026 {3}down on 21 Jun 2027/,
    );
    for (let number = 2; number <= 20; number++)
      expect(said.join("\n")).toMatch(new RegExp(`^${number}\\. +_{10,}`, "m"));
  });

  test("more cameras planned than people: none is left out, and no row runs off the paper", () => {
    const pages = pagesWith(
      2,
      Array.from({ length: 40 }, () => ({
        ...row,
        where: "on the downpipe behind the potting shed, left of the water butt",
      })),
    );
    expect(pages).toHaveLength(3);
    for (const { scene } of pages)
      for (const mark of scene.marks) if (mark.kind === "label") expect(mark.at.y).toBeLessThan(paper.height - 8);
  });
});
