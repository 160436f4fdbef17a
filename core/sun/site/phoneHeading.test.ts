import { phoneHeading } from "./phoneHeading.ts";

const flat = { beta: 2, gamma: -3 };
const headed = (...alphas: readonly number[]) => phoneHeading(alphas.map((alpha) => ({ alpha, ...flat })));

describe("The phone's compass", () => {
  test.each([
    [0, 0],
    [90, 270],
    [270, 90],
    [359, 1],
  ])("alpha %d grows anticlockwise: the top edge points to %d°", (alpha, towards) => {
    const read = headed(alpha);
    expect(read.ok && read.value).toBeCloseTo(towards, 9);
  });

  test("the mean goes over north", () => {
    const read = headed(355, 5, 3, 357);
    expect(read.ok && Math.min(read.value, 360 - read.value)).toBeLessThan(1e-9);
  });

  test("what the phone itself calls its heading counts, whatever its alpha", () => {
    const read = phoneHeading([{ alpha: 12, ...flat, heading: 200 }]);
    expect(read.ok && read.value).toBeCloseTo(200, 9);
  });

  test("no reading, a phone held up, or one that wavers: said, not guessed", () => {
    const said = (read: ReturnType<typeof phoneHeading>): string => (read.ok ? "read" : read.error);
    expect(said(phoneHeading([]))).toMatch(/tells no direction/);
    expect(said(phoneHeading([{ alpha: null, beta: null, gamma: null }]))).toMatch(/tells no direction/);
    expect(said(phoneHeading([{ alpha: 10, beta: 60, gamma: 0 }]))).toMatch(/Lay it flat/);
    expect(said(headed(10, 60))).toMatch(/figure of eight/);
  });
});
