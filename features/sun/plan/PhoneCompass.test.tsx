/** @jest-environment ./scripts/jest-browser.cjs */
import { act, fireEvent, render, screen } from "@testing-library/react";
import { PhoneCompass } from "./PhoneCompass.tsx";

/** An event as a phone sends it that lies flat with its top edge to the south-west. */
function lie(): Event {
  return Object.assign(new Event("deviceorientationabsolute"), { alpha: 135, beta: 1, gamma: 0, absolute: true });
}

afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(window, "DeviceOrientationEvent");
});

test.each([
  ["granted", async () => "granted", 225],
  ["not asked yet, as newer browsers answer", async () => "prompt", 225],
  ["a browser that does not ask", undefined, 225],
  ["one that can't ask here", () => Promise.reject(new Error("no gesture")), 225],
  ["refused", async () => "denied", null],
])("the compass is listened to unless it was refused: %s", async (_, requestPermission, want) => {
  jest.useFakeTimers();
  Object.assign(window, { DeviceOrientationEvent: Object.assign(() => {}, { requestPermission }) });
  const needles: number[] = [];
  render(<PhoneCompass onNeedle={(degrees) => needles.push(degrees)} />);
  await act(async () => fireEvent.click(screen.getByRole("button")));
  act(() => {
    window.dispatchEvent(lie());
    jest.advanceTimersByTime(2000);
  });
  expect(needles).toEqual(want === null ? [] : [want]);
  expect(screen.getByRole("status").textContent).toMatch(want === null ? /told not to ask/ : /The phone says 225°/);
});
