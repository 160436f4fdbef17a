/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { Negative } from "../../core/document/index.ts";
import { useRecordEdits } from "./useRecordEdits.ts";

const stored: Negative[] = [];
const noted: { readonly record: Negative; readonly was: readonly string[] }[] = [];
jest.mock("../../storage/index.ts", () => ({
  saveHeld: (_: string, negative: Negative) => {
    stored.push(negative);
    return Promise.resolve({ ok: true, value: null });
  },
  noteHeld: (_: string, record: Negative, was: readonly string[]) => void noted.push({ record, was }),
}));

const NEGATIVE: Negative = {
  id: "n",
  picture: "a".repeat(64),
  settings: { medium: { least: 0, most: 2, range: 110, iso: 6 }, sheet: { width: 1, height: 1 } },
};
const white = (value: number) => (before: Negative) => ({ ...before, settings: { ...before.settings, white: value } });

describe("a record while it is changed", () => {
  beforeEach(() => {
    jest.useFakeTimers();
    stored.length = 0;
    noted.length = 0;
  });
  afterEach(() => jest.useRealTimers());

  test("edits of one moment add up, are stored once they rest, and are taken back stroke by stroke", () => {
    const { result } = renderHook(() => useRecordEdits("negatives", NEGATIVE));
    act(() => {
      result.current.edit(white(0.5));
      result.current.edit((before) => ({ ...before, name: "both" }));
    });
    expect(result.current.record).toMatchObject({ name: "both", settings: { white: 0.5 } });
    expect(stored.at(-1)).toEqual(result.current.record);
    const before = stored.length;
    act(() => {
      result.current.edit(white(0.6), "drag 1");
      result.current.edit(white(0.7), "drag 1");
    });
    expect(stored).toHaveLength(before);
    act(() => void jest.advanceTimersByTime(300));
    expect(stored).toHaveLength(before + 1);
    act(() => result.current.undo?.());
    expect(result.current.record.settings.white).toBe(0.5);
    act(() => result.current.redo?.());
    expect(result.current.record.settings.white).toBe(0.7);
    act(() => {
      result.current.undo?.();
      result.current.undo?.();
      result.current.undo?.();
    });
    expect(result.current.record).toEqual(NEGATIVE);
    expect(result.current.undo).toBeNull();
  });

  test("an older echo never throws a newer edit back; another tab’s change is taken where nothing is in hand", () => {
    const { result, rerender } = renderHook(({ now }) => useRecordEdits("negatives", now), {
      initialProps: { now: NEGATIVE },
    });
    act(() => result.current.edit(white(0.5)));
    act(() => void jest.advanceTimersByTime(300));
    act(() => result.current.edit(white(0.6)));
    act(() => void jest.advanceTimersByTime(300));
    const [first, second] = stored as [Negative, Negative];
    // The first comes back only now, when the second is stored too.
    act(() => rerender({ now: first }));
    expect(result.current.record.settings.white).toBe(0.6);
    act(() => rerender({ now: second }));
    expect(result.current.record.settings.white).toBe(0.6);
    act(() => rerender({ now: { ...second, name: "elsewhere" } }));
    expect(result.current.record.name).toBe("elsewhere");
    act(() => rerender({ now: { ...NEGATIVE, id: "other" } }));
    expect(result.current.record.id).toBe("other");
    expect(result.current.undo).toBeNull();
  });

  test("what is not stored yet when the page goes is stored then", () => {
    const { result, unmount } = renderHook(() => useRecordEdits("negatives", NEGATIVE));
    act(() => result.current.edit(white(0.4), "drag"));
    unmount();
    expect(stored).toEqual([expect.objectContaining({ settings: expect.objectContaining({ white: 0.4 }) })]);
  });

  test("each move of a drag is noted before it returns, beside what was stored when it was made", () => {
    const { result, rerender } = renderHook(({ now }) => useRecordEdits("negatives", now), {
      initialProps: { now: NEGATIVE },
    });
    act(() => result.current.edit(white(0.3)));
    act(() => result.current.edit(white(0.4), "drag"));
    expect(stored).toHaveLength(1);
    expect(noted.map(({ record }) => record.settings.white)).toEqual([0.3, 0.4]);
    // What was sent and has not come back yet may be what lies there.
    expect(noted[1]?.was).toEqual(expect.arrayContaining([JSON.stringify(NEGATIVE), JSON.stringify(stored[0])]));
    act(() => rerender({ now: stored[0] as Negative }));
    act(() => result.current.edit(white(0.5), "drag"));
    expect(noted[2]?.was).toEqual([JSON.stringify(stored[0])]);
  });
});
