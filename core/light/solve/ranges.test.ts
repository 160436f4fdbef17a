import { chance } from "../../basis/numeric/chance.ts";
import { parseSolve } from "../../document/index.ts";
import { solve } from "./index.ts";

/** Requests all over the ranges of FORMAT, evenly in the logarithm; both ends are among them. */
function requests(count: number, seed: number): readonly object[] {
  const random = chance(seed);
  const pick = (least: number, most: number): number => {
    const at = random();
    if (at < 0.03) return least;
    if (at > 0.97) return most;
    return Math.min(most, Math.max(least, least * (most / least) ** random()));
  };
  const either = (most: number): number => (random() < 0.5 ? 0 : pick(1e-3, most) * (random() < 0.5 ? -1 : 1));
  return Array.from({ length: count }, () => {
    const diameter = random() < 0.1 ? "best" : pick(0.001, 10);
    const round = random() < 0.5;
    const radius = pick(0.1, 5000);
    return {
      hole: {
        diameter,
        plateThickness: random() < 0.3 ? 0 : pick(1e-4, 100),
        openingDiameter: random() < 0.5 || diameter === "best" ? null : pick(diameter as number, 1000),
        wall: random() < 0.3 ? 0 : pick(1e-4, 100),
        x: either(5000),
        y: either(5000),
      },
      film: {
        distance: pick(0.1, 5000),
        width: round ? pick(0.1, Math.min(5000, 2 * Math.PI * radius)) : pick(0.1, 5000),
        height: pick(0.1, 5000),
        x: either(5000),
        y: either(5000),
        ...(round
          ? { surface: "cylinder", radius, slide: either(5000) }
          : { surface: "flat", tiltX: either(89.999), tiltY: either(89.999) }),
      },
      light: {
        wavelength: pick(200, 2000),
        iso: pick(0.01, 1e6),
        contrast: pick(0.02, 0.95),
        subjectDistance: random() < 0.3 ? null : pick(0.1, 1e9),
      },
    };
  });
}

/** Where an answer holds a number that is none, or `null` where FORMAT has a number. */
function broken(answer: object): readonly string[] {
  const nullable = /^(stopsLost|imageCircle|smallestOpening)/;
  const visit = (value: unknown, path: string): readonly string[] => {
    if (typeof value === "number") return Number.isFinite(value) ? [] : [`${path}: ${value}`];
    if (value === null) return nullable.test(path) ? [] : [`${path}: null`];
    if (typeof value !== "object") return [];
    return Object.entries(value).flatMap(([name, each]) => visit(each, path === "" ? name : `${path}.${name}`));
  };
  return visit(answer, "");
}

test("every request in FORMAT’s ranges is answered, with finite numbers, soon (seeded)", () => {
  let slowest = 0;
  for (const request of requests(Number(process.env.REQUESTS ?? 800), 20)) {
    const parsed = parseSolve(request);
    if (!parsed.ok) throw new Error(JSON.stringify([request, parsed.error]));
    const start = performance.now();
    const answer = solve(parsed.value);
    slowest = Math.max(slowest, performance.now() - start);
    const faults = broken(answer);
    if (faults.length > 0) throw new Error(`${faults.join(", ")} for ${JSON.stringify(request)}`);
  }
  // Four thousand times what the slowest takes on a quiet machine (15 ms): a hang, not a busy machine, is refused.
  expect(slowest).toBeLessThan(60_000);
});

test.each([
  [
    { hole: { diameter: 5e-324 }, film: { distance: 60, width: 100, height: 100 } },
    "/hole/diameter",
    "must be 0.001 or more",
  ],
  [
    { hole: { diameter: 0.3 }, film: { distance: 60, width: 100, height: 1e308 } },
    "/film/height",
    "must be 5000 or less",
  ],
  [
    { hole: { diameter: 0.3, x: 5001 }, film: { distance: 60, width: 100, height: 9 } },
    "/hole/x",
    "must be 5000 or less",
  ],
  [
    { hole: { diameter: 0.3, plateThickness: 101 }, film: { distance: 60, width: 1, height: 9 } },
    "/hole/plateThickness",
    "must be 100 or less",
  ],
  [{ hole: { diameter: 0.3 }, film: { distance: 0.09, width: 1, height: 9 } }, "/film/distance", "must be 0.1 or more"],
  [
    { hole: { diameter: 0.3 }, film: { distance: 60, width: 1, height: 9 }, light: { iso: 0.009 } },
    "/light/iso",
    "must be 0.01 or more",
  ],
  [
    { hole: { diameter: 0.3 }, film: { distance: 60, width: 1, height: 9 }, light: { subjectDistance: 1e10 } },
    "/light/subjectDistance",
    "must be 1000000000 or less",
  ],
])("%j is refused at %s", (request, path, message) => {
  const parsed = parseSolve(request);
  expect(parsed.ok ? [] : parsed.error).toContainEqual({ path, message });
});
