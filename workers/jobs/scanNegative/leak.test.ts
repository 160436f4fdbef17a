import { mediumById } from "../../../catalogue/media.ts";
import { sunlit } from "../../../core/bench/preview/index.ts";
import { solveRequest } from "../../../core/camera/container/index.ts";
import { negativeFaults } from "../../../core/negative/index.ts";
import { FLATBED_WHITE } from "../../../core/simulate/flatbed/index.ts";
import { testCamera } from "../../../core/testing/cameras.ts";
import { negativeOf } from "../../codecs/read/grey.ts";
import { readRaw } from "../../codecs/read/readScan.ts";
import { scanNegative } from "./scanNegative.ts";

/** What is found on a sheet that the made-up flatbed scans. */
async function foundOn(kind: "flat-box" | "curled-can", leaks: boolean): Promise<readonly string[]> {
  const camera = testCamera(kind);
  const medium = mediumById(camera.chambers[0].film.medium);
  const { film } = camera.chambers[0];
  const { output } = await scanNegative(
    {
      request: { ...sunlit(camera, { ...medium, longTime: { kind: "none" } }, 300), stops: 0, flashes: 0 },
      dpi: 100,
      bits: 8,
      hair: false,
      leaks,
      quarters: 0,
      seed: 3,
    },
    { report: () => {}, cancelled: () => false },
  );
  const raw = await readRaw(output);
  if (!raw.ok) throw new Error(raw.error);
  const { hole, film: sheet } = solveRequest(camera, medium);
  return negativeFaults(negativeOf(raw.value), {
    medium: { ...medium.density, iso: medium.iso },
    sheet: { width: film.width, height: film.height, seen: "emulsion" },
    white: FLATBED_WHITE,
    camera: { hole, film: sheet },
  }).map(({ code }) => code);
}

test.each(["flat-box", "curled-can"] as const)(
  "a lid that leaks leaves a streak that Judge finds on a sheet of a %s; a tight one none",
  async (kind) => {
    expect(await foundOn(kind, true)).toContain("leak");
    expect(await foundOn(kind, false)).not.toContain("leak");
  },
);
