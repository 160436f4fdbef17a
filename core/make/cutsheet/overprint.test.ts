import { labelBox, type Mark, type Point, type Rectangle } from "../../basis/drawing/index.ts";
import { chance } from "../../basis/numeric/chance.ts";
import { sayLength } from "../../basis/units/index.ts";
import { type DesignField, refusal, settled, withField } from "../../camera/container/index.ts";
import { ideal, KINDS, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { cutOrderFor } from "../../testing/cutOrders.ts";
import { withChoices, withFormatOf } from "../../testing/plans.ts";
import { type CutOrder, cutParts, drawnPart, filledLogCard, layOut, PAPERS, type Page } from "./index.ts";
import { PRINTER_MARGIN } from "./pages/paper.ts";

const A_CAMERA_OF_MANY_WORDS = "The allotment’s great twelve-sided biscuit tin, second of its name";

/** What lies over what, or beyond the printer's margin, on a page; in words. */
function faultsOf({ scene: { bounds, marks } }: Page): readonly string[] {
  const labels = marks.filter((mark) => mark.kind === "label");
  const boxes = labels.map((mark) => ({ text: mark.text, box: labelBox(mark) }));
  // Drawn smaller for a printer that prints too large, the margin is, too.
  const margin = 0.98 * PRINTER_MARGIN - 0.01;
  const inner = { left: margin, top: margin, right: bounds.width - margin, foot: bounds.height - margin };
  const leaves = ({ x, y, width, height }: Rectangle): boolean =>
    x < inner.left || y < inner.top || x + width > inner.right || y + height > inner.foot;
  const strokes = marks.flatMap(strokesOf);
  return [
    ...boxes.filter(({ box }) => leaves(box)).map(({ text }) => `“${text}” leaves the page`),
    ...strokes
      .filter(({ from, to }) => [from, to].some((at) => leaves({ ...at, width: 0, height: 0 })))
      .map(({ layer }) => `${layer} leaves the page`),
    ...boxes.flatMap(({ text, box }, i) => {
      const crossed = strokes.find((stroke) => crosses(stroke, box));
      return [
        ...boxes
          .slice(i + 1)
          .filter((other) => meet(box, other.box))
          .map((other) => `“${text}” lies on “${other.text}”`),
        ...(crossed ? [`“${text}” lies on a line of ${crossed.layer}`] : []),
      ];
    }),
  ];
}

const meet = (a: Rectangle, b: Rectangle): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** A straight piece of a mark. */
interface Stroke {
  readonly layer: string;
  readonly from: Point;
  readonly to: Point;
}

/** Whether a stroke goes through a rectangle's inside (Liang and Barsky's clipping). */
function crosses({ from, to }: Stroke, { x, y, width, height }: Rectangle): boolean {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  let [enters, leaves] = [0, 1];
  const within = (along: number, room: number): boolean => {
    if (along === 0) return room > 0;
    const at = room / along;
    if (along < 0) enters = Math.max(enters, at);
    else leaves = Math.min(leaves, at);
    return true;
  };
  return (
    within(-dx, from.x - x) &&
    within(dx, x + width - from.x) &&
    within(-dy, from.y - y) &&
    within(dy, y + height - from.y) &&
    enters < leaves
  );
}

/** The straight pieces of a mark; a circle as one of a degree each. */
function strokesOf(mark: Mark): readonly Stroke[] {
  if (mark.kind === "label") return [];
  const ends =
    mark.kind === "circle"
      ? Array.from({ length: 361 }, (_, i) => ({
          x: mark.centre.x + mark.radius * Math.cos((i * Math.PI) / 180),
          y: mark.centre.y + mark.radius * Math.sin((i * Math.PI) / 180),
        }))
      : mark.closed
        ? [...mark.points, mark.points[0] as Point]
        : mark.points;
  return ends.slice(1).map((to, i) => ({ layer: mark.layer, from: ends[i] as Point, to }));
}

/** What a maker may set, and how far the seeds go, mm. */
const SIZES: Readonly<Partial<Record<DesignField, readonly [number, number]>>> = {
  "container.width": [30, 420],
  "container.height": [25, 420],
  "container.depth": [20, 300],
  "container.diameter": [28, 330],
  "container.wall": [0.2, 6],
  "film.width": [16, 400],
  "film.height": [16, 300],
  "hole.openingDiameter": [2, 12],
  "hole.above": [-30, 30],
  "hole.base": [20, 120],
  "chamber.divider": [5, 80],
  "folded.sheet": [60, 420],
  "drum.tiers": [1, 3],
};

/** A camera of this kind with a few sizes changed at random, as the Bench would have it. */
function randomOrder(kind: (typeof KINDS)[number], seed: number): CutOrder {
  const random = chance(seed);
  let camera = testCamera(kind, { openingDiameter: 6.35 });
  for (const [field, [least, most]] of Object.entries(SIZES)) {
    if (random() < 0.5) continue;
    const value =
      field === "drum.tiers"
        ? Math.round(least + (most - least) * random())
        : least * (most / Math.max(least, 0.1)) ** random();
    const wanted = least < 0 ? most * (2 * random() - 1) : value;
    const changed = settled(withField(camera, field as DesignField, wanted), PAPER_LIGHT, ideal);
    if (refusal(changed, field as DesignField) === null) camera = changed;
  }
  const [a4, inch] = [random() < 0.5, random() < 0.3];
  const code = Array.from({ length: 33 }, () => Array.from({ length: 33 }, () => random() < 0.5));
  const named = { ...camera, name: a4 ? camera.name : A_CAMERA_OF_MANY_WORDS };
  const chosen = withChoices(named, {
    closing: random() < 0.5 ? "cap" : "lid",
    shutter: random() < 0.5 ? "slide" : "tape",
    gap: random() < 0.5 ? "wide" : "ten",
  });
  return cutOrderFor(random() < 0.3 ? withFormatOf(chosen, "in-8x10") : chosen, {
    code: random() < 0.5 ? code : null,
    numbers: random() < 0.3 ? [1, 2, 3] : [1],
    words: (mm, digits) =>
      inch && digits !== "far"
        ? sayLength(mm, "in", digits)
        : `${mm.toFixed(typeof digits === "number" ? digits : 1)} mm`,
  });
}

const SEEDS = Number(process.env.SHEETS ?? 6);

describe.each(KINDS)("the cut sheet of a %s, whatever its sizes", (kind) => {
  test.each(PAPERS)("on $name nothing lies over anything, nothing leaves the page, no word is lost", (paper) => {
    for (let seed = 1; seed <= SEEDS; seed++) {
      const order = randomOrder(kind, seed);
      const parts = cutParts(order);
      const scale = seed % 3 === 0 ? { across: 1.03, up: 0.98 } : undefined;
      const pages = layOut(parts, paper, { camera: order.plan.name, date: "1 May 2026" }, scale);
      expect([seed, ...pages.flatMap(faultsOf)]).toEqual([seed]);
      const printed = pages.flatMap(({ scene }) =>
        scene.marks.flatMap((mark) => (mark.kind === "label" ? [mark.text] : [])),
      );
      const whole = printed.join(" ");
      const lost = parts.flatMap(({ id, marks }) =>
        marks.flatMap((mark) =>
          mark.kind === "label"
            ? mark.text.split(" ").flatMap((word) => (whole.includes(word) ? [] : [`${id}: ${word}`]))
            : [],
        ),
      );
      expect([seed, ...lost]).toEqual([seed]);
    }
  });
});

test("every part bears its name, outside of its edge; a strip of tape that no page holds is drawn torn off", () => {
  const camera = testCamera("curled-can", { diameter: 300, height: 120 });
  for (const part of cutParts(cutOrderFor(camera))) {
    const name = drawnPart(part).marks.find((mark) => mark.kind === "label" && mark.text === part.name);
    const at = name?.kind === "label" ? name.at : { x: 0, y: 0 };
    expect([part.id, at.x > part.width || at.y > part.height]).toEqual([part.id, true]);
    if (part.id === "cap-tape") expect(part.width).toBe(232);
  }
});

test("a card of a load with long words in every field", () => {
  const field = {
    place: "1",
    subject: "Scarecrow between the bean rows, seen from the potting shed",
    time: "1 h 25 min",
    light: "bright overcast, no shadows",
    by: "M. and the twins",
  };
  const card = filledLogCard(
    A_CAMERA_OF_MANY_WORDS,
    "1 May 2026",
    "Graded resin-coated paper of normal contrast",
    Array(8).fill(field),
  );
  for (const paper of PAPERS) expect(layOut([card], paper, { camera: "Drum", date: "" }).flatMap(faultsOf)).toEqual([]);
});
