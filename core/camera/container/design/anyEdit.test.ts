import fc from "fast-check";
import { limitWords } from "../../../../wording/limits.ts";
import { parseCamera } from "../../../document/index.ts";
import { solve } from "../../../light/solve/index.ts";
import { ideal, inMm, PAPER_LIGHT, testCamera } from "../../../testing/cameras.ts";
import type { CameraKind } from "../../kinds/index.ts";
import {
  type Camera,
  cameraBody,
  type DesignField,
  designFaults,
  fieldValue,
  pictureRequest,
  refusal,
  settled,
  withField,
} from "../index.ts";

/** The sizes that a maker can set on each shape. */
const FIELDS: Readonly<Record<string, readonly DesignField[]>> = {
  box: ["container.width", "container.height", "container.depth"],
  round: ["container.diameter", "container.height"],
  any: [
    "container.wall",
    "film.width",
    "film.height",
    "film.y",
    "hole.above",
    "hole.diameter",
    "hole.openingDiameter",
    "hole.measured",
    "hole.plateThickness",
  ],
};
const OWN: Readonly<Partial<Record<CameraKind, readonly DesignField[]>>> = {
  "slanted-box": ["film.tiltX", "film.tiltY"],
  "curved-box": ["film.radius"],
  "stereo-box": ["hole.base", "chamber.divider", "hole.x"],
  "roll-carton": ["roll.gap", "roll.core", "roll.length", "roll.clicks"],
  "folded-box": ["folded.sheet", "folded.paper", "film.distance"],
  drum: ["drum.tiers", "drum.sectors", "drum.gap", "film.distance", "film.radius"],
};

function fieldsOf(kind: CameraKind): readonly DesignField[] {
  const { shape } = testCamera(kind).container;
  const sizes = shape === "box" ? FIELDS.box : shape === "folded" ? [] : FIELDS.round;
  return [...(sizes ?? []), ...(FIELDS.any ?? []), ...(OWN[kind] ?? [])];
}

describe.each([
  "flat-box",
  "slanted-box",
  "curved-box",
  "stereo-box",
  "roll-carton",
  "folded-box",
  "curled-can",
  "lid-can",
  "drum",
] as const)("whatever is done to a %s", (kind) => {
  const fields = fieldsOf(kind);
  const edits = fc.array(
    fc.tuple(
      fc.constantFrom(...fields),
      fc.double({ min: -40, max: 400, noNaN: true }),
      fc.constantFrom(0.3, 0.7, 1.3, 2.5),
    ),
    { minLength: 1, maxLength: 12 },
  );

  /** As the Bench does: a change is made if it is not refused. */
  function edited(start: Camera, list: readonly (readonly [DesignField, number, number])[]): Camera {
    return list.reduce<Camera>((camera, [field, value, factor]) => {
      const before = fieldValue(camera, field) ?? 1;
      // Half of the edits are wild, half are a change of what is there.
      const wanted = value < 150 ? before * factor : value;
      const next = settled(withField(camera, field, wanted), PAPER_LIGHT, ideal);
      return refusal(next, field) === null ? next : camera;
    }, start);
  }

  test("it can be stored, and its readings are finite (seeded)", () => {
    fc.assert(
      fc.property(edits, (list) => {
        const camera = edited(testCamera(kind), list);
        const stored = parseCamera(JSON.parse(JSON.stringify(camera)));
        expect(stored.ok ? [] : stored.error).toEqual([]);
        const result = solve(pictureRequest(camera, PAPER_LIGHT), ideal);
        for (const value of [result.fNumber, result.resolution, result.fullSunSeconds, result.view.horizontal]) {
          expect(Number.isFinite(value)).toBe(true);
        }
        const { depth, across, high } = cameraBody(camera);
        expect(Math.min(depth, across, high)).toBeGreaterThan(0);
      }),
      { seed: 20260501, numRuns: 60 },
    );
  });

  test("what is wrong with it is said in words that name a field", () => {
    fc.assert(
      fc.property(edits, (list) => {
        for (const { field, limit } of designFaults(edited(testCamera(kind), list))) {
          const message = limitWords(limit, inMm);
          expect(field).toMatch(/^[a-z]+\.[a-zA-Z]+$/);
          expect(message).toMatch(/^[A-Z].*\.$/);
          expect(message).not.toMatch(/NaN|undefined|Infinity/);
        }
      }),
      { seed: 7, numRuns: 40 },
    );
  });
});
