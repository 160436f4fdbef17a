import type { Ways } from "../plan/index.ts";

/** The words of a step; `{name}` stands for a measure. They are a catalogue's, passed in. */
export interface StepText {
  readonly title: string;
  /** Work of the hands, for one camera. */
  readonly minutes: number;
  /** What then has to dry or set before the next step, hours. */
  readonly dries?: number;
  /** Done once for a whole set, however many are in it. */
  readonly once?: true;
  /** What to do. */
  readonly what: string;
  /** Sentences that follow it where they apply. */
  readonly also?: Readonly<Record<string, string>>;
  readonly why: string;
  readonly caution: string | null;
  readonly tools: readonly string[];
}

/** Texts there must be: one for each step, more where a step is done in more than one way. */
export type StepTextId =
  | "opaque"
  | "opaque-glows"
  | "rinse"
  | "fold"
  | "trace-wall"
  | "trace-face"
  | "opening-metal"
  | "opening-card"
  | "opening-plastic"
  | "opening-wood"
  | "hole"
  | "holes"
  | "hole-pierced"
  | "hole-drilled"
  | "plate"
  | "plates"
  | "plate-bought"
  | "plates-bought"
  | "divider"
  | "vanes"
  | "baffles"
  | "mask"
  | "cartridges"
  | "black-paint"
  | "black-paper"
  | "holder-tape"
  | "holder-magnets"
  | "holder-strips"
  | "holder-slot"
  | "holder-liner"
  | "holder-slope"
  | "holder-stops"
  | "holder-chambers"
  | "tabs"
  | "shutter-tape"
  | "shutter-magnet"
  | "shutter-slide"
  | "shutter-stopper"
  | "shutter-thumb"
  | "cap"
  | "cap-own"
  | "lid-cloth"
  | "lid-electrical"
  | "lid-weather"
  | "rest"
  | "tripod"
  | "tray"
  | "cutter"
  | "cutter-two"
  | "cutter-square"
  | "label"
  | "label-small"
  | "label-trail"
  | "light-test"
  | "light-test-film"
  | "light-test-trail"
  | "put-up";

export type StepTexts = Readonly<Record<StepTextId, StepText>>;

/** A question on which makers disagree, with their ways and why. */
export interface MakingQuestion {
  readonly id: keyof Ways | "closing";
  readonly question: string;
  readonly ways: readonly { readonly id: string; readonly name: string; readonly why: string }[];
}

/**
 * A sentence with its measures filled in.
 *
 * @param measures words by name; a name that is missing stays visible as `{name}`
 * @example filled("Drill {wide} across.", { wide: "6.35 mm" }) // "Drill 6.35 mm across."
 */
export function filled(sentence: string, measures: Readonly<Record<string, string>>): string {
  return sentence.replace(/\{(\w+)\}/g, (whole, name: string) => measures[name] ?? whole);
}
