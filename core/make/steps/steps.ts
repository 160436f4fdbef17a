import {
  type Camera,
  cameraBody,
  cameraKind,
  DRILLED_FROM,
  HOLE_GAP,
  holeAt,
  holeMount,
  isMetal,
  isTrail,
  type LengthWords,
  PLATE_SIZE,
  toBlacken,
  USUAL_OPENING,
} from "../../camera/container/index.ts";
import { kindRecord, type StepName } from "../../camera/kinds/index.ts";
import { lieOf } from "../../camera/lies/index.ts";
import { foldedSizes, shapeOf } from "../../camera/shapes/index.ts";
import { SHAFT } from "../cutsheet/index.ts";
import { filled, type MakingQuestion, type StepTextId, type StepTexts } from "./stepText.ts";

/** One step of building a camera. */
export interface BuildStep {
  readonly id: StepName;
  readonly title: string;
  /** What to do, with the measure it needs. */
  readonly what: string;
  readonly why: string;
  readonly caution: string | null;
  readonly minutes: number;
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
  readonly camera: Camera;
  /** Diameter of the hole to make, mm. */
  readonly diameter: number;
  /** Diameters that look the same, mm. */
  readonly band: readonly [low: number, high: number];
  readonly words: LengthWords;
  /** What was chosen, by question. */
  readonly choices: Readonly<Record<string, string>>;
  readonly texts: StepTexts;
  readonly questions: readonly MakingQuestion[];
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
/** Tape past a plate's edge, both sides together, mm; common practice. */
const PAST_PLATE = 24;

/**
 * The steps for this very camera, in the order its kind has them; common practice.
 *
 * @returns steps with measures filled in; one that this design has no need of is left out
 * @example buildSteps({ camera: box, … }).map(({ id }) => id) // ["opaque", "trace", "opening", …]
 */
export function buildSteps(order: BuildOrder): readonly BuildStep[] {
  return kindRecord(cameraKind(order.camera)).steps.flatMap((name) => {
    const said = STEPS[name](order);
    return said === null ? [] : [written(name, said, order)];
  });
}

function written(id: StepName, said: Said, order: BuildOrder): BuildStep {
  const { texts } = order;
  const { title, minutes, what, why, caution, tools, also = {} } = texts[said.text];
  const measures = said.measures ?? {};
  const more = (said.also ?? []).flatMap((name) => (name === false ? [] : [also[name] ?? ""]));
  return {
    id,
    title: filled(title, measures),
    what: [what, ...more].map((sentence) => filled(sentence, measures)).join(" "),
    why: filled(why, measures),
    caution,
    minutes: minutes * (said.times ?? 1),
    tools,
    part: said.part ?? null,
    question: said.question ?? null,
    way: said.question === undefined ? null : chosen(order, said.question),
  };
}

/** What was chosen for a question, or what is usual. */
function chosen({ camera, choices, questions }: BuildOrder, id: MakingQuestion["id"]): string {
  // Film curls the other way at every cut: strips hold it flat.
  const usual = id === "hold" && kindRecord(cameraKind(camera)).loads === "film" ? "strips" : undefined;
  return choices[id] ?? usual ?? questions.find((each) => each.id === id)?.usual ?? "";
}

function holesOf(camera: Camera): number {
  return camera.chambers[0].holes.length;
}

/** Whether the maker builds it; a bought camera is used as it is. */
function isMade(camera: Camera): boolean {
  return holeMount(camera) !== "bought";
}

/** What a maker calls the container, as texts name it. */
function named(camera: Camera): Readonly<Record<string, string>> {
  const { noun } = kindRecord(cameraKind(camera));
  return cameraBody(camera).face === "disc" ? { noun, face: "lid" } : { noun, face: "front" };
}

function holeMeasures(diameter: number, band: BuildOrder["band"], words: BuildOrder["words"]): Record<string, string> {
  return { diameter: words(diameter, 2), low: words(band[0], 2), high: words(band[1], 2) };
}

/** The part of the cut sheet that shows where the hole goes. */
function template(camera: Camera): "wall" | "face" {
  return cameraBody(camera).face === "wall" ? "wall" : "face";
}

/** What is left free at the hole, by the answer to the question; mm, common practice. */
export const SHEET_GAPS: Readonly<Record<string, number>> = { ten: HOLE_GAP, wide: 15 };

const STEPS: Readonly<Record<StepName, (order: BuildOrder) => Said | null>> = {
  opaque: ({ camera }) =>
    isMade(camera) ? { text: camera.container.translucent ? "opaque-glows" : "opaque", measures: named(camera) } : null,
  rinse: ({ camera }) => (isMetal(camera) && isMade(camera) ? { text: "rinse" } : null),
  fold: ({ camera, words }) => {
    const { folded } = shapeOf(camera.container);
    if (folded === null) return null;
    const { strip, innerSheet } = foldedSizes(folded);
    const measures = { side: words(folded.sheet), inner: words(innerSheet), strip: words(strip) };
    return { text: "fold", measures, part: "folded-outer" };
  },
  trace: ({ camera }) => {
    if (!isMade(camera)) return null;
    const part = template(camera);
    return { text: part === "wall" ? "trace-wall" : "trace-face", measures: named(camera), part };
  },
  opening: ({ camera, words }) =>
    holeMount(camera) === "plate"
      ? {
          text: isMetal(camera) ? "opening-metal" : "opening-card",
          measures: { pilot: words(PILOT), wide: words(holeAt(camera).openingDiameter ?? USUAL_OPENING) },
          also: [holesOf(camera) > 1 && "many"],
          part: template(camera),
        }
      : null,
  black: (order) => {
    const { camera } = order;
    const way = chosen(order, "black");
    if (!toBlacken(camera) || way === "leave") return null;
    return { text: way === "paint" ? "black-paint" : "black-paper", question: "black" };
  },
  hole: ({ camera, words, diameter, band }) => {
    const [count, mount] = [holesOf(camera), holeMount(camera)];
    if (mount === "bought") return null;
    const measures = { ...holeMeasures(diameter, band, words), count: String(count) };
    if (mount === "wall") {
      return {
        text: diameter < DRILLED_FROM ? "hole-pierced" : "hole-drilled",
        measures: { ...measures, wall: words(camera.container.wall) },
        also: [count > 1 && "many", diameter > band[1] ? "bright" : "exact"],
        part: template(camera),
        times: count,
      };
    }
    return {
      text: count > 1 ? "holes" : "hole",
      measures: { ...measures, plate: words(PLATE_SIZE) },
      also: [diameter > band[1] ? "bright" : "exact"],
      part: "plate",
      times: count,
    };
  },
  plate: (order) => {
    const { camera, words } = order;
    if (holeMount(camera) !== "plate") return null;
    return {
      text: "plate",
      measures: { strip: words(PLATE_SIZE + PAST_PLATE) },
      also: [
        camera.container.plateSide === "outside" ? "outside" : "inside",
        chosen(order, "side") === "out" ? "out" : "in",
        lieOf(cameraKind(camera)).onWall && "curved",
      ],
      part: "plate",
      question: "side",
    };
  },
  divider: ({ camera, words }) => {
    const { divider } = camera.chambers[0];
    return divider != null && divider > 0
      ? { text: "divider", measures: { high: words(divider) }, part: "divider" }
      : null;
  },
  vanes: ({ camera, words }) => {
    const { vanes } = shapeOf(camera.container);
    return vanes && { text: "vanes", measures: { gap: words(vanes.gap), dowel: words(SHAFT) }, part: "vane" };
  },
  baffles: ({ camera, words }) => {
    const baffle = shapeOf(camera.container).vanes?.baffle;
    return baffle
      ? { text: "baffles", measures: { aside: words(baffle.aside), high: words(baffle.height) }, part: "baffle" }
      : null;
  },
  mask: ({ camera, words }) => {
    const { width, height } = camera.chambers[0].film;
    return { text: "mask", measures: { width: words(width), height: words(height) }, part: "mask" };
  },
  cartridges: ({ camera }) => (camera.chambers[0].roll ? { text: "cartridges" } : null),
  holder: (order) => {
    const way = chosen(order, "hold");
    const text = (
      { magnets: "holder-magnets", strips: "holder-strips", slot: "holder-slot", liner: "holder-liner" } as const
    )[way];
    return isMade(order.camera) ? { text: text ?? "holder-tape", question: "hold" } : null;
  },
  tabs: (order) => ({
    text: "tabs",
    part: "tab-1",
    measures: { gap: order.words(SHEET_GAPS[chosen(order, "gap")] ?? HOLE_GAP) },
    ...(lieOf(cameraKind(order.camera)).meetsHole ? { also: ["gap"], question: "gap" } : {}),
  }),
  shutter: (order) => {
    if (!isMade(order.camera)) return null;
    const way = isTrail(order.camera) ? "tape" : chosen(order, "shutter");
    if (way === "magnet") return { text: "shutter-magnet", question: "shutter" };
    return {
      text: way === "thumb" ? "shutter-thumb" : "shutter-tape",
      also: [shapeOf(order.camera.container).tiers * holesOf(order.camera) > 1 && "many"],
      part: "shutter",
      ...(isTrail(order.camera) ? {} : { question: "shutter" }),
    };
  },
  cap: ({ camera }) => (isMade(camera) ? { text: "cap", part: "cap-collar" } : null),
  lid: (order) => {
    if (isTrail(order.camera)) return { text: "lid-weather", question: "tape" };
    if (!isMade(order.camera)) return null;
    return { text: chosen(order, "tape") === "cloth" ? "lid-cloth" : "lid-electrical", question: "tape" };
  },
  rest: ({ camera }) => (isTrail(camera) ? null : { text: "rest", measures: named(camera) }),
  tripod: ({ camera }) => (isTrail(camera) || !isMade(camera) ? null : { text: "tripod", part: "tripod" }),
  tray: ({ camera }) =>
    camera.set && camera.set.count > 1 ? { text: "tray", measures: { count: String(camera.set.count) } } : null,
  label: ({ camera }) =>
    isTrail(camera) ? { text: "label-trail", part: "warning" } : { text: "label", part: "exposure-card" },
  "light-test": ({ camera }) => ({ text: isTrail(camera) ? "light-test-trail" : "light-test" }),
  "put-up": ({ camera }) => (isTrail(camera) ? { text: "put-up" } : null),
  "take-down": ({ camera }) => (isTrail(camera) ? { text: "take-down" } : null),
};
