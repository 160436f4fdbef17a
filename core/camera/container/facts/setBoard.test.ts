import { testCamera } from "../../../testing/cameras.ts";
import { boardOf, setBoard, standingPlaces } from "../index.ts";

test.each([1, 2, 5, 9, 12])("%d on a board: in even rows about its middle, apart, none over its edge", (count) => {
  const across = 31;
  const { width, height, places } = setBoard(count, across);
  expect(places).toHaveLength(count);
  const columns = places.filter(({ y }) => y === places[0]?.y);
  // A full row stands evenly about the middle; the last may be short.
  expect(columns.reduce((sum, { x }) => sum + x, 0)).toBeCloseTo(0, 9);
  expect((places[0]?.y ?? 0) + (places.at(-1)?.y ?? 0)).toBeCloseTo(0, 9);
  for (const [i, { x, y }] of places.entries()) {
    expect(Math.abs(x) + across / 2).toBeLessThan(width / 2);
    expect(Math.abs(y) + across / 2).toBeLessThan(height / 2);
    for (const other of places.slice(i + 1)) expect(Math.hypot(x - other.x, y - other.y)).toBeGreaterThan(across);
  }
});

test("the first stand in front, the next row behind them", () => {
  const { places } = setBoard(9, 31);
  expect(places[0]?.y).toBeGreaterThan(places[3]?.y ?? 0);
  expect(places[0]?.x).toBeLessThan(places[1]?.x ?? 0);
});

test("nine canisters stand on a board; one alone, tins, boxes and what hangs apart do not", () => {
  const nine = { count: 9, exposed: [] };
  const canisters = { ...testCamera("canister"), set: nine };
  expect(boardOf(canisters)?.places).toHaveLength(9);
  expect(standingPlaces(canisters)).toEqual(boardOf(canisters)?.places);
  for (const none of [
    { ...canisters, set: { count: 1, exposed: [] } },
    { ...canisters, purpose: "trail" as const },
    { ...testCamera("far-wall-tin"), set: nine },
    { ...testCamera("flat-box"), set: nine },
  ]) {
    expect(boardOf(none)).toBeNull();
    expect(standingPlaces(none)).toEqual([{ x: 0, y: 0 }]);
  }
});
