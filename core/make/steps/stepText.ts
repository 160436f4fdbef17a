/** The words of a step; `{name}` stands for a measure. They are a catalogue's, passed in. */
export interface StepText {
  readonly title: string;
  readonly minutes: number;
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
  | "hole"
  | "holes"
  | "hole-pierced"
  | "hole-drilled"
  | "plate"
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
  | "tabs"
  | "shutter-tape"
  | "shutter-magnet"
  | "shutter-thumb"
  | "cap"
  | "lid-cloth"
  | "lid-electrical"
  | "lid-weather"
  | "rest"
  | "tripod"
  | "tray"
  | "label"
  | "label-trail"
  | "light-test"
  | "light-test-trail"
  | "put-up"
  | "take-down";

export type StepTexts = Readonly<Record<StepTextId, StepText>>;

/** A question on which makers disagree, with their ways and why. */
export interface MakingQuestion {
  readonly id: "black" | "tape" | "side" | "hold" | "shutter" | "gap";
  readonly question: string;
  readonly ways: readonly { readonly id: string; readonly name: string; readonly why: string }[];
  /** Taken where nothing was chosen. */
  readonly usual: string;
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
