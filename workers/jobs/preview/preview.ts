import {
  type DevelopedPreview,
  develop,
  drawnPixels,
  orderOf,
  type PreviewRequest,
  type Rows,
  renderExposure,
  rowsFor,
} from "../../../core/bench/preview/index.ts";
import { flashDose } from "../../../core/light/exposure/index.ts";
import { leanedScene } from "../../../core/simulate/trail/index.ts";
import type { SunStay } from "../../../core/sun/index.ts";
import type { Job, JobOutput } from "../../transport/protocol.ts";

/** A preview, or some rows of one. */
export interface PreviewPart {
  readonly request: PreviewRequest;
  readonly width: number;
  readonly height: number;
  readonly rows: Rows;
  /** How its camera hangs for weeks and months; `null`: its sheet is developed. Only of all rows at once. */
  readonly stay: SunStay | null;
}

/** How long a job may go on without looking whether it was cancelled, ms. */
const BREATH = 30;

/** Draws some rows of a preview; between two steps it lets messages in, so that it can be cancelled. */
export const preview: Job<PreviewPart, DevelopedPreview> = async ({ request, width, height, rows, stay }, control) => {
  const level = orderOf(request);
  const order = stay === null ? level : { ...level, scene: leanedScene(level.scene, stay.aim) };
  const drawn = drawnPixels(order);
  const steps = renderExposure(order, rowsFor(drawn.height, height, rows));
  let last = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done && stay !== null) {
      // What reckons the sun is large, and few cameras need it.
      const { printedOutStay } = await import("./printedOutStay.ts");
      return handedOver(printedOutStay(step.value, order, { request, stay, scene: level.scene, width, height }));
    }
    if (step.done) {
      const { iso, density } = request.medium;
      const flash = request.flashes * flashDose(density, iso);
      return handedOver(develop(step.value, { density, iso, flash, width, height, rows }));
    }
    control.report(step.value);
    if (performance.now() - last < BREATH) continue;
    await messages();
    if (control.cancelled()) throw new Error("cancelled");
    last = performance.now();
  }
};

function handedOver(output: DevelopedPreview): JobOutput<DevelopedPreview> {
  return { output, transfer: [output.negative.buffer, output.positive.buffer] };
}

/** Lets waiting messages be read; quicker than a timer. */
function messages(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}
