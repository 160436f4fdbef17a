import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { planOf, type Recipe } from "../darkroom/recipe/index.ts";
import { surfaceOf } from "../light/solve/index.ts";
import type { SunRequest } from "../sun/index.ts";
import { ideal, inMm, PAPER_LIGHT, testCamera } from "./cameras.ts";
import { cutOrderFor } from "./cutOrders.ts";
import { planCatalogue } from "./plans.ts";
import { CLEAN, ROUND } from "./scans.ts";

const TWO_BATHS: Recipe = {
  id: "two",
  name: "Two baths",
  medium: "paper",
  source: "",
  steps: [
    { id: "dev", name: "Developer", bath: "developer", seconds: 60 },
    { id: "stop", name: "Stop", bath: "stop", seconds: 15 },
  ],
};

/** What examples may speak of: cameras of some kinds, paper’s light, a plate and its scanner, words. */
const CONTEXT = {
  box: testCamera("flat-box"),
  can: testCamera("curled-can"),
  drum: testCamera("drum"),
  pair: testCamera("stereo-box"),
  paper: PAPER_LIGHT,
  /** A flat sheet 60 mm from the hole. */
  flatAt60: surfaceOf({ distance: 60, width: 127, height: 101.6 }),
  /** A round hole, and a scanner without noise. */
  plate: ROUND,
  scanner: CLEAN,
  /** Two baths: a minute in the developer, a quarter in the stop. */
  plan: planOf(TWO_BATHS, 20, 2.2),
  /** A can that looks south at 52° N. */
  sunPlan: {
    site: { latitude: 52.2, longitude: 0.1, timeZone: "Europe/London" },
    hole: { diameter: 0.4 },
    film: { surface: "cylinder", radius: 33, distance: 66, width: 177.8, height: 127 },
    aim: { azimuth: 180 },
    from: "2026-12-21",
    to: "2027-06-21",
  } satisfies SunRequest,
  ideal,
  inMm,
  cutOrderFor,
  planCatalogue,
};

function filesIn(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return entry.name === "generated" || entry.name === "testing" ? [] : filesIn(path);
    return /(?<!\.test|index)\.ts$/.test(entry.name) ? [path] : [];
  });
}

/** An example is `code // what it gives`; what can’t be written as data (“about 60”) is for readers only. */
const EXAMPLE = /^ \* @example (.+?) \/\/ (.+)$/gm;

interface Example {
  readonly file: string;
  readonly code: string;
  readonly gives: string;
}

const EXAMPLES: readonly Example[] = filesIn(join(__dirname, "..")).flatMap((file) =>
  [...readFileSync(file, "utf8").matchAll(EXAMPLE)].map(([, code = "", gives = ""]) => ({ file, code, gives })),
);

/** All that the core’s rooms offer by name. */
const ROOMS: Readonly<Record<string, unknown>> = Object.assign(
  {},
  ...filesIn(join(__dirname, "..")).flatMap((file) => (/generated/.test(file) ? [] : [jest.requireActual(file)])),
);

/** A value that stands in a comment, its numbers good to the figures that are told; `19.95…` tells the first ones. */
function told(gives: string): unknown {
  const begun = /^(-?[\d.]+)…$/.exec(gives);
  if (begun) {
    const unit = 10 ** -((begun[1] ?? "").split(".")[1]?.length ?? 0);
    return expect.closeTo(Number(begun[1]) + unit / 2, -Math.log10(unit));
  }
  return near(new Function(`return (${gives});`)());
}

function near(value: unknown): unknown {
  if (typeof value === "number") return expect.closeTo(value, 9);
  if (Array.isArray(value)) return value.map(near);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, near(each)]));
}

const RUN = EXAMPLES.filter(
  ({ code, gives }) =>
    !code.includes("…") && /^(-?[\d.]+…?|true|false|null|".*"|\[.*\]|\{[^…]*\})$/.test(gives) && !/…./.test(gives),
);

test("most examples can be tried", () => expect(RUN.length).toBeGreaterThan(0.75 * EXAMPLES.length));

test.each(RUN.map((each) => [each.code, each] as const))("%s", (_, { file, code, gives }) => {
  const scope: Readonly<Record<string, unknown>> = { ...ROOMS, ...CONTEXT, ...jest.requireActual(file) };
  const value: unknown = new Function(...Object.keys(scope), `return ${code};`)(...Object.values(scope));
  expect(value).toEqual(told(gives));
});
