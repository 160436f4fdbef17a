/** @jest-environment ./scripts/jest-browser.cjs */
import { renderHook } from "@testing-library/react";
import { wakeSound } from "../../../ui/device/signals.ts";
import type { CountNow } from "./useCounts.ts";
import { useSignals } from "./useSignals.ts";

const started: number[] = [];
let silenced = 0;

beforeAll(() => {
  const node = {
    connect: () => ({ connect: () => undefined }),
    disconnect: () => void silenced++,
    start: (at: number) => void started.push(at),
    stop: () => undefined,
    frequency: { value: 0 },
    gain: { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
  };
  class Listening {
    readonly currentTime = 50;
    readonly state = "running";
    readonly destination = {};
    readonly createOscillator = () => node;
    readonly createGain = () => node;
  }
  Object.assign(globalThis, { AudioContext: Listening });
  wakeSound();
});
beforeEach(() => {
  started.length = 0;
  silenced = 0;
});

function now(id: string, openMs: number, more: Partial<CountNow["count"]> = {}, paused = false): CountNow {
  const count = {
    id,
    cameraId: "shed",
    openedMs: 0,
    closedMs: null,
    pauses: [],
    targetSeconds: 30,
    medium: "m",
    iso: 6,
    fNumber: 200,
    light: "",
    words: { subject: "", note: "" },
    ...more,
  };
  return { count, openMs, paused, doubtMs: null };
}

test("the end of a count is heard at its time, also when the page was left meanwhile; ticks plan nothing twice", () => {
  const first = renderHook(({ counts }) => useSignals(counts, true), { initialProps: { counts: [now("a", 1000)] } });
  expect(started).toEqual([25, 26, 27, 28, 29, 30].map((second) => 50 + second - 1));
  first.rerender({ counts: [now("a", 1100)] });
  expect(started).toHaveLength(6);
  first.unmount();
  expect(silenced).toBe(0);
  renderHook(({ counts }) => useSignals(counts, true), { initialProps: { counts: [now("a", 5000)] } });
  expect(started).toHaveLength(6);
});

test("covered it is silent, uncovered it is planned anew; closed it is silent", () => {
  const hook = renderHook(({ counts }) => useSignals(counts, true), { initialProps: { counts: [now("b", 0)] } });
  const opening = started.length;
  const pauses = [{ fromMs: 1, untilMs: null }];
  hook.rerender({ counts: [now("b", 10_000, { pauses }, true)] });
  expect(silenced).toBeGreaterThanOrEqual(opening);
  started.length = 0;
  hook.rerender({ counts: [now("b", 10_000, { pauses: [{ fromMs: 1, untilMs: 2 }] })] });
  expect(started.at(-1)).toBe(50 + 20);
  silenced = 0;
  hook.rerender({ counts: [now("b", 12_000, { closedMs: 3, pauses: [{ fromMs: 1, untilMs: 2 }] })] });
  expect(silenced).toBe(6);
});

test("without sound nothing is handed to the audio clock", () => {
  renderHook(({ counts }) => useSignals(counts, false), { initialProps: { counts: [now("c", 0)] } });
  expect(started).toEqual([]);
});
