import { label } from "../../basis/drawing/index.ts";
import { formatTime } from "../../basis/units/index.ts";
import { type Bill, type CutOrder, cutParts, layOut, type Page, type Paper, taughtWords } from "../cutsheet/index.ts";
import { MARKED_WITH } from "../plan/index.ts";
import { type BuildStep, buildTime, type DarkroomTimes, darkroomTurns } from "../steps/index.ts";
import { type Hanging, hangingPages } from "./hangingPages.ts";
import { instructions } from "./instructions.ts";
import { heading, type TextFlow, write } from "./textPage.ts";

/** What a group's papers are written from. */
export interface KitOrder {
  readonly cut: CutOrder;
  readonly steps: readonly BuildStep[];
  readonly count: number;
  readonly paper: Paper;
  /** For all, and for one person. */
  readonly shopping: Bill;
  readonly pack: Bill;
  readonly amount: (row: Bill[number]) => string;
  readonly times: DarkroomTimes;
  /** When the darkroom opens, minutes after midnight. */
  readonly opens: number;
  readonly date: string;
  /** Months-long exposures that are planned with this camera. */
  readonly hangings: readonly Hanging[];
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
function list(flow: TextFlow, title: string, look: Parameters<typeof write>[2], lines: readonly string[]): void {
  heading(flow, title);
  for (const line of lines) write(flow, line, look);
}

function shoppingPage(order: KitOrder): Page {
  return page(order, `Shopping list for ${order.count}`, (flow) => {
    for (const row of order.shopping) {
      write(flow, `${row.name}: ${order.amount(row)}`, { box: true, size: 4 });
      write(flow, row.why, { indent: 6, size: 2.9 });
    }
    heading(flow, "ONCE FOR ALL");
    const tools = sharedTools(order);
    const half = Math.ceil(tools.length / 2);
    const right: TextFlow = { marks: flow.marks, y: flow.y, left: flow.left + flow.width / 2, width: flow.width / 2 };
    for (const tool of tools.slice(half)) write(right, tool, { box: true });
    for (const tool of tools.slice(0, half)) write(flow, tool, { box: true });
    write(flow, "Count tape and sheets before you start: they run out first.");
  });
}

/** Tools of the steps that a group can share, each once. */
function sharedTools({ steps }: KitOrder): readonly string[] {
  return [...new Set(steps.flatMap(({ tools }) => tools))];
}

function packPage(order: KitOrder): Page {
  return page(order, "Pack list, one person", (flow) => {
    for (const row of order.pack) write(flow, `${row.name}: ${order.amount(row)}`, { box: true, size: 4 });
    write(flow, "Sheet of paper in a dark envelope, shut with tape", { box: true, size: 4 });
    write(flow, "Instructions, take-home sheet, label with a number", { box: true, size: 4 });
    heading(flow, "ON THE ENVELOPE");
    write(flow, "Number ______   Initials ______   Camera ______________   Position ______");
    write(
      flow,
      `Initials go on the back of every sheet, with ${MARKED_WITH}, before it goes into the camera: pencil does not hold on plastic-coated paper.`,
    );
  });
}

function instructionPages(order: KitOrder): readonly Page[] {
  const { width, height } = order.paper;
  const room = { x: MARGIN, y: TOP, width: width - 2 * MARGIN, height: height - MARGIN - TOP };
  return instructions(order.steps, cutParts(order.cut), room).map((marks, index) =>
    page(order, index === 0 ? "How to build it" : "How to build it, continued", (flow) => {
      flow.marks.push(...marks);
    }),
  );
}

const BRING_BACK = "to ______________________________ on ______________ at ________";

function takeHomePage(order: KitOrder): Page {
  return page(order, "Take-home sheet", (flow) => {
    list(flow, "BEFORE YOU OPEN IT", { box: true }, [
      "The collar of tape means: loaded. Do not lift the lid outside the dark.",
      "Put it where nothing moves it: on a wall, under a stone, tied with two ties. Stand so that neither your shadow nor the camera’s falls into the picture.",
      "Never look at the sun through the hole.",
    ]);
    heading(flow, "HOW LONG");
    write(flow, `On ${order.cut.medium}${taughtWords(order.cut)}.`);
    for (const { light, time } of order.cut.times) write(flow, `${light}: ${time}`, { size: 4 });
    list(flow, "WRITE IT DOWN AT ONCE", { size: 4 }, [
      "camera no. ______  where ____________________________",
      "from ____________ to ____________  light ____________",
      "what I saw _______________________________________",
    ]);
    list(flow, "BRING IT BACK", { size: 4 }, [BRING_BACK]);
    write(flow, "If it stands where others pass: ask the owner, and stick the outdoor label on.");
  });
}

function takeHomeTrail(order: KitOrder): Page {
  return page(order, "Take-home sheet: a sun trail", (flow) => {
    list(flow, "WHERE", { box: true }, [
      "Ask the owner, and tell the neighbours. Leave the outdoor label on.",
      "The hole looks where the sun crosses the sky: south in the northern half of the world, north in the southern; south-east or south-west will do. No wall or tree close in front.",
      "Two long cable ties, to a post, a railing or a downpipe. The way up it is planned, taped so that water runs off the lid. Nothing may move it.",
      "Stand safely. Never look at the sun through any hole.",
    ]);
    heading(flow, "HOW LONG");
    write(flow, "Weeks to half a year: every clear day draws its line. From solstice to solstice gives the full fan.", {
      size: 4,
    });
    list(flow, "WRITE IT DOWN", { size: 4 }, [
      "camera no. ______  where ____________________________",
      "tape off on ____________  looks towards ____________",
      "look after it on ________  tape on again on __________",
    ]);
    list(flow, "BRING IT BACK", { size: 4 }, [BRING_BACK]);
    write(
      flow,
      "Tape on the hole first. Keep it upright and shut. The sheet is never developed and never fixed: dried in dim light, scanned at once in colour at 400 to 600 dpi without a preview, then kept in the dark.",
    );
  });
}

const TURNS_A_PAGE = 34;

function turnPages(order: KitOrder): readonly Page[] {
  const turns = darkroomTurns(order.count, order.times);
  const clock = (minutes: number): string => {
    const at = Math.round(order.opens + minutes);
    return `${String(Math.floor(at / 60) % 24).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
  };
  return Array.from({ length: Math.ceil(turns.length / TURNS_A_PAGE) }, (_, i) =>
    page(order, i === 0 ? "Who is in the darkroom" : "Who is in the darkroom, continued", (flow) => {
      write(
        flow,
        `${order.times.atOnce} at a time; loading takes ${order.times.load} min, developing ${order.times.develop} min. At least ${order.times.outside} min outside between the two.`,
      );
      for (const { from, to, people, job } of turns.slice(i * TURNS_A_PAGE, (i + 1) * TURNS_A_PAGE)) {
        write(
          flow,
          `${clock(from)} to ${clock(to)}   ${job === "load" ? "LOAD" : "DEVELOP"}   numbers ${people.join(", ")}`,
          { size: 4, box: true },
        );
      }
    }),
  );
}

function whoHangsWhat(order: KitOrder): readonly Page[] {
  return hangingPages(order.count, order.hangings, (title, draw) => page(order, title, draw));
}

function helperPage(order: KitOrder): Page {
  return page(order, "For the helper", (flow) => {
    heading(flow, "TIME");
    write(flow, buildingTime(order));
    heading(flow, "CUTTING AND PUSHING");
    const cautions = [...new Set(order.steps.flatMap(({ caution }) => caution ?? []))];
    // Some steps bear two cautions at once; what is said there need not be said again.
    for (const caution of cautions.filter((each) => !cautions.some((other) => other !== each && other.includes(each))))
      write(flow, caution, { box: true });
    heading(flow, "COUNT BLADES AND PINS");
    write(flow, "Out: ______ blades, ______ pins and needles. Back: ______ blades, ______ pins and needles.");
    if (order.cut.plan.purpose !== "trail") darkroomCautions(flow);
    heading(flow, "COUNT");
    write(flow, `Out: ${order.count} cameras, ${order.count} sheets. Back: ______ cameras, ______ sheets.`);
  });
}

/** Each builds their own, at once with all others; what dries does so for all at once too. */
function buildingTime({ steps, cut: { plan } }: KitOrder): string {
  const { all, dries } = buildTime(steps, plan.alike);
  const work = `Each builds for about ${formatTime(60 * all)}.`;
  return dries === 0
    ? work
    : `${work} Beside it ${dries} h are for drying, the same hours for all: plan a break there.`;
}

function darkroomCautions(flow: TextFlow): void {
  heading(flow, "IN THE DARKROOM");
  for (const words of [
    "One adult processes; children’s hands stay out of the trays.",
    "Gloves or tongs, eye protection, fresh air, no food or drink. Follow each product’s safety data sheet, and have it at hand.",
    "Some developers cause skin trouble; stop is an acid; used fixer holds silver. Dispose of them by local rules.",
    "Dry hands before switches. For wiring and heaters ask someone qualified.",
    "Nobody runs; bags stay outside; one door opens at a time.",
  ])
    write(flow, words, { box: true });
}

function labelPages(order: KitOrder): readonly Page[] {
  const numbers = Array.from({ length: order.count }, (_, i) => i + 1);
  const labels = cutParts({ ...order.cut, numbers }).filter(({ id }) => id.startsWith("label-"));
  return layOut(labels, order.paper, { camera: order.cut.plan.name, date: order.date }).map((each, i, all) => ({
    ...each,
    caption: `Labels, ${i + 1} of ${all.length}`,
  }));
}
