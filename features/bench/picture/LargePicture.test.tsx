/** @jest-environment ./scripts/jest-browser.cjs */
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import type { DevelopedPreview } from "../../../core/bench/preview/index.ts";
import { LargePicture } from "./LargePicture.tsx";

const tones = new Uint8ClampedArray(4 * 3);
const picture = {
  width: 4,
  rows: { from: 0, to: 3 },
  negative: tones,
  positive: tones,
  tone: "silver",
  blank: 0,
  burnt: 0,
  tracked: 0,
} as unknown as DevelopedPreview;

beforeEach(() => {
  jest.useFakeTimers();
  // jsdom draws nothing.
  jest.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue(null);
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
  jest.restoreAllMocks();
});

describe("the picture by itself", () => {
  test("a size chosen right after the wheel stays: the wheel’s end comes late and changes nothing", () => {
    render(<LargePicture picture={picture} side="positive" sheetWidth={127} label="Bean rows" />);
    const sheet = screen.getByRole("img").parentElement as HTMLElement;
    // 127 mm are five inches of 96 px.
    const trueSize = 480;
    fireEvent.wheel(screen.getByLabelText("The picture, to scroll and enlarge"), { deltaY: -100, ctrlKey: true });

    expect(Number.parseFloat(sheet.style.width)).not.toBeCloseTo(trueSize, 3);
    fireEvent.click(screen.getByText("True size"));
    act(() => jest.runAllTimers());
    expect(Number.parseFloat(sheet.style.width)).toBeCloseTo(trueSize, 3);
  });
});
