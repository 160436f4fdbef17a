import { inTenMinutes } from "./useBattery.ts";

const MINUTE = 60_000;

test.each([
  ["3 % in five minutes are 6 % in ten", 5, 0.03, 0.06],
  ["2 % in twenty minutes are 1 % in ten", 20, 0.02, 0.01],
  ["too short to say", 2, 0.03, null],
  ["a whole percent may be a rounding", 9, 0.01, null],
  ["charged meanwhile", 9, -0.05, null],
] as const)("%s", (_, minutes, gone, said) => {
  const share = inTenMinutes({ at: 0, level: 0.8 }, { at: minutes * MINUTE, level: 0.8 - gone });
  if (said === null) expect(share).toBeNull();
  else expect(share).toBeCloseTo(said, 9);
});
