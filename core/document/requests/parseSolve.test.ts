import fc from "fast-check";
import { solve } from "../../light/solve/index.ts";
import { parseSolve } from "../index.ts";

const GOOD = { hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } };

/** The request with one value replaced (or removed, where `value` is undefined). */
function changed(path: string, value: unknown): unknown {
  const copy = structuredClone({ ...GOOD, light: {} }) as Record<string, Record<string, unknown>>;
  const [, group = "", name = ""] = path.split("/");
  const target = name === "" ? (copy as Record<string, unknown>) : copy[group];
  if (target) {
    if (value === undefined) delete target[name || group];
    else target[name || group] = value;
  }
  return copy;
}

describe("requests of POST /api/solve", () => {
  test.each([
    ["/hole/diameter", "0.3", /number from 0.001 to 10, or "best"/],
    ["/hole/diameter", 0, /0.001 or more/],
    ["/hole/diameter", 10.01, /10 or less/],
    ["/hole/diameter", undefined, /required/],
    ["/hole/diameter", null, /number/],
    ["/hole", undefined, /required/],
    ["/film", undefined, /required/],
    ["/film", [], /object/],
    ["/film/distance", undefined, /required/],
    ["/film/distance", 5000.5, /5000 or less/],
    ["/film/distance", -1, /0.1 or more/],
    ["/film/width", 0, /0.1 or more/],
    ["/film/height", "101", /number/],
    ["/film/surface", "sphere", /"flat" or "cylinder"/],
    ["/film/tiltX", 90, /below 90/],
    ["/film/tiltY", -90, /above -90/],
    ["/hole/plateThickness", -0.1, /0 or more/],
    ["/hole/openingDiameter", 0.2, /at least the hole’s diameter, 0.3 mm/],
    ["/hole/openingDiameter", "6", /number or null/],
    ["/hole/wall", -1, /0 or more/],
    ["/light/wavelength", 199, /200 or more/],
    ["/light/wavelength", 2001, /2000 or less/],
    ["/light/contrast", 0.01, /0.02 or more/],
    ["/light/contrast", 0.96, /0.95 or less/],
    ["/light/iso", 0, /0.01 or more/],
    ["/light/subjectDistance", 0, /0.1 or more/],
  ])("%s = %j is refused there, with what is allowed", (path, value, words) => {
    const parsed = parseSolve(changed(path, value));
    expect(parsed.ok).toBe(false);
    if (parsed.ok) return;
    expect(parsed.error.map((fault) => fault.path)).toContain(path);
    expect(parsed.error.find((fault) => fault.path === path)?.message).toMatch(words);
  });

  test("a cylinder needs a radius, can’t lean, and takes a sheet once round at most", () => {
    const film = { surface: "cylinder", distance: 60, width: 100, height: 50 };
    const paths = (more: object): unknown => {
      const parsed = parseSolve({ hole: { diameter: 0.3 }, film: { ...film, ...more } });
      return parsed.ok ? [] : parsed.error.map((fault) => fault.path);
    };
    expect(paths({})).toEqual(["/film/radius"]);
    expect(paths({ radius: 30 })).toEqual([]);
    expect(paths({ radius: 30, tiltX: 1 })).toEqual(["/film/tiltX"]);
    expect(paths({ radius: 30, tiltX: 0 })).toEqual([]);
    expect(paths({ radius: 30, width: 2 * Math.PI * 30 })).toEqual([]);
    expect(paths({ radius: 30, width: 189 })).toEqual(["/film/width"]);
  });

  test("“best” is a diameter too: an opening smaller than it is refused", () => {
    const parsed = parseSolve({ ...GOOD, hole: { diameter: "best", openingDiameter: 0.3 } });
    expect(!parsed.ok && parsed.error).toEqual([
      { path: "/hole/openingDiameter", message: expect.stringMatching(/at least the hole’s diameter, 0\.34/) },
    ]);
    expect(parseSolve({ ...GOOD, hole: { diameter: "best", openingDiameter: 0.35 } }).ok).toBe(true);
  });

  test("unknown fields pass, “best” passes, a missing light passes", () => {
    expect(parseSolve({ ...GOOD, hole: { diameter: "best", colour: "red" }, note: 1 }).ok).toBe(true);
  });

  test("what is accepted is solved to finite numbers or null, whatever the sizes", () => {
    const length = fc.double({ min: 0.1, max: 3000, noNaN: true });
    const place = fc.double({ min: -500, max: 500, noNaN: true });
    const tilt = fc.double({ min: -89, max: 89, noNaN: true });
    fc.assert(
      fc.property(
        fc.record({
          diameter: fc.double({ min: 1e-3, max: 10, noNaN: true }),
          plateThickness: fc.double({ min: 0, max: 5, noNaN: true }),
          wall: fc.double({ min: 0, max: 100, noNaN: true }),
          x: place,
          y: place,
        }),
        fc.record({ distance: length, width: length, height: length, x: place, y: place, tiltX: tilt, tiltY: tilt }),
        fc.record({
          wavelength: fc.double({ min: 200, max: 2000, noNaN: true }),
          contrast: fc.double({ min: 0.02, max: 0.95, noNaN: true }),
          subjectDistance: fc.option(length),
        }),
        fc.boolean(),
        (hole, film, light, round) => {
          const { tiltX: _x, tiltY: _y, ...straight } = film;
          const request = {
            hole: { ...hole, openingDiameter: hole.diameter * 2 },
            film: round ? { ...straight, surface: "cylinder", radius: film.width } : film,
            light,
          };
          const parsed = parseSolve(request);
          expect(parsed.ok).toBe(true);
          if (!parsed.ok) return;
          const result = solve(parsed.value);
          expect(JSON.parse(JSON.stringify(result))).toEqual(result);
          expect(JSON.stringify(result)).not.toMatch(/NaN|Infinity/);
        },
      ),
      { seed: 41, numRuns: 150 },
    );
  });
});
