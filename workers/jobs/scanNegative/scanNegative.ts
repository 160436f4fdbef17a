import { orderOf, type PreviewRequest, renderExposure } from "../../../core/bench/preview/index.ts";
import { type GlassOrder, scannedSheet } from "../../../core/simulate/negative/index.ts";
import { seededNumbers } from "../../codecs/seededNumbers.ts";
import { scanToPng } from "../../codecs/write/writeScan.ts";
import type { Job } from "../../transport/protocol.ts";

/** What the simulated flatbed is asked for: a sheet that the preview exposes, developed and laid on the glass. */
export interface NegativeScanOrder extends GlassOrder {
  readonly request: PreviewRequest;
  /** The same seed gives the same scan. */
  readonly seed: number;
}

/** A made-up flatbed with a negative on it: the Bench's computed sheet as its scan, a PNG. */
export const scanNegative: Job<NegativeScanOrder, Uint8Array<ArrayBuffer>> = async (order, { report }) => {
  const steps = renderExposure(orderOf(order.request));
  let step = steps.next();
  while (!step.done) {
    report(0.7 * step.value);
    step = steps.next();
  }
  report(0.85);
  const output = scanToPng(scannedSheet(step.value, order, seededNumbers(order.seed)), order.dpi);
  return { output, transfer: [output.buffer] };
};
