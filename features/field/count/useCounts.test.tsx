/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { act, renderHook, waitFor } from "@testing-library/react";
import type { Count } from "../../../core/document/index.ts";
import { theDb } from "../../../storage/engine/db.ts";
import { listRecords, saveRecord } from "../../../storage/index.ts";
import { forgetClock, pageTime } from "../../../ui/device/useNow.ts";
import { currentNotices } from "../../../ui/notices/notify.ts";
import { type CountNow, useCounts } from "./useCounts.ts";

const RECKONED = {
  cameraId: "shed",
  targetSeconds: 26,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  ev: 15,
  light: "Full sun",
  words: { subject: "", note: "" },
};

function counted(id: string, more: Partial<Count>): Count {
  return { ...RECKONED, id, openedMs: Date.now(), closedMs: null, pauses: [], ...more };
}

const storedCounts = (): Promise<readonly Count[]> => listRecords("counts");

beforeEach(() => {
  localStorage.clear();
  forgetClock();
});
afterEach(async () => {
  jest.restoreAllMocks();
  for (const { id } of await storedCounts()) await theDb().counts.delete(id);
});

function mounted(loaded: readonly Count[] = []) {
  const { result } = renderHook(() => useCounts(loaded));
  const only = (): CountNow => {
    const [now, ...others] = result.current.counts;
    if (now === undefined || others.length > 0) throw new Error(`${result.current.counts.length} counts`);
    return now;
  };
  return { result, only };
}

test("opens, is stored while it is open, closes with the time it was really open, and is over when it is logged", async () => {
  const { result, only } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
  expect(only().openMs).toBeLessThan(5000);
  await waitFor(async () => expect(await storedCounts()).toMatchObject([{ id: "one", closedMs: null }]));
  act(() => result.current.close("one"));
  const { count, openMs, doubtMs } = only();
  expect(doubtMs).toBeNull();
  expect(Math.abs(openMs - ((count.closedMs ?? 0) - count.openedMs))).toBeLessThan(2000);
  await waitFor(async () => expect(await storedCounts()).toMatchObject([{ id: "one", closedMs: count.closedMs }]));
  act(() => result.current.done("one"));
  expect(result.current.counts).toEqual([]);
  await waitFor(async () => expect(await storedCounts()).toEqual([]));
});

test("goes on after a reload from the moment of opening; one that was closed stays closed; several at once", async () => {
  const now = Date.now();
  const open = counted("open", { openedMs: now - 5000 });
  const shut = counted("shut", { openedMs: now - 9000, closedMs: now - 5000 });
  for (const count of [open, shut]) await saveRecord("counts", count);
  const { result } = mounted([open, shut]);
  const [first, second] = result.current.counts;
  expect(first).toMatchObject({ count: { id: "shut" }, openMs: 4000 });
  expect(second?.openMs).toBeGreaterThanOrEqual(5000);
  act(() => result.current.close("open"));
  await waitFor(async () => expect((await storedCounts()).every(({ closedMs }) => closedMs !== null)).toBe(true));
});

test("while it is covered nothing is counted: by both clocks, and after a reload", async () => {
  const wall = jest.spyOn(Date, "now");
  const other = jest.spyOn(performance, "now");
  const at = (ms: number): void => {
    wall.mockReturnValue(1_800_000_000_000 + ms);
    other.mockReturnValue(ms);
  };
  at(0);
  const { result, only } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
  at(4000);
  act(() => result.current.pause("one"));
  expect(only()).toMatchObject({ paused: true, openMs: 4000 });
  at(60_000);
  act(() => result.current.pause("one"));
  await waitFor(async () => expect((await storedCounts())[0]?.pauses).toHaveLength(1));
  const again = mounted(await storedCounts());
  expect(again.only()).toMatchObject({ paused: true, openMs: 4000 });
  act(() => result.current.resume("one"));
  at(70_000);
  act(() => result.current.close("one"));
  expect(only()).toMatchObject({ openMs: 14_000, doubtMs: null, count: { countedMs: 14_000 } });
});

test("is counted in: the time begins when the hole opens", () => {
  const { result, only } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 3000));
  expect(only().openMs).toBeLessThan(0);
  expect(only().openMs).toBeGreaterThanOrEqual(-3000);
  expect(only().count.openedMs).toBeGreaterThan(Date.now());
});

test("given up, it is brought back by a press, and has gone on", async () => {
  const { result, only } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
  act(() => result.current.cancel("one"));
  expect(result.current.counts).toEqual([]);
  await waitFor(async () => expect(await storedCounts()).toEqual([]));
  act(() => currentNotices().at(-1)?.action?.run());
  expect(only().count.id).toBe("one");
  await waitFor(async () => expect(await storedCounts()).toHaveLength(1));
});

test("its photograph is noted once that is stored: the count has begun long before", async () => {
  const { result, only } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
  act(() => result.current.picture("one", "a".repeat(64)));
  expect(only().count.picture).toBe("a".repeat(64));
  await waitFor(async () => expect((await storedCounts())[0]?.picture).toBe("a".repeat(64)));
});

test("what is typed of it is stored with it", async () => {
  const { result } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
  act(() => result.current.note("one", { subject: "Bean rows", note: "" }));
  await waitFor(async () => expect((await storedCounts())[0]?.words.subject).toBe("Bean rows"));
});

describe("the same count in two tabs", () => {
  test("closed in both, logged in one: the other offers it no longer, and what is typed there brings nothing back", async () => {
    const one = mounted();
    act(() => one.result.current.open({ ...RECKONED, id: "one" }, 0));
    await waitFor(async () => expect(await storedCounts()).toHaveLength(1));
    const two = mounted(await storedCounts());
    act(() => two.result.current.close("one"));
    act(() => one.result.current.close("one"));
    await waitFor(async () => expect((await storedCounts())[0]?.closedMs).not.toBeNull());
    act(() => two.result.current.done("one"));
    await waitFor(() => expect(one.result.current.counts).toEqual([]));
    act(() => one.result.current.note("one", { subject: "Bean rows", note: "" }));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(await storedCounts()).toEqual([]);
    expect(one.result.current.counts).toEqual([]);
  });

  test("words typed in both are both kept", async () => {
    const one = mounted();
    act(() => one.result.current.open({ ...RECKONED, id: "one" }, 0));
    await waitFor(async () => expect(await storedCounts()).toHaveLength(1));
    const two = mounted(await storedCounts());
    act(() => {
      one.result.current.note("one", { subject: "Bean rows", note: "" });
      two.result.current.note("one", { subject: "", note: "a little wind" });
    });
    await waitFor(async () =>
      expect((await storedCounts())[0]?.words).toEqual({ subject: "Bean rows", note: "a little wind" }),
    );
    await waitFor(() => expect(one.only().count.words.note).toBe("a little wind"));
  });
});

test("what is pressed is noted before the press returns; the note goes when it is stored", async () => {
  const noted = () => Object.keys(localStorage).filter((key) => key.startsWith("still-box-act:counts:one:"));
  const { result } = mounted();
  result.current.open({ ...RECKONED, id: "one" }, 0);
  expect(noted()).toHaveLength(1);
  await waitFor(async () => expect(await storedCounts()).toHaveLength(1));
  await waitFor(() => expect(noted()).toEqual([]));
});

test("what can’t be stored goes on in hand, is said once, and goes along with the next", async () => {
  const full = jest
    .spyOn(theDb().table("counts"), "put")
    .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
  const { result, only } = mounted();
  act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
  act(() => result.current.note("one", { subject: "Cold frames", note: "" }));
  const told = () => currentNotices().filter(({ text }) => /would be lost by a reload/.test(text));
  await waitFor(() => expect(told()).toHaveLength(1));
  expect(only().count.words.subject).toBe("Cold frames");
  full.mockRestore();
  act(() => result.current.close("one"));
  await waitFor(async () => expect(await storedCounts()).toMatchObject([{ words: { subject: "Cold frames" } }]));
  expect((await storedCounts())[0]?.closedMs).not.toBeNull();
});

describe("a clock that is set while the hole is open", () => {
  test.each([
    ["back by an hour", -3_600_000],
    ["on by ten minutes", 600_000],
  ])("%s: the count goes on, and the maker is asked", (_name, set) => {
    const { result, only } = mounted();
    act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
    const now = Date.now() + set;
    jest.spyOn(Date, "now").mockReturnValue(now);
    act(() => result.current.close("one"));
    const { openMs, doubtMs, count } = only();
    expect(openMs).toBeGreaterThanOrEqual(0);
    expect(openMs).toBeLessThan(60_000);
    expect(Math.abs((doubtMs ?? 0) - set)).toBeLessThan(60_000);
    // Also after a reload, as it was stored.
    expect(mounted([count]).only()).toMatchObject({ doubtMs, openMs });
  });

  /** Both clocks by hand. */
  function clocks() {
    let [wall, steady] = [1_800_000_000_000, 5000];
    jest.spyOn(Date, "now").mockImplementation(() => wall);
    jest.spyOn(performance, "now").mockImplementation(() => steady);
    return async (byWall: number, bySteady: number): Promise<void> => {
      wall += byWall;
      steady += bySteady;
      await act(async () => {
        await new Promise((resolve) => setTimeout(resolve, 130));
      });
    };
  }

  test("asleep for 20 minutes while the steady clock stood: asked, and all of it counts when it is said to have passed", async () => {
    const pass = clocks();
    const { result, only } = mounted();
    act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
    await pass(3000, 3000);
    await pass(1_200_000, 0);
    expect(only().openMs).toBe(3000);
    expect(pageTime().jump()).toBe(1_200_000);
    act(() => pageTime().answer(true));
    await pass(0, 0);
    expect(only().openMs).toBe(1_203_000);
    act(() => result.current.close("one"));
    expect(only()).toMatchObject({ openMs: 1_203_000, doubtMs: null });
  });

  test("set on by an hour and closed before anybody answers: 3 s are written, and the other time is asked for", async () => {
    const pass = clocks();
    const { result, only } = mounted();
    act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
    await pass(3_603_000, 3000);
    act(() => result.current.close("one"));
    expect(only()).toMatchObject({ openMs: 3000, doubtMs: 3_603_000 });
  });

  test("set back by an hour and reloaded: the hole is open, for as long as it was", async () => {
    const pass = clocks();
    const { result, only } = mounted();
    act(() => result.current.open({ ...RECKONED, id: "one" }, 0));
    await pass(4000, 4000);
    await pass(-3_600_000, 100);
    expect(only().openMs).toBe(4100);
    await waitFor(async () => expect(await storedCounts()).toHaveLength(1));
    forgetClock();
    const again = mounted(await storedCounts());
    await pass(1000, 1000);
    expect(again.only().openMs).toBe(5100);
  });

  test("back, and then a reload: the time is never less than nothing, and is asked for", () => {
    const { result, only } = mounted([counted("one", { openedMs: Date.now() + 3_600_000 })]);
    act(() => result.current.close("one"));
    expect(only().openMs).toBe(0);
    expect(only().doubtMs).toBeLessThan(0);
  });
});
