import fc from "fast-check";
import { mediumById } from "../../catalogue/media.ts";
import { cameraKind, designFaults, pictureRequest, seated } from "../camera/container/index.ts";
import { solve } from "../light/solve/index.ts";
import { testCamera } from "../testing/cameras.ts";
import released from "./fixtures/cameras-v1.json";
import {
  ARCHIVE_FORMAT,
  CAMERA_FORMAT,
  changesBetween,
  migrate,
  parseArchive,
  parseCamera,
  parseExposure,
  withChanges,
} from "./index.ts";

const SHOT = { id: "s1", cameraId: "test", openedAt: "2026-06-13T16:20:00+01:00", seconds: 12 };

describe("camera files", () => {
  test("a camera of every kind is a valid file, and unknown fields survive", () => {
    for (const kind of ["flat-box", "curled-can", "far-wall-tin", "canister"] as const) {
      const file = {
        ...testCamera(kind),
        colour: "green",
        container: { ...testCamera(kind).container, lining: ["felt"] },
      };
      const parsed = parseCamera(JSON.parse(JSON.stringify(file)));
      expect(parsed).toEqual({ ok: true, value: JSON.parse(JSON.stringify(file)) });
    }
  });

  test.each([
    [{ version: 2 }, "/version", /newer Still Box.*reads up to 1/],
    [{ version: 0 }, "/version", /whole number/],
    [{ format: "other" }, "/format", /"still-box\/camera"/],
    [{ name: "" }, "/name", /not be empty/],
    [{ chambers: [] }, "/chambers", /at least 1/],
    [{ set: { count: 9, exposed: [3, 3] } }, "/set/exposed", /not hold the same entry twice/],
    [{ set: { count: 201, exposed: [] } }, "/set/count", /200 or less/],
    [{ id: ".." }, "/id", /without slashes/],
    [{ id: "a/b" }, "/id", /without slashes/],
    [{ id: "\ud800" }, "/id", /without slashes/],
    [
      { measurements: Array.from({ length: 1001 }, () => ({ diameter: 0.3 })) },
      "/measurements",
      /at most 1000 entries/,
    ],
    [{ measurements: [{ diameter: 0 }] }, "/measurements/0/diameter", /above 0/],
    [{ measurements: [{ diameter: 0.3, roughness: -1 }] }, "/measurements/0/roughness", /0 or more/],
    [{ making: { done: "all" } }, "/making/done", /a list/],
    [{ name: "x".repeat(200) }, "/name", /at most 80 characters/],
    [{ container: { shape: "sphere", wall: 1 } }, "/container/shape", /"box" or "cylinder"/],
    [{ container: { shape: "box", wall: 1, width: 1, height: 1 } }, "/container/depth", /required/],
  ])("%j is refused at %s", (change, path, words) => {
    const parsed = parseCamera({ ...testCamera("flat-box"), ...change });
    expect(!parsed.ok && parsed.error.find((fault) => fault.path === path)?.message).toMatch(words);
  });

  test("the rules between fields hold in files too", () => {
    const camera = testCamera("curled-can");
    const [chamber] = camera.chambers;
    const parsed = parseCamera({ ...camera, chambers: [{ ...chamber, film: { ...chamber.film, width: 300 } }] });
    expect(!parsed.ok && parsed.error[0]?.path).toBe("/chambers/0/film/width");
  });

  test.each([null, [], "text", 7])("%j is no camera", (data) => {
    expect(parseCamera(data).ok).toBe(false);
  });
});

describe("migrations", () => {
  test("older data goes step by step to the current version", () => {
    const format = {
      format: "x",
      current: 3,
      migrations: { 1: (d: object) => ({ ...d, a: 1 }), 2: (d: object) => ({ ...d, b: 2 }) },
    };
    expect(migrate({ format: "x", version: 1 }, format)).toEqual({
      ok: true,
      value: { format: "x", version: 3, a: 1, b: 2 },
    });
  });

  test.each([CAMERA_FORMAT, ARCHIVE_FORMAT])(
    "$format: no released version lacks a migration",
    ({ current, migrations }) => {
      for (let version = 1; version < current; version++) expect(migrations[version]).toBeDefined();
    },
  );
});

describe("exposures and archives", () => {
  test("an exposure needs a time with offset and seconds above 0", () => {
    expect(parseExposure(SHOT).ok).toBe(true);
    for (const [change, path] of [
      [{ openedAt: "2026-06-13 16:20" }, "/openedAt"],
      [{ seconds: 0 }, "/seconds"],
      [{ cameraId: undefined }, "/cameraId"],
    ] as const) {
      const parsed = parseExposure(JSON.parse(JSON.stringify({ ...SHOT, ...change })));
      expect(!parsed.ok && parsed.error[0]?.path).toBe(path);
    }
  });

  test("every record is checked, by path; no id stands twice", () => {
    const base = {
      format: "still-box/archive",
      version: 1,
      cameras: [testCamera("canister")],
      exposures: [SHOT],
      sites: [{ id: "x", slope: 3 }],
    };
    expect(parseArchive(base).ok).toBe(true);
    const broken = parseArchive({ ...base, exposures: [SHOT, { ...SHOT, id: "s2", seconds: "long" }] });
    expect(!broken.ok && broken.error[0]?.path).toBe("/exposures/1/seconds");
    const twice = parseArchive({ ...base, exposures: [SHOT, SHOT] });
    expect(!twice.ok && twice.error[0]).toEqual({
      path: "/exposures/1/id",
      message: expect.stringMatching(/“s1” stands there already/),
    });
    expect(parseArchive({ ...base, version: 9 }).ok).toBe(false);
  });
});

describe("changes", () => {
  const json = fc.jsonValue({ maxDepth: 3 });

  test("from one document to another and back, whatever they are", () => {
    const documents = fc.dictionary(fc.constantFrom("a", "b", "c"), json, { maxKeys: 3 });
    fc.assert(
      fc.property(documents, documents, (before, after) => {
        const changes = changesBetween(before, after);
        expect(withChanges(before, changes, "redo")).toEqual(after);
        expect(withChanges(after, changes, "undo")).toEqual(before);
      }),
      { seed: 81, numRuns: 500 },
    );
  });

  test("edits of different fields both survive, whichever comes first", () => {
    const base = { depth: 70, wall: 1, film: { width: 127 } };
    const one = changesBetween(base, { ...base, depth: 90 });
    const two = changesBetween(base, { ...base, film: { width: 120 } });
    expect(withChanges(withChanges(base, one, "redo"), two, "redo")).toEqual({
      depth: 90,
      wall: 1,
      film: { width: 120 },
    });
  });

  test("lists that both changed keep what either brought and lose what either took, also lists that were not there", () => {
    const base = { versions: [{ id: "a" }, { id: "b" }], making: { done: ["opaque"] } };
    const one = changesBetween(base, { versions: [{ id: "b" }, { id: "c" }], making: { done: ["opaque", "hole"] } });
    const now = { versions: [{ id: "a" }, { id: "b" }, { id: "d" }], making: { done: ["trace"] } };
    const both = withChanges(now, one, "redo");
    expect(both).toEqual({ versions: [{ id: "b" }, { id: "d" }, { id: "c" }], making: { done: ["trace", "hole"] } });
    expect(withChanges(both, one, "undo")).toEqual({
      versions: [{ id: "b" }, { id: "d" }, { id: "a" }],
      making: { done: ["trace"] },
    });
    const first = changesBetween({}, { making: { done: ["opaque"], plate: "shim" } });
    expect(withChanges({ making: { done: ["hole"], rim: 60 } }, first, "redo")).toEqual({
      making: { done: ["hole", "opaque"], plate: "shim", rim: 60 },
    });
  });

  test("an entry changed in place is a change of that entry; one of twelve versions each of two tabs are all there", () => {
    const list = [
      { id: "a", n: 1 },
      { id: "b", n: 2 },
    ];
    const changed = changesBetween(
      { list },
      {
        list: [
          { id: "a", n: 1 },
          { id: "b", n: 3 },
        ],
      },
    );
    expect(changed).toEqual([{ path: ["list", "1", "n"], before: 2, after: 3 }]);
    let stored: { versions: readonly { id: string }[] } = { versions: [] };
    for (let i = 0; i < 12; i++) {
      const seen = stored;
      for (const tab of ["x", "y"]) {
        const added = { versions: [...seen.versions, { id: `${tab}${i}` }] };
        stored = withChanges(stored, changesBetween(seen, added), "redo");
      }
    }
    expect(stored.versions).toHaveLength(24);
  });
});

describe("cameras as version 1 saved them in November 2026", () => {
  test.each(released.map((row) => [row.camera.name, row] as const))(
    "%s opens as it was, and reads the same",
    (_, row) => {
      const parsed = parseCamera(row.camera);
      expect(parsed).toEqual({ ok: true, value: row.camera });
      if (!parsed.ok) return;
      const camera = parsed.value;
      expect(cameraKind(camera)).toBe(row.kind);
      expect(designFaults(camera)).toEqual([]);
      expect(seated(camera)).toEqual(camera);
      const { fNumber, resolution, view, fullSunSeconds } = solve(
        pictureRequest(camera, mediumById(camera.chambers[0].film.medium)),
      );
      const readings = { fNumber, resolution, across: view.horizontal, fullSunSeconds };
      for (const [name, value] of Object.entries(row.readings)) {
        expect(readings[name as keyof typeof readings] / value).toBeCloseTo(1, 9);
      }
    },
  );
});
