import { type SweepOrder, sweeper } from "./sweep.ts";

const CONTROL = { report: () => {}, cancelled: () => false };
const order = (more: Partial<SweepOrder>): SweepOrder => ({
  key: 1,
  across: 100,
  down: 50,
  picture: { width: 2, height: 2, luminance: Float32Array.of(0.5, 0.5, 0.5, 0.5) },
  phone: { width: 200, height: 150, focalLength: 200, centre: [100, 75], k1: 0 },
  pose: { azimuth: 0, elevation: 0, roll: 0 },
  give: false,
  ...more,
});

test("one view fills up picture by picture, and is handed over when it is wanted; another key begins anew", async () => {
  const job = sweeper();
  const run = async (more: Partial<SweepOrder>) => (await job(order(more), CONTROL)).output;
  const first = await run({});
  expect(first.view).toBeNull();
  const second = await run({ pose: { azimuth: 0.5, elevation: 0, roll: 0 }, give: true });
  expect(second.share).toBeGreaterThan(first.share + 0.1);
  expect(second.view?.width).toBe(300);
  expect((second.view?.seen.reduce((sum, each) => sum + each, 0) ?? 0) / (300 * 150)).toBeCloseTo(second.share, 12);
  expect((await run({ key: 2 })).share).toBeCloseTo(first.share, 12);
  // The earlier one is forgotten.
  expect((await run({ key: 1 })).share).toBeCloseTo(first.share, 12);
});
