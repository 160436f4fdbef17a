import { densityByte } from "../../../core/basis/pictureValues/index.ts";
import { finerRows, orderOf, type PreviewRequest, renderExposure } from "../../../core/bench/preview/index.ts";
import {
  levelOf,
  type PracticeEvent,
  type PracticeSetup,
  practiceSheet,
} from "../../../core/simulate/darkroom/index.ts";
import type { Job } from "../../transport/protocol.ts";

/** The sheet that is practised on: what is exposed, and how large it is drawn. */
export interface PracticeExposure {
  readonly request: PreviewRequest;
  readonly width: number;
  readonly height: number;
}

/** How it looks at a moment. */
export interface PracticeFrame {
  /** A new sheet; left out: the one of the frame before. */
  readonly exposure?: PracticeExposure;
  readonly setup: PracticeSetup;
  readonly events: readonly PracticeEvent[];
  /** s after the first event's zero. */
  readonly at: number;
}

/** A frame: opaque grey pixels, rows from the top; what the sheet is like is told beside it. */
export interface PracticePicture {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** Makes the job that brings a practice sheet up. It holds the exposed sheet, so that a frame costs a table and its pixels. */
export function practiceJob(): Job<PracticeFrame, PracticePicture> {
  let held: { readonly width: number; readonly height: number; readonly levels: Uint16Array } | null = null;
  return async ({ exposure, setup, events, at }) => {
    if (exposure !== undefined) held = exposed(exposure);
    if (held === null) throw new Error("no sheet was exposed");
    const { width, height, levels } = held;
    const { densities } = practiceSheet(setup, events, at);
    const tones = Uint32Array.from(densities, (density) => {
      const grey = densityByte(density - setup.density.least);
      return 0xff000000 | (grey * 0x010101);
    });
    const pixels = new Uint32Array(levels.length);
    for (let i = 0; i < levels.length; i++) pixels[i] = tones[levels[i] as number] as number;
    const rgba = new Uint8ClampedArray(pixels.buffer);
    return { output: { width, height, rgba }, transfer: [rgba.buffer] };
  };
}

/** The level of exposure of every pixel. */
function exposed({ request, width, height }: PracticeExposure) {
  const steps = renderExposure(orderOf(request));
  let step = steps.next();
  while (!step.done) step = steps.next();
  const { line, read } = finerRows(step.value, width, height);
  const levels = new Uint16Array(width * height);
  for (let y = 0; y < height; y++) {
    read(y);
    for (let x = 0; x < width; x++) levels[y * width + x] = levelOf(line[x] as number, request.medium.iso);
  }
  return { width, height, levels };
}
