/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { act, cleanup, renderHook, waitFor } from "@testing-library/react/pure";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Negative, Trail } from "../../core/document/index.ts";
import { testCamera } from "../../core/testing/cameras.ts";
import { theDb } from "../../storage/engine/db.ts";
import { editRecord, getEdited, removeEdited, saveNegatives, saveRecord } from "../../storage/index.ts";
import { currentNotices } from "../notices/notify.ts";
import { useRecordEdits } from "./useRecordEdits.ts";
import { useUndo } from "./useUndo.ts";

const NOW = "2026-05-01T10:00:00Z";
const NEGATIVE: Negative = {
  id: "n",
  picture: "a".repeat(64),
  settings: { medium: { least: 0, most: 2, range: 110, iso: 6 }, sheet: { width: 1, height: 1 } },
};
const TRAIL: Trail = {
  id: "t",
  site: { latitude: 52, longitude: 0, timeZone: "Europe/London" },
  aim: { azimuth: 180, elevation: 10 },
  from: "2026-06-21",
  to: "2026-12-21",
};
const white = (value: number) => (before: Negative) => ({ ...before, settings: { ...before.settings, white: value } });
const there = async (): Promise<Negative> => {
  const found = await getEdited("negatives", "n");
  if (!found.ok) throw new Error(found.error.message);
  return found.value;
};
/** What was made or changed, without when. */
const bare = ({ updatedAt: _, ...record }: Negative): Negative => record;

beforeEach(async () => {
  for (const table of ["cameras", "negatives", "trails", "edits", "notes"]) await theDb().table(table).clear();
  await saveNegatives([NEGATIVE]);
  await saveRecord("trails", TRAIL);
});
afterEach(cleanup);

describe("a record while it is changed", () => {
  test("edits of one moment add up; each press is a step of its own, a stroke one; undo reaches over a reload", async () => {
    const { result, unmount } = renderHook(() => useRecordEdits("negatives", NEGATIVE));
    act(() => {
      result.current.edit(white(0.5));
      result.current.edit((before) => ({ ...before, name: "both" }));
    });
    expect(result.current.record).toMatchObject({ name: "both", settings: { white: 0.5 } });
    act(() => {
      result.current.edit(white(0.6), "drag 1");
      result.current.edit(white(0.7), "drag 1");
    });
    await waitFor(async () => expect((await there()).settings.white).toBe(0.7));
    await waitFor(async () => expect(await theDb().edits.count()).toBe(3));
    unmount();
    const again = renderHook(() => useRecordEdits("negatives", NEGATIVE));
    for (const [name, light] of [
      ["both", 0.5],
      [undefined, 0.5],
      [undefined, undefined],
    ] as const) {
      await waitFor(() => expect(again.result.current.undo).not.toBeNull());
      act(() => again.result.current.undo?.());
      await waitFor(() => expect(again.result.current.record.settings.white).toBe(light));
      await waitFor(() => expect(again.result.current.record.name).toBe(name));
    }
    expect(bare(again.result.current.record)).toEqual(NEGATIVE);
    await waitFor(() => expect(again.result.current.undo).toBeNull());
    act(() => again.result.current.redo?.());
    await waitFor(() => expect(again.result.current.record.settings.white).toBe(0.5));
  });

  test("a slow drag is stored while it still moves, and noted in the database before", async () => {
    const { result } = renderHook(() => useRecordEdits("negatives", NEGATIVE));
    act(() => result.current.edit(white(0.4), "drag"));
    await waitFor(async () => expect(await theDb().notes.count()).toBe(1));
    // The hand never rests for a quarter of a second.
    for (let i = 0; i < 8; i++) {
      act(() => result.current.edit(white(0.41 + i / 100), "drag"));
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
    expect((await there()).settings.white).toBeGreaterThan(0.4);
    await waitFor(async () => expect(await theDb().edits.count()).toBe(1));
  });

  test("two tabs on one plan: each keeps what it did, and Undo in one takes back its own alone", async () => {
    const one = renderHook(() => useRecordEdits("trails", TRAIL));
    act(() => one.result.current.edit((before) => ({ ...before, aim: { ...before.aim, azimuth: 200 } })));
    await waitFor(async () => expect(await theDb().edits.count()).toBe(1));
    const two = renderHook(() => useRecordEdits("trails", TRAIL));
    await waitFor(() => expect(two.result.current.record.aim.azimuth).toBe(200));
    act(() => two.result.current.edit((before) => ({ ...before, aim: { ...before.aim, elevation: 30 } })));
    await waitFor(() => expect(one.result.current.record.aim).toEqual({ azimuth: 200, elevation: 30 }));
    act(() => two.result.current.undo?.());
    await waitFor(() => expect(one.result.current.record.aim).toEqual({ azimuth: 200, elevation: 10 }));
    await waitFor(() => expect(two.result.current.record.aim).toEqual({ azimuth: 200, elevation: 10 }));
  });

  test("put away elsewhere while it is edited: it asks, and brings it back as it is here", async () => {
    const { result } = renderHook(() => useRecordEdits("negatives", NEGATIVE));
    await removeEdited("negatives", "n", "put away", NOW);
    act(() => result.current.edit(white(0.3)));
    await waitFor(async () => expect(await theDb().notes.count()).toBe(1));
    await waitFor(() => {
      act(() => result.current.edit(white(0.31)));
      expect(currentNotices().some(({ text }) => /deleted in another tab/.test(text))).toBe(true);
    });
    expect(await theDb().table("negatives").count()).toBe(0);
    const notice = currentNotices().find(({ text }) => /deleted in another tab/.test(text));
    act(() => notice?.action?.run());
    await waitFor(async () => expect((await there()).settings.white).toBe(0.31));
  });

  test("another record takes the place of the one in hand at once", () => {
    const { result, rerender } = renderHook(({ now }) => useRecordEdits("negatives", now), {
      initialProps: { now: NEGATIVE },
    });
    act(() => result.current.edit(white(0.5)));
    rerender({ now: { ...NEGATIVE, id: "other" } });
    expect(result.current.record).toEqual({ ...NEGATIVE, id: "other" });
  });
});

test("a page of two records has one Undo, in the order of the hand; what other pages did to the second stays", async () => {
  const camera: Camera = { ...testCamera("flat-box"), id: "shed" };
  await theDb().cameras.put(camera);
  const set = (label: string, wall: number, before: number) =>
    editRecord("cameras", "shed", { label, changes: [{ path: ["container", "wall"], before, after: wall }] }, NOW);
  await set("wall", 3, camera.container.wall);
  const page = renderHook(() => {
    const trail = useRecordEdits("trails", TRAIL);
    const of = { name: "cameras" as const, recordId: "shed", labels: ["hole height"] };
    const other = { ...of, flush: async () => {}, arrives: () => {}, pending: false };
    return { ...trail, ...useUndo([trail.undoable, other]) };
  });
  act(() => page.result.current.edit((before) => ({ ...before, aim: { ...before.aim, azimuth: 190 } })));
  await waitFor(async () => expect(await theDb().edits.count()).toBe(2));
  await set("hole height", 4, 3);
  const wall = async (): Promise<number> => ((await theDb().cameras.get("shed")) as Camera).container.wall;
  await waitFor(() => expect(page.result.current.undo).not.toBeNull());
  act(() => page.result.current.undo?.());
  await waitFor(async () => expect(await wall()).toBe(3));
  expect(page.result.current.record.aim.azimuth).toBe(190);
  act(() => page.result.current.undo?.());
  await waitFor(() => expect(page.result.current.record.aim.azimuth).toBe(180));
  await waitFor(() => expect(page.result.current.undo).toBeNull());
  expect(await wall()).toBe(3);
});
