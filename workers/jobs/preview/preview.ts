import {
  type DevelopedPreview,
  develop,
  drawnPixels,
  type Exposed,
  orderOf,
  type PreviewOrder,
  type PreviewRequest,
  type Rows,
  renderExposure,
  rowsFor,
  scatteredExposure,
} from "../../../core/bench/preview/index.ts";
import { scatteredShare } from "../../../core/camera/container/index.ts";
import { flashDose } from "../../../core/light/exposure/index.ts";
import { leanedScene } from "../../../core/simulate/trail/index.ts";
import type { SunStay } from "../../../core/sun/index.ts";
import type { Job, JobControl, JobOutput } from "../../transport/protocol.ts";

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
  const { iso, density } = request.medium;
  const level = orderOf(request);
  const order = stay === null ? level : { ...level, scene: leanedScene(level.scene, stay.aim) };
  const exposed = await exposedTo(order, rowsFor(drawnPixels(order).height, height, rows), control);
  const scattered = scatteredExposure(order, scatteredShare(request.camera));
  if (stay === null) {
    const even = scattered + request.flashes * flashDose(density, iso);
    return handedOver(develop(exposed, { density, iso, even, width, height, rows }));
  }
  // What reckons the sun is large, and few cameras need it.
  const { printedOutStay } = await import("./printedOutStay.ts");
  return handedOver(printedOutStay(exposed, order, { request, stay, scene: level.scene, scattered, width, height }));
};

async function exposedTo(order: PreviewOrder, rows: Rows, control: JobControl): Promise<Exposed> {
  const steps = renderExposure(order, rows);
  let last = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    control.report(step.value);
    if (performance.now() - last < BREATH) continue;
    await messages();
    if (control.cancelled()) throw new Error("cancelled");
    last = performance.now();
  }
}

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
