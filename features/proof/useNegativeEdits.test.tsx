/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { Negative } from "../../core/document/index.ts";
import { useNegativeEdits } from "./useNegativeEdits.ts";

const stored: Negative[] = [];
jest.mock("../../storage/index.ts", () => ({
  saveNegatives: (negatives: readonly Negative[]) => {
    stored.push(...negatives);
    return Promise.resolve({ ok: true, value: negatives });
  },
}));

const NEGATIVE: Negative = {
  id: "n",
  picture: "a".repeat(64),
  settings: { medium: { least: 0, most: 2, range: 110, iso: 6 }, sheet: { width: 1, height: 1 } },
};
const white = (value: number) => (before: Negative) => ({ ...before, settings: { ...before.settings, white: value } });

describe("a negative while it is changed", () => {
  beforeEach(() => {
    jest.useFakeTimers();
    stored.length = 0;
  });
  afterEach(() => jest.useRealTimers());

  test("edits of one moment add up, are stored once they rest, and are taken back stroke by stroke", () => {
    const { result } = renderHook(() => useNegativeEdits(NEGATIVE));
    act(() => {
      result.current.edit(white(0.5));
      result.current.edit((before) => ({ ...before, name: "both" }));
    });
    expect(result.current.negative).toMatchObject({ name: "both", settings: { white: 0.5 } });
    expect(stored.at(-1)).toEqual(result.current.negative);
    const before = stored.length;
    act(() => {
      result.current.edit(white(0.6), "drag 1");
      result.current.edit(white(0.7), "drag 1");
    });
    expect(stored).toHaveLength(before);
    act(() => void jest.advanceTimersByTime(300));
    expect(stored).toHaveLength(before + 1);
    act(() => result.current.undo?.());
    expect(result.current.negative.settings.white).toBe(0.5);
    act(() => result.current.redo?.());
    expect(result.current.negative.settings.white).toBe(0.7);
    act(() => {
      result.current.undo?.();
      result.current.undo?.();
      result.current.undo?.();
    });
    expect(result.current.negative).toEqual(NEGATIVE);
    expect(result.current.undo).toBeNull();
  });

  test("an older echo never throws a newer edit back; another tab’s change is taken where nothing is in hand", () => {
    const { result, rerender } = renderHook(({ now }) => useNegativeEdits(now), { initialProps: { now: NEGATIVE } });
    act(() => result.current.edit(white(0.5)));
    act(() => void jest.advanceTimersByTime(300));
    act(() => result.current.edit(white(0.6)));
    act(() => void jest.advanceTimersByTime(300));
    const [first, second] = stored as [Negative, Negative];
    // The first comes back only now, when the second is stored too.
    act(() => rerender({ now: first }));
    expect(result.current.negative.settings.white).toBe(0.6);
    act(() => rerender({ now: second }));
    expect(result.current.negative.settings.white).toBe(0.6);
    act(() => rerender({ now: { ...second, name: "elsewhere" } }));
    expect(result.current.negative.name).toBe("elsewhere");
    act(() => rerender({ now: { ...NEGATIVE, id: "other" } }));
    expect(result.current.negative.id).toBe("other");
    expect(result.current.undo).toBeNull();
  });

  test("what is not stored yet when the page goes is stored then", () => {
    const { result, unmount } = renderHook(() => useNegativeEdits(NEGATIVE));
    act(() => result.current.edit(white(0.4), "drag"));
    unmount();
    expect(stored).toEqual([expect.objectContaining({ settings: expect.objectContaining({ white: 0.4 }) })]);
  });
});
