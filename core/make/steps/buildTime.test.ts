import { stepTexts } from "../../../wording/make/buildSteps.ts";
import { type Camera, withContainer } from "../../camera/container/index.ts";
import { buildOrderFor } from "../../testing/buildOrders.ts";
import { KINDS, testCamera } from "../../testing/cameras.ts";
import { buildSteps, buildTime } from "./index.ts";

const step = { minutes: 10, dries: 0, once: false };

test("a set takes each step as often as there are cameras, what is done once only once, and dries side by side", () => {
  const steps = [step, { ...step, minutes: 15, dries: 12 }, { ...step, minutes: 3, once: true }, { ...step, dries: 1 }];
  expect(buildTime(steps, 1)).toEqual({ one: 38, all: 38, dries: 13 });
  expect(buildTime(steps, 9)).toEqual({ one: 38, all: 9 * 35 + 3, dries: 13 });
});

test.each(KINDS)("%s: drying is the same for one as for twelve, work is not", (kind) => {
  const steps = buildSteps(buildOrderFor(testCamera(kind), stepTexts, { black: "paint" }));
  const [one, twelve] = [buildTime(steps, 1), buildTime(steps, 12)];
  expect(twelve.dries).toBe(one.dries);
  expect(twelve.one).toBe(one.all);
  expect(twelve.all).toBeGreaterThan(4 * one.all);
  expect(twelve.all).toBeLessThanOrEqual(12 * one.all);
});

test("paint dries overnight, folded boxes under a weight, what is black already not at all", () => {
  const dries = (camera: Camera): number =>
    buildTime(buildSteps(buildOrderFor(camera, stepTexts, { black: "paint" })), 1).dries;
  expect(dries(withContainer(testCamera("flat-box"), { insideBlack: false }))).toBe(12);
  expect(dries(withContainer(testCamera("flat-box"), { insideBlack: true }))).toBe(0);
  expect(dries(testCamera("folded-box"))).toBe(1);
});
