/** @jest-environment ./scripts/jest-browser.cjs */
import { act, renderHook } from "@testing-library/react";
import { failure, parseLength, success } from "../../../core/basis/units/index.ts";
import { type QuantityRules, useQuantity } from "./useQuantity.ts";

function entry(start: Partial<QuantityRules> = {}) {
  const taken: (number | null)[] = [];
  const rules: QuantityRules = {
    value: 70,
    show: (value) => `${value} mm`,
    read: (text) => (text.trim() === "" ? success(null) : parseLength(text, "mm")),
    take: (value) => {
      taken.push(value);
      return value !== null && value > 100 ? "100 mm at most." : null;
    },
    ...start,
  };
  const hook = renderHook((given: QuantityRules) => useQuantity(given), { initialProps: rules });
  return {
    taken,
    now: () => hook.result.current,
    type: (text: string) => act(() => hook.result.current.type(text)),
    leave: () => act(() => void hook.result.current.leave()),
    revert: () => act(() => hook.result.current.revert()),
    /** The value comes back from the design. */
    comes: (value: number | null) => hook.rerender({ ...rules, value }),
  };
}

test("what is typed stays as it is typed until the entry is left, then is taken and shown in its usual form", () => {
  const { now, type, leave, comes, taken } = entry();
  expect(now().text).toBe("70 mm");
  type("3.5 cm");
  expect(now().text).toBe("3.5 cm");
  expect(taken).toEqual([]);
  leave();
  expect(taken).toEqual([35]);
  // The old figure does not flash up before the new one is back.
  expect(now().text).toBe("35 mm");
  comes(35);
  expect(now()).toMatchObject({ text: "35 mm", error: null });
});

test("what can’t be read, or is refused, stays with its message; typing on takes the message away", () => {
  const { now, type, leave, taken } = entry();
  type("wide");
  leave();
  expect(now().text).toBe("wide");
  expect(now().error).toMatch(/not a number/);
  type("120");
  expect(now().error).toBeNull();
  leave();
  expect(now()).toMatchObject({ text: "120", error: "100 mm at most." });
  expect(taken).toEqual([120]);
});

test("a change from outside puts a refused entry away; one in hand stays", () => {
  const { now, type, leave, comes } = entry();
  type("120");
  leave();
  comes(80);
  expect(now()).toMatchObject({ text: "80 mm", error: null });
  type("9");
  comes(90);
  expect(now().text).toBe("9");
});

test("a figure of the entry’s own that is drawn late does not put away what was typed and refused after it", () => {
  const { now, type, leave, comes } = entry();
  type("58");
  leave();
  type("60");
  leave();
  comes(58);
  expect(now().text).toBe("60 mm");
  type("120");
  leave();
  comes(60);
  expect(now()).toMatchObject({ text: "120", error: "100 mm at most." });
  // Undo in another tab is no figure of this entry's.
  comes(58);
  expect(now()).toMatchObject({ text: "58 mm", error: null });
});

test("Escape gives up what was typed; leaving an entry that was not touched takes nothing", () => {
  const { now, type, leave, revert, taken } = entry();
  type("5");
  revert();
  expect(now()).toMatchObject({ text: "70 mm", error: null });
  leave();
  expect(taken).toEqual([]);
});

test("an entry that may be empty is empty for nothing, and takes nothing for it", () => {
  const { now, type, leave, comes, taken } = entry({ value: 6.35 });
  type("");
  leave();
  expect(taken).toEqual([null]);
  comes(null);
  expect(now().text).toBe("");
  const strict = entry({ read: () => failure("Type a length.") });
  strict.type("");
  strict.leave();
  expect(strict.now().error).toBe("Type a length.");
});
