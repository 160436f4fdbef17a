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
  expect(state.elapsedMs).toBe((state.running.closedMs ?? 0) - state.running.openedMs);
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
