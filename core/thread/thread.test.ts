import fc from "fast-check";
import type { Camera } from "../camera/container/index.ts";
import type { Count, Exposure, Load, Trail } from "../document/index.ts";
import { testCamera } from "../testing/cameras.ts";
import { type Act, type StationName, type ThreadFacts, threadOf } from "./index.ts";

const bare = (kind: Parameters<typeof testCamera>[0]): Camera => ({ ...testCamera(kind), measurements: [] });
const nothing = (camera: Camera): ThreadFacts => ({
  camera,
  load: null,
  counts: [],
  shots: [],
  running: [],
  negatives: [],
  prints: [],
  trails: [],
});
const MAY_FIRST = "2027-05-01T10:00:00+01:00";
const shot = (id: string, more: Partial<Exposure> = {}): Exposure => ({
  id,
  cameraId: "c",
  openedAt: MAY_FIRST,
  seconds: 60,
  ...more,
});
const load = (places: number, used: readonly string[] = []): Load => ({
  id: "load",
  cameraId: "c",
  at: MAY_FIRST,
  places: Array.from({ length: places }, (_, i) => ({
    place: String(i + 1),
    medium: "rc-graded",
    iso: 6,
    exposureId: used[i] ?? null,
  })),
});
const count = (more: Partial<Count> = {}): Count => ({
  id: "count",
  cameraId: "c",
  openedMs: 0,
  closedMs: null,
  pauses: [],
  targetSeconds: 60,
  medium: "rc-graded",
  iso: 6,
  fNumber: 200,
  light: "Full sun",
  words: { subject: "", note: "" },
  ...more,
});
const trail = (more: Partial<Trail> = {}): Trail => ({
  id: "trail",
  site: { latitude: 52, longitude: 0, timeZone: "Europe/London" },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-06-21",
  ...more,
});
const negative = (of: string) => ({ id: `n-${of}`, exposureId: of, picture: "0".repeat(64), settings: {} as never });
const DEVELOPED = { developmentId: "d", at: MAY_FIRST };
const JUDGED = { correction: 0, by: "scan", at: MAY_FIRST } as const;

/** What a maker does who follows the thread: each act with its record. */
function follow(facts: ThreadFacts, { name, id }: Act): ThreadFacts {
  const { camera } = facts;
  const made = (more: Partial<Camera>): ThreadFacts => ({ ...facts, camera: { ...camera, ...more } });
  const shots = (change: (each: Exposure) => Exposure): ThreadFacts => ({ ...facts, shots: facts.shots.map(change) });
  const onTrail = (more: Partial<Trail>): ThreadFacts => ({
    ...facts,
    trails: [trail({ ...facts.trails[0], ...more })],
  });
  switch (name) {
    case "hole":
      return made({ measurements: [{ diameter: 0.35 }] });
    case "build":
      return made({ making: { done: ["light-test"] } });
    case "test":
    case "leak":
      return made({ lightTests: [{ at: MAY_FIRST, way: "lamp", faults: [] }] });
    case "load":
      return { ...facts, load: load(2) };
    case "expose": {
      const place = facts.load?.places.find(({ exposureId }) => exposureId == null)?.place as string;
      return { ...facts, counts: [count({ place })] };
    }
    case "close":
      return { ...facts, counts: facts.counts.map((each) => ({ ...each, closedMs: 60_000 })) };
    case "log": {
      const { place } = facts.counts[0] as Count;
      const next = `s${facts.shots.length + 1}`;
      const places =
        facts.load?.places.map((each) => (each.place === place ? { ...each, exposureId: next } : each)) ?? [];
      return {
        ...facts,
        counts: [],
        shots: [shot(next, { loadId: "load" }), ...facts.shots],
        load: facts.load && { ...facts.load, places },
      };
    }
    case "develop":
      return { ...facts, running: [{ exposureIds: facts.shots.map((each) => each.id), startedMs: 0 } as never] };
    case "baths":
      return { ...shots((each) => ({ ...each, developed: DEVELOPED })), running: [], load: null };
    case "scan":
      return { ...facts, negatives: [...facts.negatives, negative(id as string)] };
    case "judge":
      return shots((each) => (`n-${each.id}` === id ? { ...each, judged: JUDGED } : each));
    case "print":
      return {
        ...facts,
        negatives: facts.negatives.map((each) => (each.id === id ? { ...each, savedAt: MAY_FIRST } : each)),
      };
    case "plan":
      return { ...facts, trails: [trail()] };
    case "hang":
      return onTrail({ up: { at: MAY_FIRST } });
    case "take-down":
      return onTrail({ down: { at: MAY_FIRST } });
    case "read":
      return onTrail({ reading: { picture: "0".repeat(64) } });
    case "mend":
      throw new Error("a sound design is not mended");
  }
}

/** The acts in the order in which somebody who follows the thread does them. */
function acts(from: ThreadFacts, until: Act["name"]): readonly string[] {
  const done: string[] = [];
  let facts = from;
  for (let step = 0; step < 90; step++) {
    const { next } = threadOf(facts);
    if (next.name === until && done.includes(until)) return done;
    done.push(next.name);
    facts = follow(facts, next);
  }
  throw new Error(`it goes round: ${done.join(", ")}`);
}

test("a box: made, loaded twice over, exposed, through the baths, scanned, judged, printed; then loaded again", () => {
  expect(acts(nothing(bare("flat-box")), "load")).toEqual([
    ...["hole", "build", "test", "load"],
    ...["expose", "close", "log", "expose", "close", "log"],
    ...["develop", "baths", "scan", "scan", "judge", "judge", "print", "print"],
  ]);
});

test("months of sun: made, planned, loaded, hung up, taken down, read; then the next one is planned", () => {
  const can = { ...bare("curled-can"), purpose: "trail" as const };
  expect(acts(nothing(can), "plan")).toEqual(["hole", "build", "test", "plan", "load", "hang", "take-down", "read"]);
});

test("a camera bought whole is not built, and its hole is not asked for", () => {
  const bought = testCamera("bought-box");
  const { stations, next } = threadOf(nothing({ ...bought, measurements: [] }));
  expect(stations.map(({ name }) => name)).not.toContain("built");
  expect(next.name).toBe("test");
});

const stage = (facts: ThreadFacts, name: StationName) => threadOf(facts).stations.find((each) => each.name === name);

test("a tray without a load tells what is left by its numbers; one that nobody began is empty", () => {
  const canisters = bare("canister");
  const used = { ...nothing({ ...canisters, set: { count: 9, exposed: [9, 8] } }), shots: [shot("a")] };
  expect(stage(used, "loaded")).toMatchObject({ reached: "yes", count: 7, of: 9 });
  expect(threadOf(used).next.name).toBe("expose");
  const fresh = nothing({ ...canisters, set: { count: 9, exposed: [] } });
  expect(stage(fresh, "loaded")).toMatchObject({ reached: "no", count: null });
});

test("a hole that is open comes before everything; a leak before the next sheet; an unmeasured hole never holds one up", () => {
  const box = bare("flat-box");
  const leaking = { ...box, lightTests: [{ at: MAY_FIRST, way: "lamp" as const, faults: ["lid"] }] };
  const held = { ...nothing(leaking), load: load(3, ["a"]), shots: [shot("a", { loadId: "load" })] };
  expect(threadOf({ ...held, counts: [count()] }).next).toMatchObject({ name: "close", id: "count" });
  expect(threadOf({ ...held, counts: [count({ closedMs: 5 })] }).next.name).toBe("log");
  expect(threadOf(held).next.name).toBe("leak");
  expect(threadOf({ ...held, camera: box }).next.name).toBe("expose");
  expect(stage({ ...held, camera: box }, "hole")?.reached).toBe("no");
  expect(stage({ ...held, camera: box }, "tight")?.reached).toBe("no");
});

test("a place whose hole is open is not left; what was spoilt or never a sheet does not wait", () => {
  const box = bare("flat-box");
  expect(stage({ ...nothing(box), load: load(3), counts: [count({ place: "2" })] }, "loaded")?.count).toBe(2);
  const shots = [shot("a", { spoilt: "leak" }), shot("b", { tested: true }), shot("c")];
  expect(stage({ ...nothing(box), shots }, "exposed")?.count).toBe(1);
});

test("sheets at hand are those of the newest load, and of the one in the camera; without loads, the newest day's", () => {
  const box = bare("flat-box");
  const shots = [
    shot("new", { loadId: "load" }),
    shot("old", { loadId: "before" }),
    shot("older", { openedAt: "2027-04-01T10:00:00+01:00" }),
  ];
  expect(stage({ ...nothing(box), shots }, "exposed")?.count).toBe(1);
  // A fresh load: those of the one before still wait for the trays.
  const waiting = { ...nothing(box), load: { ...load(1), id: "fresh" }, shots };
  expect(stage(waiting, "developed")?.act).toMatchObject({ name: "develop", sheets: ["new"] });
  const loose = [shot("x"), shot("y"), shot("z", { openedAt: "2027-04-30T23:00:00+01:00" })];
  expect(stage({ ...nothing(box), shots: loose }, "exposed")?.count).toBe(2);
});

test("who judged a sheet by eye has developed it; the oldest that waits is scanned first", () => {
  const box = bare("flat-box");
  const facts = {
    ...nothing(box),
    shots: [shot("a", { developed: DEVELOPED }), shot("b", { developed: DEVELOPED }), shot("c", { judged: JUDGED })],
  };
  expect(stage(facts, "developed")).toMatchObject({ count: 3, reached: "yes" });
  expect(stage(facts, "scanned")).toMatchObject({ count: 0, reached: "no", act: { id: "c", sheets: ["a", "b", "c"] } });
  expect(stage(facts, "printed")?.act).toMatchObject({ sheets: [], id: null });
});

test("two trails: the one that hangs is meant, else the latest", () => {
  const can = { ...bare("curled-can"), purpose: "trail" as const };
  const [early, late] = [trail({ id: "early", up: { at: MAY_FIRST } }), trail({ id: "late", from: "2027-06-21" })];
  expect(threadOf({ ...nothing(can), trails: [late, early] }).next).toMatchObject({ name: "take-down", id: "early" });
  const down = { ...early, down: { at: MAY_FIRST }, reading: { picture: "0" } };
  expect(threadOf({ ...nothing(can), load: load(1), trails: [down, late] }).next).toMatchObject({
    name: "hang",
    id: "late",
  });
});

test("over seeded records: no station has more sheets than the one before it, and following the thread comes round", () => {
  const sheet = fc.record({
    developed: fc.constantFrom(null, DEVELOPED),
    judged: fc.constantFrom(null, JUDGED),
    spoilt: fc.constantFrom(null, null, "leak" as const),
    loadId: fc.constantFrom("load", "before"),
    scanned: fc.boolean(),
    saved: fc.boolean(),
  });
  fc.assert(
    fc.property(
      fc.array(sheet, { maxLength: 6 }),
      fc.integer({ min: 0, max: 4 }),
      fc.boolean(),
      (sheets, places, tight) => {
        const shots = sheets.map(({ developed, judged, spoilt, loadId }, i) =>
          shot(`a${i}`, { developed, judged, spoilt, loadId }),
        );
        const facts: ThreadFacts = {
          ...nothing({ ...bare("flat-box"), lightTests: tight ? [{ at: MAY_FIRST, way: "lamp", faults: [] }] : [] }),
          shots,
          load: places === 0 ? null : load(places),
          negatives: sheets.flatMap(({ scanned, saved }, i) =>
            scanned ? [{ ...negative(`a${i}`), savedAt: saved ? MAY_FIRST : null }] : [],
          ),
        };
        const [exposed, developed, scanned, judged, printed] = threadOf(facts)
          .stations.slice(-5)
          .map(({ count: n }) => n as number) as [number, number, number, number, number];
        expect(exposed).toBeGreaterThanOrEqual(developed);
        expect(developed).toBeGreaterThanOrEqual(Math.max(scanned, judged));
        expect(Math.min(scanned, judged)).toBeGreaterThanOrEqual(printed);
        for (const { act } of threadOf(facts).stations.slice(-3)) {
          expect(act.id === null).toBe(act.sheets.length === 0);
        }
        for (const { act } of threadOf(facts).stations) expect(act.cameraId).toBe(facts.camera.id);
        acts(facts, "load");
      },
    ),
    { seed: 29, numRuns: 300 },
  );
});
