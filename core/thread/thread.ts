import {
  type Camera,
  designFaults,
  holeMount,
  isBuilt,
  isTrail,
  lightProof,
  measuredDiameter,
} from "../camera/container/index.ts";
import {
  type Count,
  type Development,
  type Exposure,
  type Load,
  type Negative,
  type Processing,
  placesHeld,
  type Trail,
  trailAtHand,
  withOpen,
} from "../document/index.ts";

/** The stations on a camera's way, from its design to the print on the wall, or to the read months of sun. */
export type StationName =
  | "designed"
  | "hole"
  | "built"
  | "tight"
  | "loaded"
  | "exposed"
  | "developed"
  | "scanned"
  | "judged"
  | "printed"
  | "hung"
  | "down"
  | "read";

/** What can be next. */
export type ActName =
  | "mend"
  | "hole"
  | "build"
  | "test"
  | "leak"
  | "load"
  | "expose"
  | "close"
  | "log"
  | "develop"
  | "baths"
  | "scan"
  | "judge"
  | "print"
  | "plan"
  | "hang"
  | "take-down"
  | "read";

/** One act, with all that its page has to know. */
export interface Act {
  readonly name: ActName;
  readonly station: StationName;
  readonly cameraId: string;
  /** Id of the shot, the negative or the months-long exposure it is about; `null`: of the camera alone. */
  readonly id: string | null;
  /** Ids of the shots whose sheets wait for it, newest first; none: it is not about sheets. */
  readonly sheets: readonly string[];
}

/** One station: how far it is reached, and where a press on it leads. */
export interface Station {
  readonly name: StationName;
  readonly reached: "yes" | "part" | "no";
  /** Sheets that got so far, of how many; `null`: it is not about sheets. */
  readonly count: number | null;
  readonly of: number | null;
  readonly act: Act;
}

/** A camera's way: its stations in their order, and what is next. */
export interface Thread {
  readonly stations: readonly Station[];
  readonly next: Act;
}

/** What a thread is told from: the camera's own records. */
export interface ThreadFacts {
  readonly camera: Camera;
  /** What is in it now; `null`: nothing that is known of. */
  readonly load: Load | null;
  /** Holes of it that are open, or not logged yet. */
  readonly counts: readonly Count[];
  /** Its newest shots, newest first. */
  readonly shots: readonly Exposure[];
  /** Sheets of all cameras that are in the baths, or wait for them. */
  readonly running: readonly Development[];
  /** Negatives of these shots. */
  readonly negatives: readonly Negative[];
  /** Contact prints of these shots. */
  readonly prints: readonly Processing[];
  /** Its months-long exposures. */
  readonly trails: readonly Trail[];
}

/**
 * Where a camera stands on its way, and what comes next: the one answer for every page.
 *
 * @returns stations in their order; `next` is one of their acts, or the one that closes or logs an open hole
 * @example threadOf({ camera: box, load: null, counts: [], shots: [], running: [], negatives: [], prints: [], trails: [] }).next.name // "hole"
 */
export function threadOf(facts: ThreadFacts): Thread {
  return isTrail(facts.camera) ? sunThread(facts) : pictureThread(facts);
}

function pictureThread(facts: ThreadFacts): Thread {
  const { camera, load, counts } = facts;
  const { act, station } = stationsFor(camera.id);
  const sheets = sheetsAtHand(facts);
  const places = placesLeft(camera, load, counts);
  const used = sheets.length > 0 || load !== null || counts.length > 0;
  const making = makingStations(facts, used);
  const through = sheetStations(facts, sheets);
  const loaded = station("loaded", act("load"), {
    reached: places.left > 0 ? "yes" : sheets.length > 0 ? "part" : "no",
    count: places.of === null ? null : places.left,
    of: places.of,
  });
  const exposed = station("exposed", act("expose"), {
    reached: sheets.length === 0 ? "no" : places.left > 0 ? "part" : "yes",
    count: sheets.length,
  });
  const stations = [...making, loaded, exposed, ...through];
  const open = counts.find(({ closedMs }) => closedMs === null);
  const notLogged = counts[0];
  const waiting = through.find(({ act: each }) => each.sheets.length > 0);
  const toMake = firstToMake(making, used);
  const next =
    (open && act("close", open.id)) ??
    (notLogged && act("log", notLogged.id)) ??
    toMake?.act ??
    (places.left > 0 ? exposed.act : null) ??
    waiting?.act ??
    loaded.act;
  return { stations, next };
}

/** The stations of the design and of the making. A camera that took a sheet is built, whatever was ticked. */
function makingStations({ camera }: ThreadFacts, used: boolean): readonly Station[] {
  const { act, station } = stationsFor(camera.id);
  const sound = designFaults(camera).length === 0;
  const measured = measuredDiameter(camera) !== null || holeMount(camera) === "bought";
  const { state } = lightProof(camera);
  const ticked = camera.making?.done ?? [];
  const built = used || state !== "untested" || ticked.includes("light-test");
  return [
    station("designed", act("mend"), { reached: sound ? "yes" : "no" }),
    station("hole", act("hole"), { reached: measured ? "yes" : "no" }),
    ...(isBuilt(camera)
      ? [station("built", act("build"), { reached: built ? "yes" : ticked.length > 0 ? "part" : "no" } as const)]
      : []),
    station("tight", act(state === "leaks" ? "leak" : "test"), {
      reached: state === "proved" ? "yes" : state === "leaks" ? "part" : "no",
    }),
  ];
}

/** What is still to make. A hole that nobody measured, or a test left out, is no reason to open a camera in use; a leak is. */
function firstToMake(making: readonly Station[], used: boolean): Station | undefined {
  const optional = (act: Act): boolean => used && (act.name === "hole" || act.name === "test");
  return making.find(({ reached, act }) => reached !== "yes" && !optional(act));
}

/** The stations of the sheets: each says how many got so far, and its act which of those before it wait. */
function sheetStations(
  { camera, running, negatives, prints }: ThreadFacts,
  sheets: readonly Exposure[],
): readonly Station[] {
  const { act, station } = stationsFor(camera.id);
  const negativeOf = (shot: Exposure): Negative | undefined =>
    negatives.find(({ exposureId }) => exposureId === shot.id);
  // What comes later proves what came before it; but one who judges by eye needs no scan.
  const isPrinted = (shot: Exposure): boolean =>
    prints.some(({ exposureId }) => exposureId === shot.id) || negativeOf(shot)?.savedAt != null;
  const isJudged = (shot: Exposure): boolean => shot.judged != null || isPrinted(shot);
  const isScanned = (shot: Exposure): boolean => negativeOf(shot) !== undefined || isPrinted(shot);
  const printed = sheets.filter(isPrinted);
  const judged = sheets.filter(isJudged);
  const scanned = sheets.filter(isScanned);
  const developed = sheets.filter((shot) => shot.developed != null || isScanned(shot) || isJudged(shot));
  const waiting = (here: readonly Exposure[], there: readonly Exposure[]): readonly Exposure[] =>
    here.filter((shot) => !there.includes(shot));
  const toDevelop = waiting(sheets, developed);
  const toScan = waiting(developed, scanned);
  const toJudge = waiting(scanned, judged);
  const toPrint = waiting(scanned, [...waiting(scanned, judged), ...printed]);
  const inBaths = toDevelop.some(({ id }) =>
    running.some(({ exposureIds, startedMs }) => startedMs !== undefined && exposureIds.includes(id)),
  );
  const reached = (here: readonly Exposure[]): Station["reached"] =>
    here.length === 0 ? "no" : here.length < sheets.length ? "part" : "yes";
  const of = (here: readonly Exposure[]) => ({ reached: reached(here), count: here.length });
  const idsOf = (shots: readonly Exposure[]): readonly string[] => shots.map(({ id }) => id);
  // The oldest that waits comes first: that is the order in which the sheets lie.
  const oldest = (shots: readonly Exposure[]): Exposure | undefined => shots.at(-1);
  const negativeId = (shots: readonly Exposure[]): string | null => {
    const shot = oldest(shots);
    return (shot && negativeOf(shot)?.id) ?? null;
  };
  return [
    station("developed", act(inBaths ? "baths" : "develop", null, idsOf(toDevelop)), of(developed)),
    station("scanned", act("scan", oldest(toScan)?.id ?? null, idsOf(toScan)), of(scanned)),
    station("judged", act("judge", negativeId(toJudge), idsOf(toJudge)), of(judged)),
    station("printed", act("print", negativeId(toPrint), idsOf(toPrint)), of(printed)),
  ];
}

function sunThread(facts: ThreadFacts): Thread {
  const { camera, load, trails } = facts;
  const { act, station } = stationsFor(camera.id);
  const trail = trailAtHand(trails);
  const id = trail?.id ?? null;
  const [up, down] = [trail?.up != null, trail?.down != null];
  const read = trail?.reading != null;
  const used = load !== null || up;
  const making = makingStations(facts, used);
  const loaded = station("loaded", act("load"), { reached: load !== null || up ? "yes" : "no" });
  const hung = station("hung", act(trail === null ? "plan" : "hang", id), { reached: up ? "yes" : "no" });
  const taken = station("down", act("take-down", id), { reached: down ? "yes" : "no" });
  const done = station("read", act("read", id), { reached: read ? "yes" : "no" });
  const stations = [...making, loaded, hung, taken, done];
  const toMake = firstToMake(making, used);
  const next = up
    ? (stations.slice(making.length).find(({ reached }) => reached === "no")?.act ?? act("plan"))
    : (toMake?.act ?? (trail === null ? hung.act : null) ?? (load === null ? loaded.act : hung.act));
  return { stations, next };
}

/** Which station an act leads to. */
const STATION: Readonly<Record<ActName, StationName>> = {
  mend: "designed",
  hole: "hole",
  build: "built",
  test: "tight",
  leak: "tight",
  load: "loaded",
  expose: "exposed",
  close: "exposed",
  log: "exposed",
  develop: "developed",
  baths: "developed",
  scan: "scanned",
  judge: "judged",
  print: "printed",
  plan: "hung",
  hang: "hung",
  "take-down": "down",
  read: "read",
};

function stationsFor(cameraId: string) {
  return {
    act: (name: ActName, id: string | null = null, sheets: readonly string[] = []): Act => ({
      name,
      station: STATION[name],
      cameraId,
      id,
      sheets,
    }),
    station: (
      name: StationName,
      act: Act,
      { reached, count = null, of = null }: Pick<Station, "reached"> & Partial<Pick<Station, "count" | "of">>,
    ): Station => ({ name, reached, count, of, act }),
  };
}

/**
 * The sheets that are on their way: shots of the load in the camera, and of the newest load that was shot on (where none is
 * noted, the shots of the newest shot's day). What was spoilt or never a sheet is none.
 */
function sheetsAtHand({ load, shots }: ThreadFacts): readonly Exposure[] {
  const sheets = shots.filter(({ spoilt, tested }) => spoilt == null && tested !== true);
  const [newest] = sheets;
  if (newest === undefined) return [];
  const day = newest.openedAt.slice(0, 10);
  const same = ({ loadId, openedAt }: Exposure): boolean =>
    newest.loadId == null ? loadId == null && openedAt.slice(0, 10) === day : loadId === newest.loadId;
  return sheets.filter((shot) => same(shot) || (load !== null && shot.loadId === load.id));
}

/** Places that wait for a shot, of how many, as the Field has them. */
function placesLeft(
  camera: Camera,
  load: Load | null,
  counts: readonly Count[],
): { readonly left: number; readonly of: number | null } {
  const { medium } = camera.chambers[0].film;
  const held = withOpen(placesHeld(camera, load, medium ?? "", 1), counts);
  // A tray of which none is turned over may as well be empty.
  const unknown = held === null || (load === null && camera.set?.exposed.length === 0);
  return unknown
    ? { left: 0, of: null }
    : { left: held.filter(({ exposureId }) => !exposureId).length, of: held.length };
}
