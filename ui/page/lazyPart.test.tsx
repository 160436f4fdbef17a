/** @jest-environment ./scripts/jest-browser.cjs */
import { act, render, screen } from "@testing-library/react";
import { Suspense } from "react";
import { fetchParts, lazyPart } from "./lazyPart.tsx";

const Part = ({ word }: { readonly word: string }) => <p>the part says {word}</p>;

test("a part that can’t be fetched says so in its place, and is there when it can be", async () => {
  let isThere = false;
  let asked = 0;
  const Late = lazyPart<typeof Part>(() => {
    asked++;
    return isThere ? Promise.resolve({ default: Part }) : Promise.reject(new TypeError("Failed to fetch"));
  });
  await act(async () => {
    render(
      <Suspense fallback="on its way">
        <p>the count goes on</p>
        <Late word="frost" />
      </Suspense>,
    );
  });
  expect(screen.getByRole("alert").textContent).toContain("can’t be fetched");
  expect(screen.getByText("the count goes on")).toBeTruthy();
  isThere = true;
  await act(async () => screen.getByText("Try again").click());
  expect(screen.getByText("the part says frost")).toBeTruthy();
  // Before something begins all parts are fetched once more, and none that fails breaks anything.
  const before = asked;
  isThere = false;
  fetchParts();
  expect(asked).toBe(before + 1);
});
