/** @jest-environment ./scripts/jest-browser.cjs */
import { act, renderHook } from "@testing-library/react";
import { useRested } from "./useRested.ts";

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("in sight a value is shown at once, out of sight when it has stood still", () => {
  const { result, rerender } = renderHook(({ value, inSight }) => useRested(value, inSight), {
    initialProps: { value: 1, inSight: true },
  });
  rerender({ value: 2, inSight: true });
  expect(result.current).toBe(2);
  rerender({ value: 2, inSight: false });
  act(() => jest.runAllTimers());
  for (const value of [3, 4, 5]) {
    rerender({ value, inSight: false });
    act(() => jest.advanceTimersByTime(200));
    expect(result.current).toBe(2);
  }
  act(() => jest.advanceTimersByTime(200));
  expect(result.current).toBe(5);
});

test("what comes into sight is true at once", () => {
  const { result, rerender } = renderHook(({ value, inSight }) => useRested(value, inSight), {
    initialProps: { value: 1, inSight: false },
  });
  rerender({ value: 2, inSight: false });
  expect(result.current).toBe(1);
  rerender({ value: 2, inSight: true });
  expect(result.current).toBe(2);
});
