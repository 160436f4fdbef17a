import fc from "fast-check";
import { type JudgedShot, wantedStops, withoutSurpassed } from "./index.ts";

const KEYS = { camera: "a", medium: "m", light: "sun" } as const;
/** A shot that was used as metered, and wants so many stops more; or at least, or at most, so many. */
const exactly = (stops: number, more: Partial<JudgedShot> = {}): JudgedShot => ({
  meteredSeconds: 8,
  usedSeconds: 8,
  correction: stops,
  ...KEYS,
  ...more,
});
const bound = (stops: number, more: Partial<JudgedShot> = {}): JudgedShot => exactly(stops, { atLeast: true, ...more });

describe("bounds that others have gone past", () => {
  test("“at least two” says nothing beside a shot that wants two and a half, and stays beside one that wants one", () => {
    expect(withoutSurpassed([bound(2), exactly(2.5)])).toEqual([exactly(2.5)]);
    expect(withoutSurpassed([bound(2), exactly(1)])).toEqual([bound(2), exactly(1)]);
  });

  test("“at most two less” is gone past by three less, and not by one less", () => {
    expect(withoutSurpassed([exactly(-3), bound(-2)])).toEqual([exactly(-3)]);
    expect(withoutSurpassed([exactly(-1), bound(-2)])).toEqual([exactly(-1), bound(-2)]);
  });

  test("what a shot wants is against the time that was metered, not against that which it had", () => {
    // Twice as long was given, and it wants a stop and a half more: two and a half in all.
    const longer = exactly(1.5, { usedSeconds: 16 });
    expect(wantedStops(longer)).toBeCloseTo(2.5, 12);
    expect(withoutSurpassed([bound(2), longer])).toEqual([longer]);
    expect(withoutSurpassed([bound(3), longer])).toHaveLength(2);
  });

  test("a bound that others only reach stands, and so does one that stands alone", () => {
    expect(withoutSurpassed([bound(2), exactly(2)])).toHaveLength(2);
    expect(withoutSurpassed([bound(0), exactly(0)])).toHaveLength(2);
    expect(withoutSurpassed([bound(-2)])).toHaveLength(1);
  });

  test.each(["camera", "medium", "light"] as const)("a shot of another %s goes past nothing", (key) => {
    expect(withoutSurpassed([bound(2), exactly(3, { [key]: "other" })])).toHaveLength(2);
  });

  test("a spoilt shot goes past nothing, and stays as it is", () => {
    const spoilt = exactly(3, { spoilt: true });
    expect(withoutSurpassed([bound(2), spoilt])).toEqual([bound(2), spoilt]);
    const spoiltBound = bound(1, { spoilt: true });
    expect(withoutSurpassed([spoiltBound, exactly(2)])).toEqual([spoiltBound, exactly(2)]);
  });

  test("exact shots all stay in their order; of bounds upwards only the highest, of those downwards only the lowest", () => {
    const stops = fc.integer({ min: -12, max: 12 }).map((thirds) => thirds / 3);
    fc.assert(
      fc.property(fc.array(fc.tuple(stops, fc.boolean())), (told) => {
        const shots = told.map(([value, isBound]) => (isBound ? bound(value) : exactly(value)));
        const kept = withoutSurpassed(shots);
        const [most, least] = [Math.max(...told.map(([value]) => value)), Math.min(...told.map(([value]) => value))];
        expect(kept).toEqual(
          shots.filter(({ atLeast, correction }) => !atLeast || correction === (correction >= 0 ? most : least)),
        );
      }),
    );
  });
});
