import { mediumById } from "../../catalogue/media.ts";
import { lessonOf, mediumFrom, parseArchive, parseRecord, type RecordName } from "./index.ts";

const LOAD = {
  id: "l",
  cameraId: "c",
  at: "2026-05-01T10:00:00+01:00",
  places: [
    { place: "1", medium: "rc-graded", iso: 6 },
    { place: "2", medium: "rc-graded", iso: 6, exposureId: "s" },
  ],
};
const DEVELOPMENT = {
  id: "d",
  recipeId: "trays",
  at: "2026-05-01T19:00:00+01:00",
  exposureIds: ["s"],
  steps: [
    { id: "dev", name: "Developer", bath: "developer", seconds: 60, planned: 66, from: 0, lamp: "red", real: null },
  ],
  startedMs: 1000,
  movesMs: [61_000],
  finishedAt: null,
};
const GOOD: { readonly [N in RecordName]: object } = {
  loads: LOAD,
  meters: { id: "m", name: "My meter", kind: "meter", offset: 1.5 },
  packs: { id: "p", medium: "rc-graded", size: "5×7 in", left: 10 },
  media: { id: "own", name: "Paper from the shed drawer" },
  counts: {
    id: "x",
    cameraId: "c",
    openedMs: 1,
    closedMs: null,
    pauses: [{ fromMs: 2, untilMs: null }],
    targetSeconds: 4,
    medium: "rc-graded",
    iso: 6,
    fNumber: 200,
    light: "Full sun",
    words: { subject: "", note: "" },
  },
  recipes: {
    id: "r",
    name: "Trays",
    medium: "paper",
    steps: [{ id: "dev", name: "Developer", bath: "developer", seconds: 60, most: 90 }],
    room: { developer: 2 },
  },
  developments: DEVELOPMENT,
  bottles: { id: "b", name: "Fixer", chemical: "fixer", water: 4, volumeMl: 500, mixedAt: "2026-05-01T10:00:00+01:00" },
  trails: {
    id: "t",
    cameraId: "c",
    site: { latitude: 52.2, longitude: 0.1, timeZone: "Europe/London", name: "Cold frames" },
    aim: { azimuth: 180 },
    horizon: [[90, 3]],
    from: "2026-12-21",
    to: "2027-06-21",
    up: { at: "2026-12-21T10:00:00+00:00" },
  },
  processing: { id: "x", kind: "strip", at: "2026-05-01T10:00:00+01:00", medium: "rc-graded", times: [1, 2, 4] },
};

test.each(Object.keys(GOOD) as RecordName[])(
  "%s: a good one passes with fields of others; one without its id does not",
  (name) => {
    const record = { ...GOOD[name], "of another program": 1 };
    expect(parseRecord(name, record)).toEqual({ ok: true, value: record });
    const { id: _, ...without } = record as { id?: string };
    expect(parseRecord(name, without)).toMatchObject({ ok: false, error: [{ path: "/id", message: "is required" }] });
    for (const none of [null, undefined, 3, [], "x"]) expect(parseRecord(name, none).ok).toBe(false);
  },
);

test.each<readonly [RecordName, object, string, RegExp]>([
  ["loads", { places: [] }, "/places", /at least 1 entry/],
  ["loads", { at: "yesterday" }, "/at", /written as/],
  ["loads", { places: [LOAD.places[0], LOAD.places[0]] }, "/places/1/place", /“1” is there twice/],
  ["meters", { offset: 21 }, "/offset", /20 or less/],
  ["meters", { kind: "eye" }, "/kind", /"meter" or "photograph" or "practice"/],
  ["packs", { left: -1 }, "/left", /0 or more/],
  ["packs", { left: 2.5 }, "/left", /whole number/],
  ["packs", { iso: 0 }, "/iso", /above 0/],
  ["media", { density: { least: 0.1, most: 0.6, range: 110 } }, "/density/most", /more than 0\.6 above/],
  [
    "media",
    {
      longTime: {
        kind: "table",
        entries: [
          [1, 1],
          [2, 1],
        ],
      },
    },
    "/longTime/entries/1",
    /larger in both/,
  ],
  ["counts", { targetSeconds: 0 }, "/targetSeconds", /above 0/],
  ["recipes", { steps: [{ id: "a", name: "A", bath: "soup", seconds: 60 }] }, "/steps/0/bath", /"developer" or/],
  [
    "recipes",
    { steps: [{ id: "a", name: "A", bath: "stop", seconds: 60, most: 30 }] },
    "/steps/0/most",
    /no less than its seconds/,
  ],
  [
    "recipes",
    {
      steps: [
        { id: "a", name: "A", bath: "stop", seconds: 60 },
        { id: "a", name: "B", bath: "fixer", seconds: 60 },
      ],
    },
    "/steps/1/id",
    /“a” is there twice/,
  ],
  ["recipes", { room: { developer: 0 } }, "/room/developer", /1 or more/],
  ["developments", { movesMs: [500] }, "/movesMs/0", /not be before/],
  ["developments", { movesMs: [61_000, 62_000] }, "/movesMs", /no more than there are steps/],
  ["developments", { steps: [] }, "/steps", /at least 1 entry/],
  ["bottles", { volumeMl: 0 }, "/volumeMl", /above 0/],
  ["bottles", { chemical: "soup" }, "/chemical", /"developer" or "stop" or "fixer"/],
  ["trails", { to: "2026-12-20" }, "/to", /2026-12-21 or later/],
  ["trails", { from: "next spring" }, "/from", /written as/],
  ["trails", { site: { latitude: 91, longitude: 0, timeZone: "UTC" } }, "/site/latitude", /90 or less/],
  [
    "trails",
    {
      horizon: [
        [90, 3],
        [80, 3],
      ],
    },
    "/horizon/1/0",
    /above the azimuth before it/,
  ],
  ["processing", { times: [0] }, "/times/0", /above 0/],
])("%s with %j is refused at %s", (name, change, path, words) => {
  const parsed = parseRecord(name, { ...GOOD[name], ...change });
  expect(!parsed.ok && parsed.error[0]).toEqual({ path, message: expect.stringMatching(words) });
});

test("an archive is refused for a load that is none, at its place", () => {
  const parsed = parseArchive({
    format: "still-box/archive",
    version: 1,
    loads: [LOAD, { ...LOAD, id: "m", places: [LOAD.places[0], LOAD.places[0]] }],
  });
  expect(!parsed.ok && parsed.error).toEqual([
    { path: "/loads/1/places/1/place", message: expect.stringMatching(/twice/) },
  ]);
});

test("a medium of one's own is its class but for what was said of it", () => {
  const graded = mediumById("rc-graded");
  expect(mediumFrom({ id: "own", name: "Shed paper" }, graded)).toEqual({
    ...graded,
    id: "own",
    name: "Shed paper",
    source: "your own",
  });
  const own = {
    id: "own",
    name: "Shed paper",
    iso: 4,
    density: { least: 0.1, most: 1.9, range: 90 },
    longTime: { kind: "power", exponent: 1.2 },
  } as const;
  expect(mediumFrom(own, graded)).toMatchObject({
    iso: 4,
    density: own.density,
    longTime: own.longTime,
    sensitivity: graded.sensitivity,
  });
});

describe("what a shot teaches", () => {
  const SHOT = {
    id: "s",
    cameraId: "c",
    openedAt: "2026-05-01T10:00:00Z",
    seconds: 20,
    fNumber: 226,
    iso: 6,
    ev: 15,
    medium: "m",
    light: "Full sun",
  };
  const judged = { correction: 0.5, by: "words", at: "2026-05-01T20:00:00Z" } as const;

  test("nothing before it is judged, or where nothing is left of its sum", () => {
    expect(lessonOf(SHOT, new Map())).toBeNull();
    expect(lessonOf({ ...SHOT, judged, ev: null }, new Map())).toBeNull();
  });

  test("what was metered, or for shots of earlier versions what their light, f-number and ISO say", () => {
    expect(lessonOf({ ...SHOT, judged }, new Map())?.meteredSeconds).toBeCloseTo((226 ** 2 * 100) / (6 * 2 ** 15), 9);
    const lesson = lessonOf(
      { ...SHOT, judged: { ...judged, sd: 0.4 }, meteredSeconds: 30, lightKey: "sun", spoilt: "moved" },
      new Map([["c", "twin"]]),
    );
    expect(lesson).toMatchObject({
      camera: "twin",
      medium: "m",
      light: "sun",
      meteredSeconds: 30,
      usedSeconds: 20,
      correction: 0.5,
      sd: 0.4,
      spoilt: true,
    });
  });
});

test.each([
  [{ id: "t" }, "/trails/0/site"],
  [{ site: "the shed" }, "/trails/0/site"],
  [{ horizon: "flat" }, "/trails/0/horizon"],
  [{ horizon: [[10, 200]] }, "/trails/0/horizon/0/1"],
] as const)("an archive is refused for a plan of the sun that is none, at its place: %j", (part, path) => {
  const trail = Object.keys(part).join() === "id" ? part : { ...GOOD.trails, ...part };
  const parsed = parseArchive({ format: "still-box/archive", version: 1, trails: [trail] });
  expect(!parsed.ok && parsed.error.map((fault) => fault.path)).toContain(path);
});
