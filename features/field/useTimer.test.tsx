/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { act, renderHook, waitFor } from "@testing-library/react";
import { readSettings, writeSetting } from "../../storage/index.ts";
import { useTimer } from "./useTimer.ts";

const RECKONED = {
  cameraId: "shed",
  targetSeconds: 26,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  ev: 15,
  light: "Full sun",
};

beforeEach(() => writeSetting("running", null));

test("opens, is stored while it is open, closes with the time it was really open, and is thrown away", async () => {
  const { result } = renderHook(() => useTimer(null));
  expect(result.current.state.is).toBe("ready");
  act(() => result.current.open(RECKONED));
  expect(result.current.state).toMatchObject({ is: "open", elapsedMs: 0 });
  await waitFor(async () => expect((await readSettings()).running).toMatchObject({ ...RECKONED, closedMs: null }));
  act(() => result.current.close());
  const { state } = result.current;
  if (state.is !== "closed") throw new Error("still open");
  expect(state.doubtMs).toBeNull();
  expect(Math.abs(state.elapsedMs - ((state.running.closedMs ?? 0) - state.running.openedMs))).toBeLessThan(2000);
  await waitFor(async () => expect((await readSettings()).running?.closedMs).toBe(state.running.closedMs));
  act(() => result.current.discard());
  expect(result.current.state.is).toBe("ready");
  await waitFor(async () => expect((await readSettings()).running).toBeNull());
});

test("goes on after a reload from the moment of opening; one that was closed stays closed", () => {
  const openedMs = Date.now() - 5000;
  const open = renderHook(() => useTimer({ ...RECKONED, openedMs, closedMs: null })).result.current.state;
  if (open.is !== "open") throw new Error("not open");
  expect(open.elapsedMs).toBeGreaterThanOrEqual(5000);
  const shut = renderHook(() => useTimer({ ...RECKONED, openedMs, closedMs: openedMs + 4000 })).result.current.state;
  expect(shut).toMatchObject({ is: "closed", elapsedMs: 4000 });
});

describe("a clock that is set while the hole is open", () => {
  afterEach(() => jest.restoreAllMocks());

  test.each([
    ["back by an hour", -3_600_000],
    ["on by ten minutes", 600_000],
  ])("%s: the count goes on, and the maker is asked", (_name, set) => {
    const { result } = renderHook(() => useTimer(null));
    act(() => result.current.open(RECKONED));
    const now = Date.now() + set;
    jest.spyOn(Date, "now").mockReturnValue(now);
    act(() => result.current.close());
    const { state } = result.current;
    if (state.is !== "closed") throw new Error("still open");
    expect(state.elapsedMs).toBeGreaterThanOrEqual(0);
    expect(state.elapsedMs).toBeLessThan(60_000);
    expect(Math.abs((state.doubtMs ?? 0) - set)).toBeLessThan(60_000);
    // Also after a reload, as it was stored.
    const again = renderHook(() => useTimer(state.running)).result.current.state;
    expect(again).toMatchObject({ is: "closed", doubtMs: state.doubtMs, elapsedMs: state.elapsedMs });
  });

  test("back, and then a reload: the time is never less than nothing, and is asked for", () => {
    const openedMs = Date.now() + 3_600_000;
    const { result } = renderHook(() => useTimer({ ...RECKONED, openedMs, closedMs: null }));
    expect(result.current.state).toMatchObject({ is: "open", elapsedMs: 0 });
    act(() => result.current.close());
    expect(result.current.state).toMatchObject({ is: "closed", elapsedMs: 0 });
    expect(result.current.state.is === "closed" && result.current.state.doubtMs).toBeLessThan(0);
  });
});
