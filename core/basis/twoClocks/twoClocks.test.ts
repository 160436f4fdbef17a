import fc from "fast-check";
import { answered, type ClockLook, looked } from "./index.ts";

const BEGIN: ClockLook = { wall: 1_000_000, time: 1_000_000, jump: 0, steady: 0 };
const after = (look: ClockLook, byWall: number, bySteady: number): ClockLook =>
  looked(look, look.wall + byWall, (look.steady ?? 0) + bySteady);

test("an hour of looks at odd times: never off by more than 20 ms, by either clock", () => {
  let look = BEGIN;
  let real = 0;
  for (let tick = 0; real < 3_600_000; tick++) {
    real += 3 + ((tick * 7919) % 1511) / 10;
    look = looked(look, 1_000_000 + Math.round(real), real);
    expect(Math.abs(look.time - 1_000_000 - real)).toBeLessThan(20);
  }
  expect(look.jump).toBe(0);
});

test.each([
  ["asleep for twenty minutes while the steady clock stood", 1_203_000, 3000, 3000, 1_200_000],
  ["set on by an hour", 3_603_000, 3000, 3000, 3_600_000],
  ["set back by an hour", -3_597_000, 3000, 3000, -3_600_000],
  ["a second off, as when clocks are put right", 4000, 3000, 3000, 0],
  ["asleep with a steady clock that went on", 1_203_000, 1_203_000, 1_203_000, 0],
])("%s: only what both counted has passed, and the rest is asked for", (_, byWall, bySteady, passed, jump) => {
  const look = after(BEGIN, byWall, bySteady);
  expect(look.time - BEGIN.time).toBe(passed);
  expect(look.jump).toBe(jump);
});

test("said to have passed, it has; said to be set, it has not; what went back takes nothing away; asked once", () => {
  const slept = after(BEGIN, 1_203_000, 3000);
  expect(answered(slept, true)).toMatchObject({ time: BEGIN.time + 1_203_000, jump: 0 });
  expect(answered(slept, false)).toMatchObject({ time: BEGIN.time + 3000, jump: 0 });
  expect(answered(after(BEGIN, -3_600_000, 3000), true).time).toBe(BEGIN.time + 3000);
  expect(after(answered(slept, false), 1000, 1000).jump).toBe(0);
  // Set on, and put right again before anybody answered: there is nothing to ask.
  expect(after(after(BEGIN, 603_000, 3000), -597_000, 3000).jump).toBe(0);
});

test("after a reload the device’s clock is believed, but nothing goes back", () => {
  const gone: ClockLook = { ...BEGIN, steady: null };
  expect(looked(gone, BEGIN.wall + 40_000, 12)).toEqual({
    wall: 1_040_000,
    time: 1_040_000,
    jump: 0,
    steady: 12,
  });
  const back = looked(gone, BEGIN.wall - 3_600_000, 12);
  expect(back.time).toBe(BEGIN.time);
  expect(after(back, 5000, 5000).time).toBe(BEGIN.time + 5000);
});

test("no order of sleeping, setting, reloading and answering makes time go back, or pass by more than was said (seeded)", () => {
  const event = fc.record({
    kind: fc.constantFrom("wait", "set", "sleep", "reload", "yes", "no"),
    ms: fc.integer({ min: -4_000_000, max: 4_000_000 }),
  });
  fc.assert(
    fc.property(fc.array(event, { maxLength: 60 }), (events) => {
      let look = BEGIN;
      // What surely passed, and the most that may have.
      let [surely, most] = [0, 0];
      for (const { kind, ms } of events) {
        const before = look.time;
        if (kind === "wait") {
          look = after(look, Math.abs(ms), Math.abs(ms));
          surely += look.steady === null ? 0 : Math.abs(ms);
          most += Math.abs(ms);
        } else if (kind === "set") look = after(look, ms, 0);
        else if (kind === "sleep") {
          look = after(look, Math.abs(ms), 0);
          most += Math.abs(ms);
        } else if (kind === "reload") look = { ...look, steady: null };
        else look = answered(look, kind === "yes");
        if (kind === "set" && ms > 0) most += ms;
        expect(look.time).toBeGreaterThanOrEqual(before);
        expect(look.time - BEGIN.time).toBeLessThanOrEqual(most + 1e-6);
        expect(look.time - BEGIN.time).toBeGreaterThanOrEqual(surely - 250 * events.length);
      }
    }),
    { seed: 24, numRuns: 400 },
  );
});
