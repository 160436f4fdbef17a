import { failure, type Result, success } from "../basis/units/index.ts";
import type { Chemical } from "../darkroom/bottle/index.ts";
import type { PlannedStep, Recipe } from "../darkroom/recipe/index.ts";
import type { DensityRange, Medium, ReciprocityRule } from "../light/exposure/index.ts";
import type { Fault } from "../light/solve/index.ts";
import type { KeptView, Spot } from "./exposure.ts";
import { schemaFaults } from "./faults.ts";
import { recordsSchema } from "./generated/records.js";
import { tableFaults } from "./tableFaults.ts";
import { type Trail, trailFaults } from "./trail.ts";

/** One place of a load: a chamber, a number of a tray or a frame, and what is in it. */
export interface LoadedPlace {
  readonly place: string;
  readonly medium: string;
  readonly iso: number;
  readonly flashed?: boolean;
  readonly initials?: string;
  /** The time that a bracket gives it, s. */
  readonly plannedSeconds?: number | null;
  /** The shot taken on it; `null` or missing: none yet. */
  readonly exposureId?: string | null;
}

/** What a camera was loaded with. */
export interface Load {
  readonly id: string;
  readonly cameraId: string;
  readonly cameraName?: string;
  /** ISO 8601 with offset. */
  readonly at: string;
  readonly packId?: string | null;
  readonly places: readonly LoadedPlace[];
  readonly unloadedAt?: string | null;
}

/** A light meter, or a phone whose photographs are one. */
export interface Meter {
  readonly id: string;
  readonly name: string;
  readonly kind: "meter" | "photograph" | "practice";
  /** Stops to add to its times. */
  readonly offset: number;
  readonly comparedAt?: string | null;
  readonly comparedWith?: string;
}

/** A pack of paper or film. */
export interface Pack {
  readonly id: string;
  readonly medium: string;
  /** In words. */
  readonly size: string;
  readonly bought?: number;
  /** Sheets or rolls in it now: {@link settledPack}. */
  readonly left: number;
  /** What was in it when it was counted, before anything among `taken`; missing: what `left` and `taken` come to. */
  readonly counted?: number;
  /** What was taken out since, or (below 0) put back: each once, under the id of what took it. */
  readonly taken?: readonly { readonly id: string; readonly sheets: number }[];
  /** The day it was opened, ISO 8601. */
  readonly opened?: string | null;
  readonly iso?: number | null;
  readonly note?: string;
}

/** A maker's own paper or film: like a class that ships, but for what is said here. */
export interface OwnMedium {
  readonly id: string;
  readonly name: string;
  readonly like?: string;
  readonly iso?: number;
  readonly wavelengthNm?: number;
  readonly density?: DensityRange;
  readonly longTime?: ReciprocityRule;
  readonly note?: string;
}

/** An exposure that is going on, or is over and not yet logged. It lives in the browser, not in the archive. */
export interface Count {
  /** Also of the shot it becomes: so that it is logged once. */
  readonly id: string;
  readonly cameraId: string;
  readonly cameraName?: string;
  readonly loadId?: string | null;
  readonly place?: string | null;
  readonly number?: number | null;
  /** When the hole was (or, while it is counted in, will be) opened, ms since 1970. */
  readonly openedMs: number;
  /** When it was closed, ms since 1970; `null`: it is open. */
  readonly closedMs: number | null;
  /** Time it was open by a clock that nobody can set, ms; missing or `null` where none ran all the time. */
  readonly countedMs?: number | null;
  /** When it was covered in between. */
  readonly pauses: readonly Pause[];
  readonly targetSeconds: number;
  readonly meteredSeconds?: number | null;
  readonly longTime?: ReciprocityRule;
  readonly medium: string;
  readonly iso: number;
  readonly fNumber: number;
  readonly ev?: number | null;
  readonly light: string;
  readonly lightKey?: string | null;
  readonly meter?: string | null;
  readonly spots?: readonly Spot[];
  readonly picture?: string | null;
  readonly view?: KeptView | null;
  readonly words: ShotWords;
}

/** From when to when the hole was covered, ms since 1970; `untilMs` is `null` while it is. */
export interface Pause {
  readonly fromMs: number;
  readonly untilMs: number | null;
}

/** What is typed of a shot before it is logged. */
export interface ShotWords {
  readonly subject: string;
  readonly note: string;
  readonly where?: string;
  readonly weather?: string;
  readonly position?: { readonly latitude: number; readonly longitude: number } | null;
}

/** One sheet developed, or on its way: each is a run through its baths that outlives the page. */
export interface Development {
  readonly id: string;
  readonly recipeId: string;
  readonly recipeName?: string;
  /** When it went into its first bath, ISO 8601 with offset. */
  readonly at: string;
  readonly exposureIds: readonly string[];
  /** Which sheet it is, in words. */
  readonly sheet?: string;
  /** Of the developer, °C. */
  readonly celsius?: number;
  readonly q10?: number;
  readonly areaCm2?: number;
  /** Bottles whose bath it went through. */
  readonly bottleIds?: readonly string[];
  readonly medium?: Recipe["medium"];
  /** Whether it got a dose of even light after it was exposed. */
  readonly postFlashed?: boolean;
  readonly steps: readonly DevelopedStep[];
  /** The same as `at`, ms since 1970; missing: it waits for its turn. */
  readonly startedMs?: number;
  /** Its place among those that wait. */
  readonly order?: number;
  /** When it left each bath, ms since 1970. */
  readonly movesMs?: readonly number[];
  /** When it was put back into the bath before, ms since 1970, rising. */
  readonly backsMs?: readonly number[];
  readonly byClock?: boolean;
  /** `null` or missing: it is still on its way. */
  readonly finishedAt?: string | null;
  readonly note?: string;
}

/** A bath as planned, with the seconds it really lasted; `null`: it is not over. */
export type DevelopedStep = PlannedStep & { readonly real: number | null };

/** A working solution in its bottle. */
export interface Bottle {
  readonly id: string;
  readonly name: string;
  readonly chemical: Chemical;
  /** Parts of water to one of stock. */
  readonly water: number;
  readonly volumeMl: number;
  /** Area of sheets that a litre bears, cm²; missing: what is usual for its class. */
  readonly capacityCm2?: number;
  readonly keepsDays?: number;
  /** ISO 8601 with offset. */
  readonly mixedAt: string;
  /** Area of sheets it has borne that is not among its uses, cm². */
  readonly usedCm2?: number;
  /** Sheets that went through it: each under the id of its development, once. */
  readonly uses?: readonly { readonly id: string; readonly cm2: number }[];
  /** Clearing times of a scrap of film, the first when it was fresh. */
  readonly clips?: readonly { readonly at: string; readonly seconds: number }[];
  readonly emptiedAt?: string | null;
  readonly note?: string;
}

/**
 * The area of sheets that a bottle has borne: the sum of its entries.
 *
 * @returns cm²
 * @example borneBy({ usedCm2: 100, uses: [{ id: "a", cm2: 129 }] }) // 229
 */
export function borneBy({ usedCm2 = 0, uses = [] }: Bottle): number {
  return uses.reduce((sum, { cm2 }) => sum + cm2, usedCm2);
}

/** A test strip, or a positive printed from a negative. */
export interface Processing {
  readonly id: string;
  readonly kind: "strip" | "print";
  readonly at: string;
  readonly medium: string;
  /** What has to be the same again: lamp, its distance, glass. */
  readonly setup?: string;
  readonly purpose?: "flash" | "print";
  /** Light of each strip in all, the least first, s. */
  readonly times?: readonly number[];
  /** Whether it is exposed and nobody has read it yet. */
  readonly unread?: boolean;
  /** Number of the strip that was chosen, or that shows the first grey. */
  readonly picked?: number | null;
  /** The time that follows, or that was given, s. */
  readonly seconds?: number | null;
  /** The negative's shot. */
  readonly exposureId?: string | null;
  readonly wet?: boolean;
  readonly note?: string;
}

/**
 * A pack with what is left in it reckoned from what was counted and what was taken since.
 *
 * @returns the pack; `left` is never below 0
 * @example settledPack({ id: "a", medium: "m", size: "s", left: 9, counted: 25, taken: [{ id: "l", sheets: 3 }] }).left // 22
 */
export function settledPack(pack: Pack): Pack {
  const gone = (pack.taken ?? []).reduce((sum, { sheets }) => sum + sheets, 0);
  const counted = pack.counted ?? pack.left + gone;
  return { ...pack, counted, left: Math.max(0, counted - gone) };
}

/** Records that are opened, by their collection. */
export interface Records {
  readonly loads: Load;
  readonly meters: Meter;
  readonly packs: Pack;
  readonly media: OwnMedium;
  readonly counts: Count;
  readonly recipes: Recipe;
  readonly developments: Development;
  readonly bottles: Bottle;
  readonly processing: Processing;
  readonly trails: Trail;
}
export type RecordName = keyof Records;
/** Those that an archive holds. */
export const RECORDS = [
  "loads",
  "meters",
  "packs",
  "media",
  "recipes",
  "developments",
  "bottles",
  "processing",
  "trails",
] as const;

/** ΔD of a paper or film that can be read at all: its curve needs mid-grey within. FORMAT: most > least + 0.6. */
const LEAST_SPAN = 0.6;

/**
 * Checks one record of a collection; unknown fields are kept.
 *
 * @returns the record, or every fault with its path
 * @example parseRecord("meters", { id: "a", name: "Phone", kind: "photograph", offset: 40 }).ok // false
 */
export function parseRecord<N extends RecordName>(name: N, data: unknown): Result<Records[N], readonly Fault[]> {
  const faults = schemaFaults(recordsSchema, { [name]: [data] }).map(({ path, message }) => ({
    path: path.slice(`/${name}/0`.length),
    message,
  }));
  if (faults.length > 0) return failure(faults);
  const crossed = recordFaults(name, data as Records[N]);
  return crossed.length > 0 ? failure(crossed) : success(data as Records[N]);
}

/**
 * What the rules between a record's fields find, beside its schema.
 *
 * @returns faults with their paths within the record
 * @example recordFaults("media", { id: "a", name: "A", density: { least: 0, most: 0.5, range: 110 } })[0].path // "/density/most"
 */
export function recordFaults<N extends RecordName>(name: N, record: Records[N]): readonly Fault[] {
  return CROSSED[name]?.(record) ?? [];
}

/** The rules between fields of one record, by collection. */
const CROSSED: { readonly [N in RecordName]?: (record: Records[N]) => readonly Fault[] } = {
  loads: ({ places }) =>
    twiceIn(
      places.map(({ place }) => place),
      (index) => `/places/${index}/place`,
    ),
  media: ({ density, longTime }) => {
    const flat = density !== undefined && !(density.most > density.least + LEAST_SPAN);
    return [
      ...(flat ? [{ path: "/density/most", message: `must be more than ${LEAST_SPAN} above the least` }] : []),
      ...tableFaults(longTime, "/longTime"),
    ];
  },
  recipes: ({ steps }) => [
    ...twiceIn(
      steps.map(({ id }) => id),
      (index) => `/steps/${index}/id`,
    ),
    ...steps.flatMap(({ seconds, most }, index) =>
      most != null && most < seconds
        ? [{ path: `/steps/${index}/most`, message: "must be no less than its seconds" }]
        : [],
    ),
  ],
  trails: trailFaults,
  developments: ({ startedMs = 0, movesMs = [], steps }) => [
    ...movesMs.flatMap((at, index) =>
      at >= (movesMs[index - 1] ?? startedMs)
        ? []
        : [{ path: `/movesMs/${index}`, message: "must not be before the move before it" }],
    ),
    ...(movesMs.length > steps.length ? [{ path: "/movesMs", message: "must be no more than there are steps" }] : []),
  ],
};

/** What stands twice in a list. */
function twiceIn(names: readonly string[], path: (index: number) => string): readonly Fault[] {
  return names.flatMap((name, index) =>
    names.indexOf(name) === index ? [] : [{ path: path(index), message: `“${name}” is there twice` }],
  );
}

/**
 * A maker's own medium as the sums need it: its class with what was said of it.
 *
 * @param like the class it is like
 * @returns a medium under the maker's name
 * @example mediumFrom({ id: "own", name: "Shed paper", iso: 4 }, { iso: 6 }).iso // 4
 */
export function mediumFrom(own: OwnMedium, like: Medium): Medium {
  const { id, name, iso = like.iso, wavelengthNm = like.wavelengthNm } = own;
  // What light does to it follows from its class, until somebody measured otherwise.
  const density = { ...like.density, ...own.density };
  return { ...like, id, name, iso, wavelengthNm, density, longTime: own.longTime ?? like.longTime, source: "your own" };
}
