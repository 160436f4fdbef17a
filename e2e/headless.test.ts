import { readdirSync, readFileSync } from "node:fs";
import sharp from "sharp";
import { chance } from "../core/basis/numeric/chance.ts";
import { expose } from "../core/learning/index.ts";
import { solve } from "../core/light/solve/index.ts";
import { scanPlate } from "../core/simulate/flatbed/index.ts";
import { sunAnswer } from "../core/sun/index.ts";
import { CLEAN, ROUND } from "../core/testing/scans.ts";
import { type FrameRequest, frameIn } from "../core/viewfinder/index.ts";
import { saidHoleAnswer } from "../wording/make/holeScanWords.ts";
import { scanToPng, scanToTiff } from "../workers/codecs/write/writeScan.ts";
import { holeInFile } from "../workers/jobs/hole/holeJob.ts";
import { skyTools } from "../workers/jobs/sun/skyTools.ts";
import { asked } from "./support/answers.ts";
import { stage } from "./support/maker.ts";

const { address } = stage(false);

const REQUEST = {
  hole: { diameter: 0.3, plateThickness: 0.1, openingDiameter: 6.35, wall: 1, x: 0, y: 0 },
  film: { surface: "flat", distance: 60, width: 127, height: 101.6, x: 0, y: 0, tiltX: 0, tiltY: 0 },
  light: { wavelength: 550, iso: 6, contrast: 0.2, subjectDistance: null },
} as const;

function post(body: BodyInit): Promise<Response> {
  return asked(`${address()}/api/solve`, { method: "POST", headers: { "Content-Type": "application/json" }, body });
}

describe("POST /api/solve", () => {
  test("answers with the core function’s own numbers", async () => {
    const answer = await post(JSON.stringify(REQUEST));
    expect(answer.status).toBe(200);
    expect(await answer.json()).toEqual(JSON.parse(JSON.stringify(solve(REQUEST))));
  });

  test("bad input is 422 with a JSON Pointer, broken JSON 400, over 1 MiB 413, other methods 405", async () => {
    const bad = await post(JSON.stringify({ ...REQUEST, hole: { diameter: "0.3" } }));
    expect(bad.status).toBe(422);
    expect(await bad.json()).toEqual({
      errors: [{ path: "/hole/diameter", message: expect.stringMatching(/from 0.001 to 10/) }],
    });
    const broken = await post("{");
    expect([broken.status, (await broken.json()).errors[0].path]).toEqual([400, ""]);
    const huge = await post(`{"x":"${"y".repeat(1024 * 1024)}"}`);
    expect([huge.status, (await huge.json()).errors[0].path]).toEqual([413, ""]);
    const get = await asked(`${address()}/api/solve`);
    expect([get.status, get.headers.get("allow")]).toEqual([405, "POST"]);
    expect((await post("null")).status).toBe(422);
    expect((await post("")).status).toBe(400);
  });

  test("a body of just 1 MiB is still read, also when it is sent in pieces without a length", async () => {
    const filler = JSON.stringify({ ...REQUEST, note: "" });
    const whole = JSON.stringify({ ...REQUEST, note: "z".repeat(1024 * 1024 - filler.length) });
    expect(whole).toHaveLength(1024 * 1024);
    expect((await post(whole)).status).toBe(200);
    const pieces = new ReadableStream({
      start(controller) {
        for (let i = 0; i < 3; i++) controller.enqueue(new TextEncoder().encode("y".repeat(512 * 1024)));
        controller.close();
      },
    });
    const answer = await asked(`${address()}/api/solve`, {
      method: "POST",
      body: pieces,
      duplex: "half",
    } as RequestInit);
    expect(answer.status).toBe(413);
  });

  test("every schema there is is served", async () => {
    const names = readdirSync("core/document/schemas");
    expect(names.length).toBeGreaterThan(30);
    for (const name of names) {
      const answer = await fetch(`${address()}/schema/${name}`);
      expect([name, answer.status]).toEqual([name, 200]);
      expect((await answer.json()).$id).toBe(name);
    }
    for (const name of ["other.schema.json", "constructor", "toString", "valueOf.json"]) {
      expect((await fetch(`${address()}/schema/${name}`)).status).toBe(404);
    }
  });
});

describe("POST /api/frame", () => {
  const ask = {
    hole: { diameter: 0.3 },
    film: { surface: "flat", distance: 60, width: 127, height: 101.6 },
    phone: { width: 1920, height: 1080, focalLength: 1500, centre: [960, 540], k1: 0 },
    pose: { azimuth: 5, elevation: -2, roll: 0 },
    offset: [0, 60, 0],
    subjectDistance: null,
    points: 16,
  };
  const frameAt = (body: unknown): Promise<Response> =>
    asked(`${address()}/api/frame`, { method: "POST", body: JSON.stringify(body) });

  test("FORMAT's example is the core's own answer; faults have their place", async () => {
    const answer = await frameAt(ask);
    expect(answer.status).toBe(200);
    expect(await answer.json()).toEqual(frameIn(ask as unknown as FrameRequest));
    const bad = await frameAt({
      ...ask,
      phone: { ...ask.phone, width: 15, focalLength: 0, k1: 0.6, centre: [1] },
      pose: { elevation: 91 },
      offset: [0, 0, 10_001],
      subjectDistance: 0,
      points: 257,
    });
    expect(bad.status).toBe(422);
    const { errors } = (await bad.json()) as { errors: { path: string }[] };
    expect(errors.map(({ path }) => path).sort()).toEqual([
      "/offset/2",
      "/phone/centre",
      "/phone/focalLength",
      "/phone/k1",
      "/phone/width",
      "/points",
      "/pose/elevation",
      "/subjectDistance",
    ]);
    const tilted = await frameAt({ ...ask, film: { ...ask.film, surface: "cylinder", radius: 33, tiltX: 3 } });
    expect(tilted.status).toBe(422);
    expect((await asked(`${address()}/api/frame`)).status).toBe(405);
    expect((await fetch(`${address()}/schema/frame.schema.json`)).status).toBe(200);
  });
});

describe("POST /api/expose", () => {
  const ask = {
    fNumber: 226,
    iso: 6,
    light: { ev: 15 },
    keys: { camera: "a" },
    judged: [{ camera: "a", meteredSeconds: 26, usedSeconds: 20, correction: 0.7 }],
  };
  const exposeAt = (body: unknown): Promise<Response> =>
    asked(`${address()}/api/expose`, { method: "POST", body: JSON.stringify(body) });

  test("answers with the core function’s own numbers; bad input is 422 with a JSON Pointer", async () => {
    const answer = await exposeAt(ask);
    const own = expose(ask);
    expect([answer.status, await answer.json()]).toEqual([200, own.ok && JSON.parse(JSON.stringify(own.value))]);
    const bad = await exposeAt({ ...ask, light: { ev: 31 } });
    expect([bad.status, await bad.json()]).toEqual([
      422,
      { errors: [{ path: "/light/ev", message: "must be 30 or less" }] },
    ]);
    expect((await asked(`${address()}/api/expose`)).status).toBe(405);
    expect((await fetch(`${address()}/schema/expose.schema.json`)).status).toBe(200);
  });
});

describe("POST /api/sun", () => {
  // FORMAT's own example.
  const ask = {
    site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
    hole: { diameter: 0.4 },
    film: { surface: "cylinder", radius: 33, distance: 66, width: 177.8, height: 127 },
    aim: { azimuth: 180, elevation: 0, roll: 0 },
    from: "2026-12-21",
    to: "2027-06-21",
    everyDays: 7,
    stepSeconds: 300,
    horizon: [
      [90, 3],
      [180, 8],
      [270, 4],
    ] as [number, number][],
  } as const;
  const sunAt = (body: unknown): Promise<Response> =>
    asked(`${address()}/api/sun`, { method: "POST", body: JSON.stringify(body) });

  test("answers with the core function’s own numbers; bad input is 422 with a JSON Pointer", async () => {
    const answer = await sunAt(ask);
    const fan = await answer.json();
    expect([answer.status, fan]).toEqual([200, JSON.parse(JSON.stringify(sunAnswer(ask, skyTools)))]);
    expect([fan.days.length, fan.days[0].date, fan.days[26].date]).toEqual([27, "2026-12-21", "2027-06-21"]);
    expect(fan.summary.noonsOff).toContain("2027-06-21");
    const bad = await sunAt({ ...ask, site: { ...ask.site, timeZone: "Thistle/Row" } });
    expect([bad.status, (await bad.json()).errors[0].path]).toEqual([422, "/site/timeZone"]);
    expect((await sunAt("no")).status).toBe(422);
    expect((await asked(`${address()}/api/sun`)).status).toBe(405);
    expect((await fetch(`${address()}/schema/sun.schema.json`)).status).toBe(200);
  });
});

describe("POST /api/hole", () => {
  const picture = scanPlate({ ...ROUND, diameter: 0.31 }, CLEAN, chance(8));
  const ask = (body: BodyInit, query = "", type = "image/tiff") =>
    asked(`${address()}/api/hole${query}`, { method: "POST", headers: { "Content-Type": type }, body });

  test("a TIFF with its own resolution: FORMAT’s fields, the core function’s own numbers", async () => {
    const bytes = scanToTiff(picture, 4800);
    const answer = await ask(bytes);
    expect(answer.status).toBe(200);
    const direct = await holeInFile({ bytes, dpi: null, at: null });
    const measured = await answer.json();
    expect(measured).toEqual(
      JSON.parse(JSON.stringify(direct.ok && direct.value.answer && saidHoleAnswer(direct.value.answer))),
    );
    expect(measured.diameter).toBeCloseTo(0.31, 2);
    expect(measured.pixel).toBeCloseTo(25.4 / 4800, 9);
    expect(Object.keys(measured).sort()).toEqual(
      "axisRatio centre circularity debris diameter feretGreatest feretLeast pixel roughness uncertainty warnings".split(
        " ",
      ),
    );
  });

  test("a PNG with dpi in the query, and a place", async () => {
    const answer = await ask(scanToPng(picture, 1200), "?dpi=4800&x=120&y=117", "image/png");
    expect((await answer.json()).diameter).toBeCloseTo(0.31, 2);
  });

  test.each([
    ["no picture", "hello", "", /not a PNG, TIFF or JPEG/, ""],
    ["dpi that is no number", scanToTiff(picture, 4800), "?dpi=fine", /number from 10/, "/dpi"],
    ["x without y", scanToTiff(picture, 4800), "?x=4", /together/, "/x"],
    ["a place beside it", scanToTiff(picture, 4800), "?x=10&y=10", /no hole at this place/, ""],
  ])("%s: 422 with the reason", async (_name, body, query, words, path) => {
    const answer = await ask(body, query);
    expect(answer.status).toBe(422);
    expect((await answer.json()).errors).toEqual([{ path, message: expect.stringMatching(words) }]);
  });

  test("no resolution anywhere: 422; other methods: 405", async () => {
    const raw = await sharp(Buffer.from(picture.samples.map((value) => value >> 8)), {
      raw: { width: 240, height: 240, channels: 1 },
    })
      .png()
      .toBuffer();
    expect((await ask(Uint8Array.from(raw), "", "image/png")).status).toBe(422);
    expect((await asked(`${address()}/api/hole`)).status).toBe(405);
  });
});

test("the licences of all that is shipped stand in one file, each package of ours named", async () => {
  const answer = await fetch(`${address()}/licences.txt`);
  expect(answer.headers.get("Content-Type")).toMatch(/^text\/plain/);
  const text = await answer.text();
  const { dependencies } = JSON.parse(readFileSync("package.json", "utf8")) as { dependencies: object };
  for (const name of [...Object.keys(dependencies), "workbox-precaching", "tailwindcss"])
    expect(text).toContain(`\n${name} `);
  expect(text).toMatch(/SIL OPEN FONT LICENSE[\s\S]*Apache License/);
});
