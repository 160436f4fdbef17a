import { useEffect, useState } from "react";
import type { Negative } from "../../../core/document/index.ts";
import { type EyePicture, MISSING, type ProofSettings, toneTable } from "../../../core/negative/index.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { askProof } from "../askProof.ts";
import { frameOf } from "../frameOf.ts";
import { tonesOf } from "../positive/tonesOf.ts";
import type { TwoViews } from "./twoViews.ts";

/** Two eyes' pictures on rasters of one size, the same direction in the same place of both. */
export interface Eyes {
  readonly left: EyePicture;
  readonly right: EyePicture;
  /** Pixels for one unit of tan. */
  readonly scale: number;
  /** Between the places they were taken from, mm. */
  readonly base: number;
}

/** Pixels across of a pair on the screen. */
const ACROSS = 640;

/** Draws both eyes' pictures; or says why it can't. */
export function useEyes(views: TwoViews): Eyes | string | null {
  const [eyes, setEyes] = useState<Eyes | string | null>(null);
  const text = JSON.stringify(views);
  useEffect(() => {
    const stop = new AbortController();
    void readEyes(JSON.parse(text) as TwoViews, stop.signal).then((read) => {
      if (!stop.signal.aborted) setEyes(read);
    });
    return () => stop.abort();
  }, [text]);
  return eyes;
}

async function readEyes({ left, right, base }: TwoViews, signal: AbortSignal): Promise<Eyes | string> {
  const asked = [left, right].map(({ negative, settings }) => ({
    negative,
    settings: { ...settings, projection: "straight", towards: {} } satisfies ProofSettings,
  }));
  const reaches = asked.map(({ settings }) => {
    const frame = frameOf(settings, 1000);
    return frame === null ? null : { x: 500 / frame.scale, y: frame.height / 2 / frame.scale };
  });
  if (reaches.some((reach) => reach === null)) return "The camera’s holes do not see these sheets straight ahead.";
  const x = Math.max(...reaches.map((reach) => reach?.x ?? 0));
  const y = Math.max(...reaches.map((reach) => reach?.y ?? 0));
  const scale = ACROSS / (2 * x);
  const size = { width: ACROSS, height: Math.max(1, Math.round(2 * y * scale)) };
  const drawn: EyePicture[] = [];
  for (const [index, { negative, settings }] of asked.entries()) {
    const width = Math.max(1, Math.round(2 * (reaches[index]?.x ?? 0) * scale));
    const made = await askProof(
      negative,
      { kind: "draw", settings: { ...settings, colour: false, output: { width } }, spots: [], lines: null },
      { signal },
    );
    if (!made.ok) return made.error ?? "given up";
    drawn.push(centred(made.value.report, negative, size));
  }
  return { left: drawn[0] as EyePicture, right: drawn[1] as EyePicture, scale, base };
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
