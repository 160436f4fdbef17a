import { SHAFT, SLOT } from "../cutsheet/index.ts";
import { type BuildPlan, type LengthWords, type StepName, sameMark, type Ways } from "../plan/index.ts";
import { filled, type MakingQuestion, type StepTextId, type StepTexts } from "./stepText.ts";

/** One step of building a camera. */
export interface BuildStep {
  readonly id: StepName;
  readonly title: string;
  /** What to do, with the measure it needs. */
  readonly what: string;
  readonly why: string;
  readonly caution: string | null;
  /** Work of the hands, for one camera. */
  readonly minutes: number;
  /** What then has to dry or set before the next step, hours. */
  readonly dries: number;
  /** Whether it is done once for a whole set. */
  readonly once: boolean;
  readonly tools: readonly string[];
  /** Part of the cut sheet that is drawn beside it. */
  readonly part: string | null;
  /** Question on which makers disagree that belongs here. */
  readonly question: MakingQuestion["id"] | null;
  /** What was chosen there, or is usual for such a camera. */
  readonly way: string | null;
}

/** What the steps are written from. */
export interface BuildOrder {
  readonly plan: BuildPlan;
  readonly words: LengthWords;
  readonly texts: StepTexts;
}

/** Which text a step has, with what belongs to this camera. */
interface Said {
  readonly text: StepTextId;
  readonly measures?: Readonly<Record<string, string>>;
  /** Names of the sentences that apply. */
  readonly also?: readonly (string | false)[];
  readonly part?: string;
  readonly question?: MakingQuestion["id"];
  /** How many times over it takes. */
  readonly times?: number;
}

/** Drilled first, then opened up; 1/16 in, common practice. */
const PILOT = 1.6;

/**
 * The steps for this very camera, in the order of its plan; common practice.
 *
 * @returns steps with measures filled in; one that this design has no need of is left out
 * @example buildSteps({ plan: boxPlan, … }).map(({ id }) => id) // ["opaque", "trace", "opening", …]
 */
export function buildSteps(order: BuildOrder): readonly BuildStep[] {
  return order.plan.steps.flatMap((name) => {
    const said = STEPS[name](order.plan, order.words);
    return said === null ? [] : [written(name, said, order)];
  });
}

function written(id: StepName, said: Said, { plan, texts }: BuildOrder): BuildStep {
  const { title, minutes, dries = 0, once = false, what, why, caution, tools, also = {} } = texts[said.text];
  const measures = said.measures ?? {};
  const more = (said.also ?? []).flatMap((name) => (name === false ? [] : [also[name] ?? ""]));
  return {
    id,
    title: filled(title, measures),
    what: [what, ...more].map((sentence) => filled(sentence, measures)).join(" "),
    why: filled(why, measures),
    caution,
    minutes: minutes * (said.times ?? 1),
    dries,
    once,
    tools,
    part: said.part ?? null,
    question: said.question ?? null,
    way: said.question === undefined ? null : wayFor(plan, said.question),
  };
}

function wayFor({ ways, container }: BuildPlan, question: MakingQuestion["id"]): string {
  return question === "closing" ? (container.closing?.by === "made cap" ? "cap" : "lid") : ways[question];
}

/** What a maker calls the container, as texts name it. */
function named({ noun, container }: BuildPlan): Readonly<Record<string, string>> {
  return container.body.face === "disc" ? { noun, face: "lid" } : { noun, face: "front" };
}

/** The part of the cut sheet that shows where the hole goes. */
function template({ container }: BuildPlan): "wall" | "face" {
  return container.body.face === "wall" ? "wall" : "face";
}

/** Which text opens a wall, by what suits it. */
const OPENING: Readonly<Record<NonNullable<BuildPlan["hole"]["opening"]>, StepTextId>> = {
  knife: "opening-card",
  "step drill": "opening-metal",
  "pilot and bit": "opening-plastic",
  saw: "opening-wood",
};

const HOLDER: Readonly<Record<Ways["hold"], StepTextId>> = {
  tape: "holder-tape",
  magnets: "holder-magnets",
  strips: "holder-strips",
  slot: "holder-slot",
  liner: "holder-liner",
};

const SHUTTER: Readonly<Record<Ways["shutter"], StepTextId>> = {
  tape: "shutter-tape",
  magnet: "shutter-magnet",
  slide: "shutter-slide",
  stopper: "shutter-stopper",
  thumb: "shutter-thumb",
};

const STEPS: Readonly<Record<StepName, (plan: BuildPlan, words: LengthWords) => Said | null>> = {
  opaque: (plan) =>
    plan.isBuilt
      ? {
          text: plan.container.glows ? "opaque-glows" : "opaque",
          measures: named(plan),
          also: [plan.container.of === "plastic" && "plastic", plan.container.comesOpen && "open"],
        }
      : null,
  rinse: ({ container, isBuilt }) =>
    isBuilt && (container.of === "aluminium" || container.of === "steel") ? { text: "rinse" } : null,
  fold: ({ container, piece }, words) => {
    if (container.folded === null) return null;
    const { strip, innerSheet } = container.folded.sizes;
    const measures = {
      side: words(container.folded.container.sheet),
      inner: words(innerSheet),
      strip: words(strip),
      distance: words(piece.distance),
    };
    return { text: "fold", measures, part: "folded-outer" };
  },
  trace: (plan, words) => {
    if (!plan.isBuilt) return null;
    if (template(plan) === "wall") return { text: "trace-wall", measures: named(plan), part: "wall" };
    const { apart } = plan.hole;
    return {
      text: "trace-face",
      measures: { ...named(plan), apart: words(apart ?? 0) },
      also: [apart !== null && "pair"],
      part: "face",
    };
  },
  opening: (plan, words) => {
    const { opening, places } = plan.hole;
    if (opening === null) return null;
    return {
      text: OPENING[opening],
      measures: { pilot: words(PILOT), wide: words(places[0]?.opening ?? 0) },
      also: [plan.hole.count > 1 && "many"],
      part: template(plan),
    };
  },
  black: ({ black }) => {
    if (black === null) return null;
    return { text: black === "paint" ? "black-paint" : "black-paper", question: "black" };
  },
  hole: (plan, words) => {
    const { purpose } = plan;
    const { tool, diameter, band, count, through, isMeant, isSanded, plate } = plan.hole;
    if (tool === null) return null;
    const measures = {
      diameter: words(diameter, 2),
      low: words(band[0], 2),
      high: words(band[1], 2),
      count: String(count),
      wall: words(through),
      plate: words(plate ?? 0),
    };
    // A hole that was wished larger is not called wrong; one for the sun's tracks need not be exact.
    const size = purpose === "trail" ? "trail" : isMeant && diameter > band[1] ? "bright" : "exact";
    const also = [isSanded && "thick", tool !== "needle" && count > 1 && "many", size, tool !== "drill" && "measure"];
    if (tool !== "needle") {
      return {
        text: tool === "pin" ? "hole-pierced" : "hole-drilled",
        measures,
        also,
        part: template(plan),
        times: count,
      };
    }
    return { text: count > 1 ? "holes" : "hole", measures, also, part: "plate", times: count };
  },
  plate: ({ hole, ways }, words) => {
    if (hole.strip === null) return null;
    const bought = hole.mount === "bought";
    return {
      text: hole.count > 1 ? (bought ? "plates-bought" : "plates") : bought ? "plate-bought" : "plate",
      measures: { strip: words(hole.strip), count: String(hole.count) },
      also: [hole.plateSide, !bought && ways.side, hole.isCurved && "curved", hole.count > 1 && "many"],
      times: hole.count,
      ...(bought ? {} : { part: "plate", question: "side" as const }),
    };
  },
  divider: ({ divider }, words) =>
    divider === null
      ? null
      : { text: "divider", measures: { high: words(divider), slot: words(SLOT) }, part: "divider" },
  vanes: ({ container: { vanes }, loading }, words) =>
    vanes && {
      text: "vanes",
      measures: { gap: words(vanes.gap), dowel: words(SHAFT), chambers: String(loading.places.length) },
      part: "vane",
    },
  baffles: ({ container: { vanes } }, words) => {
    const baffle = vanes?.baffle;
    return baffle
      ? { text: "baffles", measures: { aside: words(baffle.aside), high: words(baffle.height) }, part: "baffle" }
      : null;
  },
  mask: ({ piece }, words) => ({
    text: "mask",
    measures: { width: words(piece.width), height: words(piece.height) },
    part: "mask",
  }),
  cartridges: ({ isWound }) => (isWound ? { text: "cartridges" } : null),
  holder: ({ holding }, words) => {
    if (holding === null) return null;
    switch (holding.by) {
      case "its own spring":
        return null;
      case "a sloped back":
        return {
          text: "holder-slope",
          measures: { high: words(holding.high), long: words(holding.long) },
          part: "slope",
        };
      case "stops":
        return {
          text: "holder-stops",
          measures: { apart: words(holding.apart), forward: words(holding.forward) },
          part: "stop",
        };
      case "a liner a chamber":
        return {
          text: "holder-chambers",
          measures: { count: String(holding.chambers), wide: words(holding.wide), high: words(holding.high) },
          part: "liner",
          times: holding.chambers,
        };
      default:
        return { text: HOLDER[holding.by], also: [holding.needsSteel && "steel"], question: "hold" };
    }
  },
  tabs: ({ piece, holding, loading }, words) => {
    if (holding === null) return null;
    return {
      text: "tabs",
      part: "tab-1",
      measures: { gap: words(piece.gap?.free ?? 0, 0), wanted: words(piece.gap?.wanted ?? 0, 0) },
      also: [
        holding.by === "its own spring" && "spring",
        loading.steps.includes("mark") && "stripe",
        piece.gap !== null && "gap",
        piece.gap !== null && piece.gap.free < piece.gap.wanted && "narrow",
      ],
      ...(piece.gap === null ? {} : { question: "gap" as const }),
    };
  },
  shutter: ({ cover, hole, purpose, isBuilt }) => {
    if (!isBuilt || cover.way === "own") return null;
    return {
      text: SHUTTER[cover.way],
      also: [cover.needsSteel && "steel", hole.apart !== null ? "pair" : cover.count > 1 && "many"],
      ...(cover.way === "magnet" || cover.way === "stopper" ? {} : { part: "shutter" }),
      ...(purpose === "trail" ? {} : { question: "shutter" as const }),
    };
  },
  cap: ({ container: { closing }, parts }, words) => {
    if (closing === null) return null;
    const measures = { reach: words(closing.reach, 0), free: words(closing.free, 0) };
    if (closing.by === "made cap") return { text: "cap", part: "cap-collar", question: "closing", measures };
    return { text: "cap-own", measures, ...(parts.includes("cap") ? { question: "closing" as const } : {}) };
  },
  lid: ({ purpose, isBuilt, ways, container }) => {
    if (purpose === "trail") return { text: "lid-weather", question: "tape" };
    if (!isBuilt) return null;
    return {
      text: ways.tape === "cloth" ? "lid-cloth" : "lid-electrical",
      also: [container.round === null && "corners"],
      question: "tape",
    };
  },
  rest: (plan) => (plan.outside.rolls ? { text: "rest", measures: named(plan) } : null),
  tripod: ({ outside }) => (outside.foot ? { text: "tripod", part: "tripod" } : null),
  tray: ({ alike, noun, outside }) =>
    outside.board === null ? null : { text: "tray", measures: { count: String(alike), noun }, part: "tray" },
  cutter: ({ piece, isWound, alike }, words) => {
    const [first, second] = piece.cuts;
    if (isWound || first === undefined) return null;
    return {
      text: second === undefined ? "cutter" : sameMark(first, second) ? "cutter-square" : "cutter-two",
      measures: {
        stock: piece.stock.name ?? `${words(piece.stock.width)} × ${words(piece.stock.height)}`,
        first: words(first.at, 1),
        second: words(second?.at ?? 0, 1),
        count: String(piece.fromOne),
        sheets: String(Math.ceil(alike / piece.fromOne)),
        alike: String(alike),
      },
      also: [piece.fromOne > 1 && "several", alike > 1 && piece.fromOne > 1 && "set"],
      part: "sheet",
    };
  },
  label: ({ purpose, outside }) =>
    purpose === "trail"
      ? { text: "label-trail", part: "warning" }
      : { text: outside.bearsCard ? "label" : "label-small", part: "exposure-card" },
  "light-test": ({ purpose, steps }) => ({
    text: purpose === "trail" ? "light-test-trail" : steps.includes("cartridges") ? "light-test-film" : "light-test",
  }),
  "put-up": ({ purpose }) => (purpose === "trail" ? { text: "put-up" } : null),
};
