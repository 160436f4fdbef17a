import { mediumById } from "../../../catalogue/media.ts";
import { testCamera } from "../../../core/testing/cameras.ts";
import { joined } from "../../testing.ts";
import type { PracticeFrame } from "./practiceSheet.ts";
import { practiceJob } from "./practiceSheet.ts";

const medium = mediumById("rc-graded");
const setup = { density: medium.density, iso: medium.iso, celsius: 20, q10: 2.2, used: 0 };
const exposure: NonNullable<PracticeFrame["exposure"]> = {
  request: {
    camera: testCamera("flat-box"),
    medium,
    scene: "allotment",
    seconds: 26,
    stops: 0,
    walking: false,
    flashes: 0,
    pixels: 240,
  },
  width: 240,
  height: 192,
};
const dev = [{ at: 0, bath: "developer" }] as const;
const mean = (rgba: Uint8ClampedArray) =>
  rgba.reduce((sum, value, i) => (i % 4 === 0 ? sum + value : sum), 0) / (rgba.length / 4);

test("the sheet comes up in its tray: white at first, darker with time; the worker holds it between frames", async () => {
  const { client, close } = joined(practiceJob());
  const frame = async (at: number, more: Partial<PracticeFrame> = {}) => {
    const done = await client.run({ setup, events: dev, at, ...more });
    if (!done.ok) throw new Error(done.error.message);
    return done.value;
  };
  const none = await client.run({ setup, events: dev, at: 1 });
  expect(!none.ok && none.error.message).toMatch(/no sheet was exposed/);
  const first = await frame(0, { exposure });
  expect([first.width, first.height, first.rgba.length]).toEqual([240, 192, 4 * 240 * 192]);
  expect(new Set(first.rgba)).toEqual(new Set([255]));
  const means = [mean(first.rgba)];
  for (const at of [12, 20, 40, 90]) means.push(mean((await frame(at)).rgba));
  expect(means).toEqual([...means].sort((a, b) => b - a));
  expect(new Set((await frame(90)).rgba).size).toBeGreaterThan(60);
  // Left alone with dead developer nothing comes up.
  expect(mean((await frame(90, { setup: { ...setup, used: 1 } })).rgba)).toBe(255);
  close();
});
