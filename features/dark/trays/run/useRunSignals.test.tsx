/** @jest-environment ./scripts/jest-browser.cjs */
import { renderHook } from "@testing-library/react";
import { recipes } from "../../../../catalogue/recipes.ts";
import { planOf, type Recipe } from "../../../../core/darkroom/recipe/index.ts";
import { type Run, runAt, stepSignals } from "../../../../core/darkroom/run/index.ts";
import { wakeSound } from "../../../../ui/device/signals.ts";
import { useRunSignals } from "./useRunSignals.ts";
import type { SheetNow } from "./useRuns.ts";

/** A tone as the audio clock was asked for it; disconnected, it is not heard. */
interface Asked {
  readonly at: number;
  silent: boolean;
}
const asked: Asked[] = [];
let audio = 0;

beforeAll(() => {
  const oscillator = () => {
    const tone: Asked = { at: 0, silent: false };
    return {
      connect: () => ({ connect: () => undefined }),
      disconnect: () => {
        tone.silent = true;
      },
      start: (at: number) => void asked.push(Object.assign(tone, { at })),
      stop: () => undefined,
      frequency: { value: 0 },
    };
  };
  const gain = { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined };
  class Listening {
    get currentTime() {
      return audio;
    }
    readonly state = "running";
    readonly destination = {};
    readonly createOscillator = oscillator;
    readonly createGain = () => ({ connect: () => undefined, gain });
  }
  Object.assign(globalThis, { AudioContext: Listening });
  wakeSound();
});
beforeEach(() => {
  asked.length = 0;
  audio = 0;
});

const PLAN = planOf(recipes.find(({ id }) => id === "film-data-sheet") as Recipe, 20, 2.2);

function sheet(run: Run, nowMs: number): SheetNow {
  return { run, at: runAt(run, nowMs), development: { id: "d", recipeId: "", at: "", exposureIds: [], steps: [] } };
}

test("an hour’s bath on an audio clock that runs wrong: each sound comes within 50 ms of its schedule", () => {
  const long = [{ ...(PLAN[0] as (typeof PLAN)[number]), planned: 3600 }];
  const run: Run = { plan: long, startedMs: 0, movesMs: [], byClock: false };
  // The audio clock gains 200 parts in a million: 0.7 s an hour, were it planned once.
  const fast = 1.0002;
  const hook = renderHook(({ nowMs }) => useRunSignals([sheet(run, nowMs)], nowMs, true, false), {
    initialProps: { nowMs: 0 },
  });
  for (let nowMs = 0; nowMs <= 3_600_000; nowMs += 10_000) {
    audio = (nowMs / 1000) * fast;
    hook.rerender({ nowMs });
  }
  const wanted = stepSignals(long[0] as (typeof long)[number], 0);
  // What was planned anew was silenced before; what lay behind by then had sounded.
  for (const { at } of wanted) {
    const heard = asked.filter((tone) => Math.abs(tone.at / fast - at) < 0.05);
    expect({ at, heard: heard.length > 0 }).toEqual({ at, heard: true });
  }
  // Nothing sounds where nothing is due: of each tone the last plan before it stands.
  const last = asked.filter(({ silent }) => !silent);
  expect(last.length).toBeLessThan(wanted.length);
  // Left, the page is heard on; back on it all is planned anew, and when nothing is in a bath all is silent.
  hook.unmount();
  expect(asked.some(({ silent }) => !silent)).toBe(true);
  renderHook(() => useRunSignals([], 0, true, false)).unmount();
  expect(asked.every(({ silent }) => silent)).toBe(true);
});

test("woken after a reload, what was planned unheard is planned again", () => {
  const run: Run = { plan: PLAN, startedMs: 0, movesMs: [], byClock: false };
  const hook = renderHook(({ woken }) => useRunSignals([sheet(run, 1000)], 1000, true, false, woken), {
    initialProps: { woken: 0 },
  });
  const first = asked.length;
  hook.rerender({ woken: 1 });
  expect(asked).toHaveLength(2 * first);
  expect(asked.map(({ silent }) => silent)).toEqual(asked.map((_, index) => index < first));
  hook.unmount();
});

test("without sound nothing is planned; a move takes back what is not due any more", () => {
  const run: Run = { plan: PLAN, startedMs: 0, movesMs: [], byClock: false };
  const quiet = renderHook(() => useRunSignals([sheet(run, 0)], 0, false, false));
  expect(asked).toEqual([]);
  quiet.unmount();
  const hook = renderHook(({ at }) => useRunSignals([at], 1000, true, false), {
    initialProps: { at: sheet(run, 1000) },
  });
  const first = asked.length;
  expect(first).toBeGreaterThan(0);
  hook.rerender({ at: sheet({ ...run, movesMs: [1000] }, 1000) });
  expect(asked.slice(0, first).every(({ silent }) => silent)).toBe(true);
  expect(asked.slice(first).some(({ silent }) => !silent)).toBe(true);
});
