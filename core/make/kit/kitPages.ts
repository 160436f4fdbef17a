import { label } from "../../basis/drawing/index.ts";
import { formatTime } from "../../basis/units/index.ts";
import { type CutOrder, cutParts, layOut, type Page, type Paper, taughtWords } from "../cutsheet/index.ts";
import { MARKED_WITH } from "../plan/index.ts";
import { type BuildStep, buildTime, type DarkroomTimes, darkroomTurns, filled } from "../steps/index.ts";
import { type Hanging, hangingPages } from "./hangingPages.ts";
import { instructions } from "./instructions.ts";
import type { KitList, KitTexts } from "./kitText.ts";
import { heading, type TextFlow, write } from "./textPage.ts";

/** A line of the lists of what to buy and to pack, in words. */
export interface KitRow {
  readonly name: string;
  readonly amount: string;
  /** What it is worked out from. */
  readonly why: string;
}

/** What a group's papers are written from. */
export interface KitOrder {
  readonly cut: CutOrder;
  readonly steps: readonly BuildStep[];
  readonly count: number;
  readonly paper: Paper;
  /** For all, and for one person. */
  readonly shopping: readonly KitRow[];
  readonly pack: readonly KitRow[];
  readonly times: DarkroomTimes;
  /** When the darkroom opens, minutes after midnight. */
  readonly opens: number;
  readonly date: string;
  /** Months-long exposures that are planned with this camera. */
  readonly hangings: readonly Hanging[];
  readonly texts: KitTexts;
}

const MARGIN = 14;
/** Where a page begins below its title, mm. */
const TOP = MARGIN + 12;

/**
 * Shopping list, pack list, one-page instructions, take-home sheet, darkroom turns or who hangs which can where, helper's
 * sheet, numbered labels.
 *
 * @returns pages in the order they are printed
 * @example kitPages({ …people: 25 }).length // shopping, packing, instructions, turns, labels
 */
export function kitPages(order: KitOrder): readonly Page[] {
  const pages = [
    shoppingPage(order),
    packPage(order),
    ...instructionPages(order),
    order.cut.plan.purpose === "trail" ? takeHomeTrail(order) : takeHomePage(order),
    // Nothing of a trail is developed, and it is loaded in a dim room.
    ...(order.cut.plan.purpose === "trail" ? [] : turnPages(order)),
    ...(order.cut.plan.purpose === "trail" || order.hangings.length > 0 ? whoHangsWhat(order) : []),
    helperPage(order),
  ];
  return [...pages, ...labelPages(order)];
}

function page({ paper, cut, date }: KitOrder, title: string, draw: (flow: TextFlow) => void): Page {
  const flow: TextFlow = { marks: [], y: TOP, left: MARGIN, width: paper.width - 2 * MARGIN };
  flow.marks.push(
    label(cut.plan.name, { x: MARGIN, y: MARGIN }, 4.2, { anchor: "start", layer: "stamp" }),
    label(date, { x: paper.width - MARGIN, y: MARGIN }, 3, { anchor: "end" }),
    label(title, { x: MARGIN, y: MARGIN + 6.5 }, 6, { anchor: "start" }),
  );
  draw(flow);
  return {
    caption: title,
    scene: { bounds: { x: 0, y: 0, width: paper.width, height: paper.height }, marks: flow.marks },
  };
}

/** Lines under a heading. */
function list(flow: TextFlow, { heading: title, lines }: KitList, look: Parameters<typeof write>[2]): void {
  heading(flow, title);
  for (const line of lines) write(flow, line, look);
}

function shoppingPage(order: KitOrder): Page {
  const { shopping } = order.texts;
  return page(order, filled(shopping.title, { count: String(order.count) }), (flow) => {
    for (const row of order.shopping) {
      write(flow, `${row.name}: ${row.amount}`, { box: true, size: 4 });
      write(flow, row.why, { indent: 6, size: 2.9 });
    }
    heading(flow, shopping.once);
    const tools = sharedTools(order);
    const half = Math.ceil(tools.length / 2);
    const right: TextFlow = { marks: flow.marks, y: flow.y, left: flow.left + flow.width / 2, width: flow.width / 2 };
    for (const tool of tools.slice(half)) write(right, tool, { box: true });
    for (const tool of tools.slice(0, half)) write(flow, tool, { box: true });
    write(flow, shopping.count);
  });
}

/** Tools of the steps that a group can share, each once. */
function sharedTools({ steps }: KitOrder): readonly string[] {
  return [...new Set(steps.flatMap(({ tools }) => tools))];
}

function packPage(order: KitOrder): Page {
  const { pack } = order.texts;
  return page(order, pack.title, (flow) => {
    for (const row of order.pack) write(flow, `${row.name}: ${row.amount}`, { box: true, size: 4 });
    for (const line of pack.also) write(flow, line, { box: true, size: 4 });
    heading(flow, pack.envelope.heading);
    for (const line of pack.envelope.lines) write(flow, filled(line, { marker: MARKED_WITH }));
  });
}

function instructionPages(order: KitOrder): readonly Page[] {
  const { width, height } = order.paper;
  const room = { x: MARGIN, y: TOP, width: width - 2 * MARGIN, height: height - MARGIN - TOP };
  return instructions(order.steps, cutParts(order.cut), room).map((marks, index) =>
    page(order, order.texts.build[index === 0 ? "title" : "continued"], (flow) => {
      flow.marks.push(...marks);
    }),
  );
}

function takeHomePage(order: KitOrder): Page {
  const { before, howLong, onMedium, light, note, back, atLast, title } = order.texts.takeHome;
  return page(order, title, (flow) => {
    list(flow, before, { box: true });
    heading(flow, howLong);
    write(flow, filled(onMedium, { medium: order.cut.medium, taught: taughtWords(order.cut) }));
    for (const { light: name, time } of order.cut.times) write(flow, filled(light, { light: name, time }), { size: 4 });
    list(flow, note, { size: 4 });
    list(flow, back, { size: 4 });
    write(flow, atLast);
  });
}

function takeHomeTrail(order: KitOrder): Page {
  const { where, howLong, note, back, atLast, title } = order.texts.takeHomeTrail;
  return page(order, title, (flow) => {
    list(flow, where, { box: true });
    list(flow, howLong, { size: 4 });
    list(flow, note, { size: 4 });
    list(flow, back, { size: 4 });
    write(flow, atLast);
  });
}

const TURNS_A_PAGE = 34;

function turnPages(order: KitOrder): readonly Page[] {
  const turns = darkroomTurns(order.count, order.times);
  const clock = (minutes: number): string => {
    const at = Math.round(order.opens + minutes);
    return `${String(Math.floor(at / 60) % 24).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
  };
  const { turns: texts } = order.texts;
  const { atOnce, load, develop, outside } = order.times;
  const rules = { atOnce: String(atOnce), load: String(load), develop: String(develop), outside: String(outside) };
  return Array.from({ length: Math.ceil(turns.length / TURNS_A_PAGE) }, (_, i) =>
    page(order, texts[i === 0 ? "title" : "continued"], (flow) => {
      write(flow, filled(texts.rules, rules));
      for (const { from, to, people, job } of turns.slice(i * TURNS_A_PAGE, (i + 1) * TURNS_A_PAGE)) {
        const turn = { from: clock(from), to: clock(to), job: texts[job], people: people.join(", ") };
        write(flow, filled(texts.turn, turn), { size: 4, box: true });
      }
    }),
  );
}

function whoHangsWhat(order: KitOrder): readonly Page[] {
  return hangingPages(order.count, order.hangings, order.texts.hanging, (title, draw) => page(order, title, draw));
}

function helperPage(order: KitOrder): Page {
  const { helper } = order.texts;
  return page(order, helper.title, (flow) => {
    heading(flow, helper.time);
    write(flow, buildingTime(order));
    heading(flow, helper.cutting);
    const cautions = [...new Set(order.steps.flatMap(({ caution }) => caution ?? []))];
    // Some steps bear two cautions at once; what is said there need not be said again.
    for (const caution of cautions.filter((each) => !cautions.some((other) => other !== each && other.includes(each))))
      write(flow, caution, { box: true });
    list(flow, helper.blades, {});
    if (order.cut.plan.purpose !== "trail") list(flow, helper.darkroom, { box: true });
    heading(flow, helper.count.heading);
    for (const line of helper.count.lines) write(flow, filled(line, { count: String(order.count) }));
  });
}

/** Each builds their own, at once with all others; what dries does so for all at once too. */
function buildingTime({ steps, texts, cut: { plan } }: KitOrder): string {
  const { all, dries } = buildTime(steps, plan.alike);
  const work = filled(texts.helper.builds, { time: formatTime(60 * all) });
  return dries === 0 ? work : `${work} ${filled(texts.helper.dries, { hours: String(dries) })}`;
}

function labelPages(order: KitOrder): readonly Page[] {
  const numbers = Array.from({ length: order.count }, (_, i) => i + 1);
  const labels = cutParts({ ...order.cut, numbers }).filter(({ id }) => id.startsWith("label-"));
  return layOut(labels, order.paper, { camera: order.cut.plan.name, date: order.date }).map((each, i, all) => ({
    ...each,
    caption: filled(order.texts.labels, { number: String(i + 1), of: String(all.length) }),
  }));
}
