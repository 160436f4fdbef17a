import { useEffect, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { type Camera, pictureRequest } from "../../../core/camera/container/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { type EyePicture, eyeSettings, MISSING, type ProofSettings, toneTable } from "../../../core/negative/index.ts";
import type { DrawReport } from "../../../workers/proof.ts";
import { askProof } from "../askProof.ts";
import { frameOf } from "../frameOf.ts";
import { tonesOf } from "../positive/tonesOf.ts";

/** Two eyes' pictures on rasters of one size, the same direction in the same place of both. */
export interface Eyes {
  readonly left: EyePicture;
  readonly right: EyePicture;
  /** Pixels for one unit of tan. */
  readonly scale: number;
  /** Between the holes, mm. */
  readonly base: number;
}

/** Pixels across of a pair on the screen. */
const ACROSS = 640;

/** Parts the two pictures of a sheet by the known geometry and draws each through its own hole. */
export function useEyes(negative: Negative, camera: Camera): Eyes | string | null {
  const [eyes, setEyes] = useState<Eyes | string | null>(null);
  const text = JSON.stringify(negative);
  useEffect(() => {
    const stop = new AbortController();
    const of = JSON.parse(text) as Negative;
    void readEyes(of, camera, stop.signal).then((read) => {
      if (!stop.signal.aborted) setEyes(read);
    });
    return () => stop.abort();
  }, [text, camera]);
  return eyes;
}

async function readEyes(negative: Negative, camera: Camera, signal: AbortSignal): Promise<Eyes | string> {
  const medium = mediumById(negative.medium);
  const { holes } = camera.chambers[0];
  // The scene is seen upright from behind: the hole at greater x is the right eye's.
  const order = [0, 1].sort((a, b) => (holes[a]?.x ?? 0) - (holes[b]?.x ?? 0));
  const halves = order.map((hole) => {
    const { hole: spec, film } = pictureRequest(camera, medium, hole);
    return eyeSettings(negative.settings, { hole: spec, film });
  });
  const [one, other] = halves;
  if (!one || !other) return "Find the edges of the sheet on Scan first: by them its two pictures are parted.";
  const asked = [one, other].map((settings): ProofSettings => ({ ...settings, projection: "straight", towards: {} }));
  const reaches = asked.map((settings) => {
    const frame = frameOf(settings, 1000);
    return frame === null ? null : { x: 500 / frame.scale, y: frame.height / 2 / frame.scale };
  });
  if (reaches.some((reach) => reach === null)) return "The camera’s holes do not see these halves straight ahead.";
  const x = Math.max(...reaches.map((reach) => reach?.x ?? 0));
  const y = Math.max(...reaches.map((reach) => reach?.y ?? 0));
  const scale = ACROSS / (2 * x);
  const size = { width: ACROSS, height: Math.max(1, Math.round(2 * y * scale)) };
  const drawn: EyePicture[] = [];
  for (const [index, settings] of asked.entries()) {
    const width = Math.max(1, Math.round(2 * (reaches[index]?.x ?? 0) * scale));
    const made = await askProof(
      negative,
      { kind: "draw", settings: { ...settings, colour: false, output: { width } }, spots: [], lines: null },
      { signal },
    );
    if (!made.ok) return made.error ?? "given up";
    drawn.push(centred(made.value.report, negative, size));
  }
  const [left, right] = drawn as [EyePicture, EyePicture];
  return { left, right, scale, base: Math.abs((holes[1]?.x ?? 0) - (holes[0]?.x ?? 0)) };
}

/** A picture in the middle of a raster that holds both. */
function centred(
  report: DrawReport,
  negative: Negative,
  { width, height }: { readonly width: number; readonly height: number },
): EyePicture {
  const [tone] = tonesOf(report.tones, negative);
  const [log] = report.planes;
  const grey = new Uint8Array(width * height);
  const opacity = new Uint8Array(width * height);
  if (tone === undefined || log === undefined) return { width, height, grey, opacity };
  const number = toneTable(tone, 255);
  const left = Math.round((width - report.width) / 2);
  const top = Math.round((height - report.height) / 2);
  for (let y = 0; y < report.height; y++) {
    for (let x = 0; x < report.width; x++) {
      const value = log[y * report.width + x] as number;
      const [column, row] = [x + left, y + top];
      if (value === MISSING || column < 0 || row < 0 || column >= width || row >= height) continue;
      grey[row * width + column] = number(value);
      opacity[row * width + column] = 255;
    }
  }
  return { width, height, grey, opacity };
}
