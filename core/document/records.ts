import { failure, type Result, success } from "../basis/units/index.ts";
import type { DensityRange, Medium, ReciprocityRule } from "../light/exposure/index.ts";
import type { Fault } from "../light/solve/index.ts";
import type { Spot } from "./exposure.ts";
import { schemaFaults } from "./faults.ts";
import { recordsSchema } from "./generated/records.js";
import { tableFaults } from "./tableFaults.ts";

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
  readonly left: number;
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

/** Records that are opened, by their collection. */
export interface Records {
  readonly loads: Load;
  readonly meters: Meter;
  readonly packs: Pack;
  readonly media: OwnMedium;
  readonly counts: Count;
}
export type RecordName = keyof Records;
/** Those that an archive holds. */
export const RECORDS = ["loads", "meters", "packs", "media"] as const;

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
  if (name === "loads") {
    const places = (record as Load).places.map(({ place }) => place);
    return places.flatMap((place, index) =>
      places.indexOf(place) === index ? [] : [{ path: `/places/${index}/place`, message: `“${place}” is there twice` }],
    );
  }
  if (name !== "media") return [];
  const { density, longTime } = record as OwnMedium;
  const flat = density !== undefined && !(density.most > density.least + LEAST_SPAN);
  return [
    ...(flat ? [{ path: "/density/most", message: `must be more than ${LEAST_SPAN} above the least` }] : []),
    ...tableFaults(longTime, "/longTime"),
  ];
}

/**
 * A maker's own medium as the sums need it: its class with what was said of it.
 *
 * @param like the class it is like
 * @returns a medium under the maker's name
 * @example mediumFrom({ id: "own", name: "Shed paper", iso: 4 }, { iso: 6 }).iso // 4
 */
export function mediumFrom(own: OwnMedium, like: Medium): Medium {
  const { id, name, iso = like.iso, wavelengthNm = like.wavelengthNm, density = like.density } = own;
  return { ...like, id, name, iso, wavelengthNm, density, longTime: own.longTime ?? like.longTime, source: "your own" };
}
