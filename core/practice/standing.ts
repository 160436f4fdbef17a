import { type Camera, cameraFNumber, lightProof } from "../camera/container/index.ts";
import type { Exposure, Load, Meter } from "../document/index.ts";
import type { Medium } from "../light/exposure/index.ts";
import { hiddenIn, type Practised, type SessionName } from "./sessions.ts";
import { stopsOver } from "./stopsOver.ts";

/** What a session asks for, one after the other. */
export type GoalName = "offset" | "judged" | "right" | "found" | "tight" | "again" | "loaded" | "each" | "all-right";

/** What is in the drawer of a session. */
export interface SessionRecords {
  readonly cameras: readonly Camera[];
  readonly exposures: readonly Exposure[];
  readonly loads: readonly Load[];
  readonly meters: readonly Meter[];
}

/** How far somebody got. */
export interface Standing {
  readonly goals: readonly { readonly name: GoalName; readonly reached: boolean }[];
  /** Sheets exposed by whoever practises, and how many there are for it. */
  readonly spent: number;
  readonly allowed: number;
  /** Whether all is reached, with no more sheets than there are. */
  readonly done: boolean;
}

/** Records that a session begins with have ids that begin so. */
export const GIVEN = "practice-";

/** As near as a time must come, stops: a third, and what rounding to a count of seconds adds. Common practice. */
const NEAR = 0.4;

const ALLOWED: Readonly<Record<SessionName, number>> = { meter: 0, "black-sky": 2, paper: 3, leak: 1, canisters: 9 };

/**
 * How far somebody got in a session, told by the records alone: as they would stand in the log of real work.
 *
 * @param mediumOf a medium as the catalogue has it
 * @example standingOf({ session: "meter", seed: 1 }, { cameras: [], exposures: [], loads: [], meters: [] }, mediumOf).goals // [{ name: "offset", reached: false }] …
 */
export function standingOf(
  practised: Practised,
  records: SessionRecords,
  mediumOf: (id: string | null | undefined) => Medium,
): Standing {
  const { cameras, exposures, loads, meters } = records;
  const hidden = hiddenIn(practised);
  const given = exposures.filter(({ id }) => id.startsWith(GIVEN));
  const own = exposures.filter(({ id, tested }) => !id.startsWith(GIVEN) && tested !== true);
  const isRight = (shot: Exposure): boolean => {
    const camera = cameras.find(({ id }) => id === shot.cameraId);
    if (camera === undefined) return false;
    const known = mediumOf(shot.medium ?? camera.chambers[0].film.medium);
    const medium = { ...known, iso: shot.iso ?? known.iso };
    return Math.abs(stopsOver(shot, cameraFNumber(camera, medium), medium, hidden)) <= NEAR;
  };
  const isJudged = (shots: readonly Exposure[]): boolean => shots.some(({ judged }) => judged != null);
  const reached: Readonly<Record<GoalName, () => boolean>> = {
    offset: () =>
      meters.some(({ kind, offset }) => kind === "practice" && Math.abs(offset - hidden.meterOffset) <= NEAR),
    judged: () => isJudged(practised.session === "paper" ? own : given),
    right: () => own.some(isRight),
    found: () => given.some(({ spoilt }) => spoilt === "leak"),
    tight: () => cameras.some((camera) => lightProof(camera).state === "proved"),
    again: () => own.length > 0,
    loaded: () => loads.some(({ places }) => places.length === 9),
    each: () => new Set(own.map(({ place }) => place)).size === 9,
    "all-right": () => own.length > 0 && own.every(isRight),
  };
  const goals = GOALS[practised.session].map((name) => ({ name, reached: reached[name]() }));
  const [spent, allowed] = [own.length, ALLOWED[practised.session]];
  return { goals, spent, allowed, done: spent <= allowed && goals.every((goal) => goal.reached) };
}

const GOALS: Readonly<Record<SessionName, readonly GoalName[]>> = {
  meter: ["offset"],
  "black-sky": ["judged", "right"],
  paper: ["judged", "right"],
  leak: ["found", "tight", "again"],
  canisters: ["loaded", "each", "all-right"],
};
