import Ajv, { type ValidateFunction } from "ajv/dist/2020.js";
import { chance } from "../core/basis/numeric/chance.ts";
import { parseSolve } from "../core/document/index.ts";
import exposeSchema from "../core/document/schemas/expose-answer.schema.json";
import frameSchema from "../core/document/schemas/frame-answer.schema.json";
import solveSchema from "../core/document/schemas/solve-answer.schema.json";
import sunSchema from "../core/document/schemas/sun-answer.schema.json";
import { expose } from "../core/learning/index.ts";
import { solve } from "../core/light/solve/index.ts";
import { sunAnswer } from "../core/sun/index.ts";
import { type FrameRequest, frameIn } from "../core/viewfinder/index.ts";
import { skyTools } from "../workers/jobs/sun/skyTools.ts";

const ajv = new Ajv({ allErrors: true, allowUnionTypes: true });

/** What a schema says against an answer as it is sent. */
function against(valid: ValidateFunction, answer: unknown): unknown {
  return valid(JSON.parse(JSON.stringify(answer))) ? [] : valid.errors;
}

test("answers of /api/solve over all kinds of sheet (seeded)", () => {
  const valid = ajv.compile(solveSchema);
  const random = chance(31);
  const between = (least: number, most: number): number => least * (most / least) ** random();
  for (let i = 0; i < 300; i++) {
    const radius = between(1, 900);
    const film =
      random() < 0.5
        ? {
            surface: "flat",
            distance: between(1, 2000),
            width: between(1, 2000),
            height: between(1, 2000),
            tiltX: random() < 0.3 ? 60 * random() : 0,
          }
        : {
            surface: "cylinder",
            radius,
            distance: radius * (1 + random()),
            width: radius * 6 * random() + 0.1,
            height: between(1, 500),
          };
    const hole = {
      diameter: random() < 0.3 ? "best" : between(0.01, 3),
      plateThickness: random() < 0.5 ? random() : 0,
      openingDiameter: random() < 0.5 ? 900 : null,
    };
    const parsed = parseSolve({ hole, film });
    if (!parsed.ok) throw new Error(JSON.stringify([hole, film, parsed.error]));
    expect([hole, film, against(valid, solve(parsed.value))]).toEqual([hole, film, []]);
  }
});

test("answers of /api/expose, /api/sun and /api/frame to FORMAT's examples", () => {
  const exposed = expose({
    fNumber: 226,
    iso: 6,
    light: { ev: 15 },
    keys: { camera: "a" },
    judged: [{ camera: "a", meteredSeconds: 26, usedSeconds: 20, correction: 0.7 }],
  });
  expect(exposed.ok && against(ajv.compile(exposeSchema), exposed.value)).toEqual([]);
  const film = { surface: "cylinder", radius: 33, distance: 66, width: 177.8, height: 127 } as const;
  const site = { latitude: 68, longitude: 20, height: 20, timeZone: "Europe/Stockholm" };
  const fan = sunAnswer(
    {
      site,
      hole: { diameter: 0.4 },
      film,
      aim: { azimuth: 180, elevation: 0, roll: 0 },
      from: "2026-12-01",
      to: "2027-07-01",
      everyDays: 9,
      stepSeconds: 600,
      horizon: [
        [90, 3],
        [180, 8],
      ],
    },
    skyTools,
  );
  expect(against(ajv.compile(sunSchema), fan)).toEqual([]);
  const valid = ajv.compile(frameSchema);
  for (const azimuth of [0, 70, 180]) {
    const ask = {
      hole: { diameter: 0.3 },
      film,
      phone: { width: 1920, height: 1080, focalLength: 1500 },
      pose: { azimuth, elevation: 0, roll: 0 },
    };
    expect(against(valid, frameIn(ask as unknown as FrameRequest))).toEqual([]);
  }
});

test("a schema refuses what is no answer: a field too few, one too many, a number that is none", () => {
  const valid = ajv.compile(solveSchema);
  const answer = solve({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } });
  const { fNumber: _fNumber, ...less } = answer;
  for (const wrong of [
    less,
    { ...answer, more: 1 },
    { ...answer, resolution: null },
    { ...answer, view: { ...answer.view, diagonal: Number.NaN } },
  ])
    expect(against(valid, wrong)).not.toEqual([]);
});
