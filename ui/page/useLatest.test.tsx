/** @jest-environment ./scripts/jest-browser.cjs */
import { renderHook } from "@testing-library/react";
import { useLatest } from "./useLatest.ts";

test("it holds what was drawn last, in one object", () => {
  const { result, rerender } = renderHook(({ value }) => useLatest(value), { initialProps: { value: 1 } });
  const first = result.current;
  expect(first.current).toBe(1);
  rerender({ value: 2 });
  expect(result.current).toBe(first);
  expect(first.current).toBe(2);
});
