import { type Camera, cameraBody, cameraKind, holeAt, PLATE_SIZE } from "../../camera/container/index.ts";
import { kindRecord, type StepName } from "../../camera/kinds/index.ts";
import { lieOf } from "../../camera/lies/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
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
}

/** What the steps are written from. */
export interface BuildOrder {
  readonly camera: Camera;
  /** Diameter of the hole to make, mm. */
  readonly diameter: number;
  /** Diameters that look the same, mm. */
  readonly band: readonly [low: number, high: number];
  readonly words: (mm: number, digits?: number) => string;
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
/** An opening where the design has none; 1/4 in, common practice. */
const OPENING = 6.35;
/** Tape past a plate's edge, both sides together, mm; common practice. */
const PAST_PLATE = 24;

/**
 * The steps for this very camera, in the order its kind has them; common practice.
 *
 * @returns steps with measures filled in; one that this design has no need of is left out
 */
export function buildSteps(order: BuildOrder): readonly BuildStep[] {
  return kindRecord(cameraKind(order.camera)).steps.flatMap((name) => {
    const said = STEPS[name](order);
    return said === null ? [] : [written(name, said, order)];
  });
}

function written(id: StepName, said: Said, { texts }: BuildOrder): BuildStep {
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
  };
}

/** What was chosen for a question, or what is usual. */
function chosen({ choices, questions }: BuildOrder, id: MakingQuestion["id"]): string {
  return choices[id] ?? questions.find((each) => each.id === id)?.usual ?? "";
}

function isMetal({ container }: Camera): boolean {
  const { material } = container;
  return material === undefined ? shapeOf(container).usuallyMetal : /metal|alumin|tin|steel/.test(material);
}

function holeMeasures(diameter: number, band: BuildOrder["band"], words: BuildOrder["words"]): Record<string, string> {
  return { diameter: words(diameter, 2), low: words(band[0], 2), high: words(band[1], 2) };
}

/** The part of the cut sheet that shows where the hole goes. */
function template(camera: Camera): "wall" | "face" {
  return cameraBody(camera).face === "wall" ? "wall" : "face";
}

const STEPS: Readonly<Record<StepName, (order: BuildOrder) => Said | null>> = {
  opaque: ({ camera }) => ({ text: camera.container.translucent ? "opaque-glows" : "opaque" }),
  fold: ({ camera, words }) => {
    const { folded } = shapeOf(camera.container);
    return folded && { text: "fold", measures: { side: words(folded.sheet) }, part: "folded-outer" };
  },
  trace: ({ camera }) => {
    const part = template(camera);
    return { text: part === "wall" ? "trace-wall" : "trace-face", part };
  },
  opening: ({ camera, words }) => ({
    text: isMetal(camera) ? "opening-metal" : "opening-card",
    measures: { pilot: words(PILOT), wide: words(holeAt(camera).openingDiameter ?? OPENING) },
    also: [camera.chambers[0].holes.length > 1 && "many"],
    part: template(camera),
  }),
  hole: ({ camera, words, diameter, band }) => {
    const holes = camera.chambers[0].holes.length;
    return {
      text: holes > 1 ? "holes" : "hole",
      measures: { count: String(holes), plate: words(PLATE_SIZE), ...holeMeasures(diameter, band, words) },
      part: "plate",
      times: holes,
    };
  },
  plate: (order) => {
    const { camera, words } = order;
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
    return vanes && { text: "vanes", measures: { gap: words(vanes.gap) }, part: "vane" };
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
  black: (order) => {
    const way = chosen(order, "black");
    return way === "leave" ? null : { text: way === "paint" ? "black-paint" : "black-paper", question: "black" };
  },
  tabs: ({ camera }) => ({
    text: "tabs",
    part: "tab-1",
    ...(lieOf(cameraKind(camera)).meetsHole ? { question: "gap" } : {}),
  }),
  shutter: (order) => {
    const way = chosen(order, "shutter");
    if (way === "magnet") return { text: "shutter-magnet", question: "shutter" };
    return { text: way === "thumb" ? "shutter-thumb" : "shutter-tape", part: "shutter", question: "shutter" };
  },
  cap: () => ({ text: "cap", part: "cap-collar" }),
  lid: (order) => ({ text: chosen(order, "tape") === "cloth" ? "lid-cloth" : "lid-electrical", question: "tape" }),
  label: () => ({ text: "label", part: "exposure-card" }),
  "light-test": () => ({ text: "light-test" }),
};
