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
  /** From when on it has done what it is for at the least, s at 20 °C; left out: at its time. */
  readonly least?: number | null;
  /** Whether the sheet is in a shut tank meanwhile, or lies in an open tray; left out: a tray. */
  readonly vessel?: "tray" | "tank";
  /** Whether the temperature changes its time. */
  readonly byTemperature?: boolean;
  /** Whether the eye ends it, not the clock. */
  readonly byEye?: boolean;
  readonly agitation?: Agitation | null;
  /** What light a fixer lets be on once it has worked so long as it has to at the least; left out: white. */
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
 * What light may be on when a bath has done its work. Only a fixer changes what a sheet bears.
 *
 * @returns `null`: the same as before it
 * @source TRADE section 6, common practice
 * @example lampAfter({ id: "s", name: "Stop", bath: "stop", seconds: 20 }) // null
 */
export function lampAfter({ bath, lampAfter: after }: RecipeStep): Lamp | null {
  return bath === "fixer" ? (after ?? "white") : null;
}

/**
 * The lamp a medium bears while it is still sensitive: red for paper, none for film.
 *
 * @returns `red` or `none`; a maker's data sheet may say otherwise and counts
 * @source TRADE section 4, common practice
 * @example lampFor("film") // "none"
 */
export function lampFor(kind: Recipe["medium"]): Lamp {
  return kind === "film" ? "none" : "red";
}
