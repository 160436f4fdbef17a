import { thistleRow } from "../../../catalogue/demo/thistleRow.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Exposure, Load } from "../../../core/document/index.ts";
import { flatbedOrder } from "./flatbedOrder.ts";

const camera = thistleRow.cameras.find(({ id }) => id === "thistle-biscuit-tin") as Camera;
const shot: Exposure = {
  id: "s",
  cameraId: camera.id,
  openedAt: "2026-06-01T10:00:00Z",
  seconds: 20,
  loadId: "l",
  place: "1",
};
const load = (flashed: boolean): Load => ({
  id: "l",
  cameraId: camera.id,
  at: "2026-06-01T09:00:00Z",
  places: [{ place: "1", medium: "graded-paper", iso: 6, exposureId: "s", flashed }],
});
const developed = (postFlashed: boolean): Exposure => ({
  ...shot,
  developed: { developmentId: "d", at: "2026-06-02T09:00:00Z", recipe: "Paper in trays", seconds: 90, postFlashed },
});

test("the made-up flatbed’s sheet had the flashes that its load and its development tell of", () => {
  const flashes = (of: Exposure | null, loads: readonly Load[]) =>
    flatbedOrder({ camera, shot: of }, loads, "x").request.flashes;
  expect(flashes(null, [load(true)])).toBe(0);
  expect(flashes(shot, [])).toBe(0);
  expect(flashes(shot, [load(false)])).toBe(0);
  expect(flashes(shot, [load(true)])).toBe(1);
  expect(flashes(developed(true), [load(false)])).toBe(1);
  expect(flashes(developed(true), [load(true)])).toBe(2);
  expect(flashes({ ...shot, place: "2" }, [load(true)])).toBe(0);
});

test("the same sheet gives the same scan, exposed by as much as its time was off", () => {
  const plain = flatbedOrder({ camera, shot: null }, [], "x");
  expect(flatbedOrder({ camera, shot: null }, [], "x").seed).toBe(plain.seed);
  expect(flatbedOrder({ camera, shot: null }, [], "y").seed).not.toBe(plain.seed);
  expect(plain.request.stops).toBe(0);
  const long = flatbedOrder({ camera, shot }, [], "x").request.stops ?? 0;
  expect(flatbedOrder({ camera, shot: { ...shot, seconds: 40 } }, [], "x").request.stops).toBeCloseTo(long + 1, 9);
});

test("in a session of practice the sheet is as the light, the paper and the lid truly were", () => {
  const hidden = { ev: 15, meterOffset: 0, paperStops: -1, firstOver: 0, latitude: 0, passes: 0, leaks: true };
  const noted = { ...shot, ev: 12, iso: 6 };
  const plain = flatbedOrder({ camera, shot: { ...noted, ev: 15 } }, [], "x").request.stops ?? 0;
  const untested = { ...camera, lightTests: [] };
  const order = flatbedOrder({ camera: untested, shot: noted }, [], "x", hidden);
  expect(order.request.stops).toBeCloseTo(plain - 1, 6);
  expect(order.leaks).toBe(true);
  expect(flatbedOrder({ camera: untested, shot: noted }, [], "x").leaks).toBe(false);
  const passed = flatbedOrder({ camera, shot: noted }, [], "x", { ...hidden, passes: 10 });
  expect(passed.request).toMatchObject({ walking: true, walkerSpeed: 50 });
  expect(order.request.walking).toBe(false);
  const tight = { ...camera, lightTests: [{ at: "2026-05-31T10:00:00Z", way: "lamp" as const, faults: [] }] };
  expect(flatbedOrder({ camera: tight, shot: noted }, [], "x", hidden).leaks).toBe(false);
});
