import { media, mediumById } from "../../../catalogue/media.ts";
import { scenes } from "../../../core/bench/preview/index.ts";
import { type Camera, cameraFNumber, solveRequest } from "../../../core/camera/container/index.ts";
import { kinds } from "../../../core/camera/kinds/index.ts";
import { type Medium, sheetTime } from "../../../core/light/exposure/index.ts";
import { type JudgeAnswer, judgementSpread, judgeScan } from "../../../core/negative/index.ts";
import { FLATBED_WHITE } from "../../../core/simulate/flatbed/index.ts";
import { testCamera } from "../../../core/testing/cameras.ts";
import { negativeOf } from "../../codecs/read/grey.ts";
import { readRaw } from "../../codecs/read/readScan.ts";
import { scanNegative } from "./scanNegative.ts";

/** Light over the scene's own, stops: the sum is asked for that light, and the sheet exposed in it. */
const LIGHTS = [0, -3] as const;

/** A sheet exposed as the app's own sum says, developed and scanned by the made-up flatbed, and judged. */
async function judged(camera: Camera, medium: Medium, scene: string, light: number, over = 0): Promise<JudgeAnswer> {
  const ev = (scenes.find(({ id }) => id === scene)?.ev ?? 15) + light;
  const seconds = sheetTime(ev, cameraFNumber(camera, medium), medium);
  const { output } = await scanNegative(
    {
      request: { camera, medium, scene, seconds, stops: light + over, walking: false, flashes: 0, pixels: 170 },
      dpi: 50,
      bits: 8,
      hair: false,
      quarters: 0,
      seed: 7,
    },
    { report: () => {}, cancelled: () => false },
  );
  const raw = await readRaw(output);
  if (!raw.ok) throw new Error(raw.error);
  const { hole, film } = solveRequest(camera, medium);
  const answer = judgeScan(negativeOf(raw.value), {
    medium: { ...medium.density, iso: medium.iso },
    sheet: { width: film.width, height: film.height, seen: "emulsion" },
    white: FLATBED_WHITE,
    camera: { hole, film },
    within: 2,
  });
  if (!answer.ok) throw new Error(answer.error);
  return answer.value;
}

test("exposed by the app's own sum, a sheet of any kind, medium, light and scene is judged right: ⅓ stop in the median, ⅔ each", async () => {
  const off: number[] = [];
  for (const [number, { id }] of kinds.entries()) {
    const camera = testCamera(id);
    const alike = media.filter(({ kind }) => kind === mediumById(camera.chambers[0].film.medium).kind);
    for (const [index, { id: scene }] of scenes.entries()) {
      // Every kind sees every scene; media and lights go round.
      const medium = alike[(number + index) % alike.length] as Medium;
      const light = LIGHTS[(number + index) % LIGHTS.length] as number;
      const { correction } = await judged(camera, medium, scene, light);
      expect({ id, medium: medium.id, scene, light, right: Math.abs(correction) <= 2 / 3 }).toMatchObject({
        right: true,
      });
      off.push(correction);
    }
  }
  const sorted = off.map(Math.abs).sort((a, b) => a - b);
  expect(sorted[sorted.length >> 1]).toBeLessThan(1 / 3);
  // The ± that is told covers what scenes really differ by, and no more than twice that.
  const sd = Math.sqrt(off.reduce((sum, each) => sum + each * each, 0) / off.length);
  const told = judgementSpread({ blank: 0, burnt: 0 }, false);
  expect(told).toBeGreaterThan(sd);
  expect(told).toBeLessThan(2 * sd);
}, 240_000);

test("a stop too long or too short is judged so, on negative and direct positive alike", async () => {
  const camera = testCamera("flat-box");
  for (const id of ["rc-graded", "direct-positive"]) {
    const medium = mediumById(id);
    const right = (await judged(camera, medium, "allotment", 0)).correction;
    for (const over of [-1, 1]) {
      const { correction } = await judged(camera, medium, "allotment", 0, over);
      expect(Math.sign(correction - right)).toBe(-over);
      // Past the paper's ends it tells less than it is.
      expect(Math.abs(correction - right + over)).toBeLessThan(0.55);
    }
  }
});

test("the ends of a can's sheet, which its plate keeps dark, do not make its time too short", async () => {
  const camera = testCamera("curled-can");
  const medium = mediumById("rc-graded");
  const { correction, share } = await judged(camera, medium, "allotment", 0);
  expect(share).toBeLessThan(0.9);
  expect(Math.abs(correction)).toBeLessThan(1 / 3);
});
