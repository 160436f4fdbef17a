/** @jest-environment ./scripts/jest-browser.cjs */
import { onItsWay } from "./onItsWay.ts";

const isMarked = (): boolean => document.documentElement.hasAttribute("data-storing");

test("the document is marked until the last of what is on its way has arrived or failed", async () => {
  let arrive = (): void => undefined;
  let fail = (): void => undefined;
  const first = onItsWay(new Promise<string>((resolve) => (arrive = () => resolve("there"))));
  const second = onItsWay(new Promise<string>((_, reject) => (fail = () => reject(new Error("disk full")))));
  expect(isMarked()).toBe(true);
  arrive();
  await expect(first).resolves.toBe("there");
  expect(isMarked()).toBe(true);
  fail();
  await expect(second).rejects.toThrow("disk full");
  expect(isMarked()).toBe(false);
});
