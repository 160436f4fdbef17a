import { nowAndThen } from "./nowAndThen.ts";

test("of ten thousand shares a hundred are told, rising, the last among them and once", () => {
  const told: number[] = [];
  const tell = nowAndThen((share) => told.push(share));
  for (let i = 0; i <= 10_000; i++) tell(i / 10_000);
  tell(1);
  expect(told.length).toBeGreaterThan(90);
  expect(told.length).toBeLessThan(103);
  expect(told).toEqual([...new Set(told)].sort((a, b) => a - b));
  expect([told[0], told.at(-1)]).toEqual([0, 1]);
});
