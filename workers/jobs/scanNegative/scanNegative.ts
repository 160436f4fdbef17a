import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { mersenne } from "pure-rand/generator/mersenne";
import { finerRows, orderOf, type PreviewRequest, renderExposure } from "../../../core/bench/preview/index.ts";
import { densityCurve, flashDose } from "../../../core/light/exposure/index.ts";
import { scanSheet } from "../../../core/make/flatbed/index.ts";
import { scanToPng } from "../../codecs/write/writeScan.ts";
import type { Job } from "../../transport/protocol.ts";
import { FLATBED_WHITE } from "./flatbedWhite.ts";

/** What the simulated flatbed is asked for: a sheet that the preview exposes, developed and laid on the glass. */
export interface NegativeScanOrder {
  readonly request: PreviewRequest;
  readonly dpi: number;
  readonly bits: 8 | 16;
  readonly hair: boolean;
  /** Whether light came in beside the lid. */
  readonly leaks?: boolean;
  /** How the sheet lies on the glass, quarter turns clockwise. */
  readonly quarters: 0 | 1 | 2 | 3;
  /** The same seed gives the same scan. */
  readonly seed: number;
}

/** A sheet of white paper on the glass: light of its base and of a scanner's lid. From memory. */
const GLASS = { white: FLATBED_WHITE, lid: 0.97, border: 6, grain: 0.012, turnDeg: 3 } as const;

/** A leak by the lid: a streak from the upper edge, so many flashes at its strongest, mm wide and deep. Common practice. */
const LEAK = { at: 18, flashes: 120, width: 7, depth: 12 } as const;

/** Light that came in beside the lid, in flashes: at so many mm from the sheet’s middle, and from its edge. */
function leakAt(across: number, fromEdge: number): number {
  return LEAK.flashes * Math.exp(-(((across - LEAK.at) / LEAK.width) ** 2)) * Math.exp(-fromEdge / LEAK.depth);
}

/**
 * A made-up flatbed with a negative on it: the Bench's computed sheet, developed by its curve, with grain, a slight turn and
 * the lid round it.
 */
export const scanNegative: Job<NegativeScanOrder, Uint8Array<ArrayBuffer>> = async (order, { report }) => {
  const { request, dpi, bits, hair, leaks, quarters, seed } = order;
  const { film } = request.camera.chambers[0];
  const steps = renderExposure(orderOf(request));
  let step = steps.next();
  while (!step.done) {
    report(0.7 * step.value);
    step = steps.next();
  }
  const exposed = step.value;
  const curve = densityCurve(request.medium.density, request.medium.iso);
  const oneFlash = flashDose(request.medium.density, request.medium.iso);
  const flash = request.flashes * oneFlash;
  const columns = Math.min(2400, Math.max(exposed.width, Math.round((film.width / 25.4) * dpi)));
  const rows = Math.max(2, Math.round((columns * film.height) / film.width));
  const density = new Float32Array(columns * rows);
  const { line, read } = finerRows(exposed, columns, rows);
  for (let y = 0; y < rows; y++) {
    read(y);
    for (let x = 0; x < columns; x++) {
      const more = leaks ? oneFlash * leakAt((x / columns - 0.5) * film.width, (y / rows) * film.height) : 0;
      density[y * columns + x] = curve(Math.max(0, line[x] as number) + flash + more) - request.medium.density.least;
    }
  }
  report(0.85);
  const generator = mersenne(seed);
  const random = (): number => uniformFloat64(generator);
  const { picture } = scanSheet(
    { width: film.width, height: film.height, columns, rows, density },
    {
      ...GLASS,
      dpi,
      bits,
      encoding: bits === 8 ? "srgb" : "linear",
      quarters,
      turnDeg: GLASS.turnDeg * (2 * random() - 1),
      hair,
    },
    random,
  );
  const output = scanToPng(picture, dpi);
  return { output, transfer: [output.buffer] };
};
