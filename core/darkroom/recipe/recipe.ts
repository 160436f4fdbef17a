/** What a step happens in. Baths of one name share a tray and a bottle. */
export type BathName = "developer" | "water" | "rinse" | "stop" | "fixer" | "wash";

/** The light that may be on from the end of a step. */
export type Lamp = "none" | "red" | "white";

/** How a tray or tank is moved. */
export interface Agitation {
  /** At first without a break, s. */
  readonly first: number;
  /** Then again every so many seconds; 0: all the time. */
  readonly every: number;
  /** For so long, s. */
  readonly lasts: number;
}

/** One bath of a recipe. */
export interface RecipeStep {
  readonly id: string;
  readonly name: string;
  readonly bath: BathName;
  /** Planned time at 20 °C, s, > 0. */
  readonly seconds: number;
  /** Up to when it may go on, s; left out: it is over at its time. */
  readonly most?: number | null;
  /** Whether the temperature changes its time. */
  readonly byTemperature?: boolean;
  /** Whether the eye ends it, not the clock. */
  readonly byEye?: boolean;
  readonly agitation?: Agitation | null;
  /** What light may be on once it is over; left out: as before. */
  readonly lampAfter?: Lamp | null;
  /** What to do and to look for. */
  readonly look?: string;
  /** Ids of cautions that belong here. */
  readonly cautions?: readonly string[];
}

/** How sheets are developed. */
export interface Recipe {
  readonly id: string;
  readonly name: string;
  /** What it is for. */
  readonly medium: "paper" | "film" | "trail";
  /** Where its values come from. */
  readonly source: string;
  readonly note?: string;
  /** None: it is not developed at all. */
  readonly steps: readonly RecipeStep[];
  /** How many sheets each bath holds at once; left out: 1, washes more. */
  readonly room?: Partial<Readonly<Record<BathName, number>>>;
}

/**
 * The lamp a medium bears while it is still sensitive: red for paper, none for film.
 *
 * @returns `red` or `none`; a maker's data sheet may say otherwise and counts
 * @source TRADE section 4, common practice
 * @example lampFor("film") // "none"
 */
export function lampFor(kind: "paper" | "film"): Lamp {
  return kind === "paper" ? "red" : "none";
}
