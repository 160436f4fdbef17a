/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { act, renderHook, waitFor } from "@testing-library/react";
import { recipes } from "../../../../catalogue/recipes.ts";
import { planOf, type Recipe, roomOf } from "../../../../core/darkroom/recipe/index.ts";
import type { Development } from "../../../../core/document/index.ts";
import { theDb } from "../../../../storage/engine/db.ts";
import { listExposures, listRecords, runningDevelopments, saveExposure, useLive } from "../../../../storage/index.ts";
import { forgetClock, pageTime } from "../../../../ui/device/useNow.ts";
import { currentNotices, dismiss } from "../../../../ui/notices/notify.ts";
import { queueSheets } from "../queueSheets.ts";
import { useRuns } from "./useRuns.ts";

const RECIPE = recipes[0] as Recipe;
const PLAN = planOf(RECIPE, 20, 2.2);
const ROOM = roomOf(RECIPE);

let now = 1_780_000_000_000;
beforeEach(() => {
  localStorage.clear();
  forgetClock();
  jest.spyOn(Date, "now").mockImplementation(() => now);
  jest.spyOn(performance, "now").mockImplementation(() => now - 1_000_000);
});
afterEach(async () => {
  jest.restoreAllMocks();
  for (const { id } of await listRecords("developments")) await theDb().table("developments").delete(id);
  for (const { id } of currentNotices()) dismiss(id);
});

async function queued(names: readonly string[], byClock = false): Promise<void> {
  const failed = await queueSheets({
    recipe: RECIPE,
    plan: PLAN,
    celsius: 20,
    q10: 2.2,
    byClock,
    sheets: names.map((name) => ({ id: name, name, exposureIds: name === "shot" ? ["shot"] : [], areaCm2: 129 })),
    postFlashed: names.includes("shot"),
    bottleIds: { developer: null },
  });
  expect(failed).toBeNull();
}

const query = (): Promise<readonly Development[]> => runningDevelopments();

async function mounted() {
  const loaded = await query();
  return renderHook(() => useRuns(useLive(loaded, query).value, ROOM)).result;
}

/** Lets so many seconds pass; the hook looks at the clock by itself. */
async function pass(seconds: number): Promise<void> {
  now += 1000 * seconds;
  await act(async () => {
    await new Promise((resolve) => setTimeout(resolve, 130));
  });
}

test("two sheets overlap: the second waits for its start, each is moved by its own taps, their real times are written", async () => {
  await queued(["one", "two"]);
  const runs = await mounted();
  expect(runs.current.waiting.map(({ sheet }) => sheet)).toEqual(["one", "two"]);
  expect(runs.current.nextIn).toBe(0);
  const [one, two] = runs.current.waiting.map(({ id }) => id) as [string, string];
  act(() => runs.current.start(one));
  await waitFor(() => expect(runs.current.going).toHaveLength(1));
  await pass(10);
  // The developer holds one: the second may go in when the first is out, and a hand is free again.
  expect(runs.current.nextIn).toBeCloseTo(70, 0);
  await pass(60);
  act(() => runs.current.move(one));
  await pass(10);
  expect(runs.current.going[0]?.at).toMatchObject({ step: 1 });
  expect(runs.current.nextIn).toBe(0);
  act(() => runs.current.start(two));
  await pass(20);
  // The stop is over its time and comes first; the bath itself goes on.
  expect(runs.current.going.map(({ development }) => development.sheet)).toEqual(["one", "two"]);
  expect(runs.current.going[0]?.at.left).toBeCloseTo(-10, 0);
  act(() => runs.current.back(one));
  expect(runs.current.going.find(({ development }) => development.id === one)?.at).toMatchObject({ step: 0 });
  await waitFor(async () => expect((await query()).find(({ id }) => id === one)?.movesMs).toEqual([]));
});

test("moved on in both tabs at once it is moved once, in both; the next press of either goes on from there", async () => {
  await queued(["one"]);
  const [one, two] = [await mounted(), await mounted()];
  const [{ id } = { id: "" }] = one.current.waiting;
  act(() => one.current.start(id));
  await waitFor(() => expect(two.current.going).toHaveLength(1));
  await pass(70);
  act(() => {
    one.current.move(id);
    two.current.move(id);
  });
  const steps = () => [one, two].map((tab) => tab.current.going[0]?.at.step);
  await waitFor(async () => expect((await query())[0]?.movesMs).toHaveLength(1));
  await waitFor(() => expect(steps()).toEqual([1, 1]));
  await pass(20);
  act(() => two.current.move(id));
  await waitFor(() => expect(steps()).toEqual([2, 2]));
  expect((await query())[0]?.movesMs).toHaveLength(2);
});

test("the clock set on by an hour while a sheet is in the developer: no bath is over by it, moved by the clock or not", async () => {
  await queued(["one"], true);
  const runs = await mounted();
  const [{ id } = { id: "" }] = runs.current.waiting;
  act(() => runs.current.start(id));
  await pass(5);
  jest.spyOn(performance, "now").mockImplementation(() => now - 3_600_000 - 1_000_000);
  await pass(3600);
  expect(runs.current.going[0]?.at).toMatchObject({ step: 0, elapsed: 5 });
  expect((await query())[0]?.finishedAt ?? null).toBeNull();
  expect(pageTime().jump()).toBe(3_600_000);
  act(() => pageTime().answer(false));
  await pass(4);
  expect(runs.current.going[0]?.at).toMatchObject({ step: 0, elapsed: 9 });
});

test("a sheet that has lain in the wash too long never stands before one in the developer", async () => {
  await queued(["one", "two"]);
  const runs = await mounted();
  const [one, two] = runs.current.waiting.map(({ id }) => id) as [string, string];
  act(() => runs.current.start(one));
  for (const seconds of [75, 20, 120]) {
    await pass(seconds);
    act(() => runs.current.move(one));
  }
  await pass(400);
  act(() => runs.current.start(two));
  await pass(30);
  expect(runs.current.going.map(({ development }) => development.sheet)).toEqual(["two", "one"]);
  expect(runs.current.going[1]?.at.left).toBeLessThan(-100);
});

test("a sheet that is through stands with its shot, with its real times; undone, it is on its way again", async () => {
  const shot = { id: "shot", cameraId: "shed", openedAt: "2026-05-01T10:00:00+01:00", seconds: 9 };
  await saveExposure(shot, { label: "a shot", now: shot.openedAt });
  await queued(["shot"]);
  const runs = await mounted();
  const [{ id } = { id: "" }] = runs.current.waiting;
  act(() => runs.current.start(id));
  for (const seconds of [64, 20, 120, 300]) {
    await pass(seconds);
    act(() => runs.current.move(id));
  }
  await waitFor(async () => expect(await query()).toEqual([]));
  const [developed] = await listRecords("developments");
  expect(developed?.steps.map(({ real }) => Math.round(real ?? 0))).toEqual([64, 20, 120, 300]);
  expect((await listExposures(null))[0]?.developed).toMatchObject({
    developmentId: id,
    recipe: "RC paper in trays",
    seconds: 64,
    celsius: 20,
    postFlashed: true,
  });
  expect(runs.current.going).toEqual([]);
  const undo = currentNotices().find(({ text }) => /is through/.test(text))?.action;
  act(() => undo?.run());
  await waitFor(() => expect(runs.current.going.map(({ at }) => at.now?.bath)).toEqual(["wash"]));
  expect((await listExposures(null))[0]?.developed).toBeNull();
});

test("moved by the clock it goes on while nobody looks, and is through after a night's reload", async () => {
  await queued(["one"], true);
  const runs = await mounted();
  const [{ id } = { id: "" }] = runs.current.waiting;
  act(() => runs.current.start(id));
  await pass(90);
  expect(runs.current.going[0]?.at).toMatchObject({ step: 1 });
  await waitFor(async () => expect((await query())[0]?.startedMs).toBeDefined());
  now += 3_600_000;
  await mounted();
  await waitFor(async () => expect(await query()).toEqual([]));
  const [done] = await listRecords("developments");
  expect(done?.steps.map(({ real }) => Math.round(real ?? 0))).toEqual([75, 20, 120, 300]);
});

test("taken out early, what was done is written; sheets that wait can be forgotten, those in a bath can't", async () => {
  await queued(["one", "two"]);
  const runs = await mounted();
  const [one, two] = runs.current.waiting.map(({ id }) => id) as [string, string];
  act(() => runs.current.start(one));
  await pass(42);
  act(() => runs.current.forget([one, two]));
  expect(runs.current.waiting).toEqual([]);
  expect(runs.current.going).toHaveLength(1);
  act(() => runs.current.end(one));
  await waitFor(async () => expect(await query()).toEqual([]));
  const [done] = await listRecords("developments");
  expect(done?.steps.map(({ real }) => (real === null ? null : Math.round(real)))).toEqual([42, null, null, null]);
});
