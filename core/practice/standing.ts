import { RADIANS } from "../basis/units/index.ts";
import { type Camera, cameraFNumber, lightProof } from "../camera/container/index.ts";
import type { Exposure, Load, Meter, Pack, Trail } from "../document/index.ts";
import { coveredShare, type Medium, WALKER_WIDTH } from "../light/exposure/index.ts";
import { directionOf, type SunRequest, sheetSky } from "../sun/index.ts";
import { hiddenIn, type Practised, type SessionName } from "./sessions.ts";
import { stopsOver } from "./stopsOver.ts";

/** What a session asks for, one after the other. */
export type GoalName =
  | "offset"
  | "judged"
  | "right"
  | "found"
  | "tight"
  | "again"
  | "loaded"
  | "each"
  | "all-right"
  | "ghost"
  | "year";

/** What is in the drawer of a session. */
export interface SessionRecords {
  readonly cameras: readonly Camera[];
  readonly exposures: readonly Exposure[];
  readonly loads: readonly Load[];
  readonly meters: readonly Meter[];
  readonly trails: readonly Trail[];
}

/** What a session begins with. */
export interface SessionStart extends Omit<SessionRecords, "meters"> {
  readonly packs: readonly Pack[];
}

/** What is told beside the records: a medium as the catalogue has it, and what a plan asks of the sun. */
export interface PracticeTools {
  readonly mediumOf: (id: string | null | undefined) => Medium;
  readonly sunOf: (trail: Trail, camera: Camera) => SunRequest;
}

/** How far somebody got. */
export interface Standing {
  readonly goals: readonly { readonly name: GoalName; readonly reached: boolean }[];
  /** How many of them are reached. */
  readonly reached: number;
  /** Sheets exposed by whoever practises, and how many there are for it. */
  readonly spent: number;
  readonly allowed: number;
  /** Whether all is reached, with no more sheets than there are. */
  readonly done: boolean;
}

/** Records that a session begins with have ids that begin so. */
export const GIVEN = "practice-";

/** As near as a meter’s correction must come, stops: a third, and what its marks add. Common practice. */
const NEAR = 0.4;
/** As near as a time must come, stops: what a scan tells of one sheet is not surer than two thirds. */
const NEAR_TIME = 0.7;

const ALLOWED: Readonly<Record<SessionName, number>> = {
  meter: 0,
  "black-sky": 2,
  paper: 3,
  leak: 1,
  canisters: 9,
  ghost: 2,
  "half-year": 0,
};

/**
 * How far somebody got in a session, told by the records alone: as they would stand in the log of real work.
 *
 * @example standingOf({ session: "meter", seed: 1 }, { cameras: [], exposures: [], loads: [], meters: [], trails: [] }, tools).goals // [{ name: "offset", reached: false }] …
 */
export function standingOf(
  practised: Practised,
  records: SessionRecords,
  { mediumOf, sunOf }: PracticeTools,
): Standing {
  const { cameras, exposures, loads, meters, trails } = records;
  const hidden = hiddenIn(practised);
  // Whatever else is brought into the drawer is no part of the session.
  const ofIt = exposures.filter(({ cameraId }) => cameraId.startsWith(GIVEN));
  const given = ofIt.filter(({ id }) => id.startsWith(GIVEN));
  const own = ofIt.filter(({ id, tested }) => !id.startsWith(GIVEN) && tested !== true);
  const isRight = (shot: Exposure): boolean => {
    const camera = cameras.find(({ id }) => id === shot.cameraId);
    if (camera === undefined) return false;
    const known = mediumOf(shot.medium ?? camera.chambers[0].film.medium);
    const medium = { ...known, iso: shot.iso ?? known.iso };
    return Math.abs(stopsOver(shot, cameraFNumber(camera, medium), medium, hidden)) <= NEAR_TIME;
  };
  const isJudged = (shots: readonly Exposure[]): boolean => shots.some(({ judged }) => judged != null);
  const reached: Readonly<Record<GoalName, () => boolean>> = {
    offset: () =>
      meters.some(({ kind, offset }) => kind === "practice" && Math.abs(offset - hidden.meterOffset) <= NEAR),
    judged: () => isJudged(practised.session === "paper" ? own : given),
    right: () => own.some(isRight),
    found: () => given.some(({ spoilt }) => spoilt === "leak"),
    tight: () => cameras.some((camera) => camera.id.startsWith(GIVEN) && lightProof(camera).state === "proved"),
    again: () => own.length > 0,
    loaded: () => loads.some(({ cameraId, places }) => cameraId.startsWith(GIVEN) && places.length === 9),
    each: () => new Set(own.map(({ place }) => place)).size === 9,
    ghost: () => own.some((shot) => isRight(shot) && isGhost(hidden.passes, shot.seconds)),
    year: () =>
      trails.some((trail) => {
        const camera = cameras.find(({ id }) => id === trail.cameraId);
        return camera?.id.startsWith(GIVEN) === true && holdsTheYear(trail, sunOf(trail, camera));
      }),
    "all-right": () => own.length > 0 && own.every(isRight),
  };
  const goals = GOALS[practised.session].map((name) => ({ name, reached: reached[name]() }));
  const [spent, allowed] = [own.length, ALLOWED[practised.session]];
  const count = goals.filter((goal) => goal.reached).length;
  return { goals, reached: count, spent, allowed, done: spent <= allowed && count === goals.length };
}

/** Seen, and seen through: covering a point for a fifth of the time and more, and for no more than three. */
const GHOST = [0.2, 0.6] as const;

/** Whether somebody who goes her own width in so many seconds is a ghost on a sheet exposed so long, s. PHYSICS section 4. */
function isGhost(passes: number, seconds: number): boolean {
  const share = coveredShare({ width: WALKER_WIDTH, speed: WALKER_WIDTH / passes }, seconds);
  return share >= GHOST[0] && share <= GHOST[1];
}

/** Noons that are looked at, from one solstice to the other. */
const NOONS = 24;
/** The obliquity of the ecliptic, degrees: IAU 2006, rounded. */
const SOLSTICE = 23.44;

/** Whether a plan north of the tropic runs from solstice to solstice, and each noon between them lands on its sheet. */
function holdsTheYear({ from, to }: Trail, request: SunRequest): boolean {
  if (!from.endsWith("-12-21") || !to.endsWith("-06-21")) return false;
  const sky = sheetSky(request);
  return Array.from({ length: NOONS + 1 }, (_, i) => {
    const declination = SOLSTICE * ((2 * i) / NOONS - 1) * RADIANS;
    const noon = directionOf(request.site.latitude * RADIANS, { hour: 0, declination });
    const place = sky.land(noon);
    return place !== null && sky.isLit(place) && noon.altitude > sky.horizonAt(noon.azimuth);
  }).every(Boolean);
}

const GOALS: Readonly<Record<SessionName, readonly GoalName[]>> = {
  meter: ["offset"],
  "black-sky": ["judged", "right"],
  paper: ["judged", "right"],
  leak: ["found", "tight", "again"],
  canisters: ["loaded", "each", "all-right"],
  ghost: ["ghost"],
  "half-year": ["year"],
};
