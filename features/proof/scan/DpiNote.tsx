import type { Negative } from "../../../core/document/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import { scanDpi } from "../../../core/negative/index.ts";
import type { OpenReport } from "../../../workers/jobs/proof/proofJob.ts";

/** What resolution is enough for this hole, and what the scan has. */
export function DpiNote({ negative, report }: { readonly negative: Negative; readonly report: OpenReport }) {
  const { camera, sheet } = negative.settings;
  const facts = `${report.width} × ${report.height} px, ${report.channels === 1 ? "grey" : "colour"}, ${report.bits} bits`;
  const corners = sheet.corners ?? report.corners;
  const [a, b] = corners as readonly (readonly [number, number])[];
  const across = a === undefined || b === undefined ? 0 : Math.hypot(b[0] - a[0], b[1] - a[1]);
  const real = (across / sheet.width) * 25.4;
  if (!camera) {
    return (
      <p className="text-[0.87rem] text-quiet">{facts}. Say which shot it is of, and its camera tells the rest.</p>
    );
  }
  const { aperture, setting } = opticalModel(camera);
  const { step, exact } = scanDpi(aperture.diameter, setting);
  const enough = real >= exact * 0.98;
  return (
    <p className="text-[0.87rem]" data-dpi={enough ? "enough" : "coarse"}>
      {facts}: {Math.round(real)} pixels an inch of the sheet.{" "}
      {enough
        ? `Enough: all this hole of ${aperture.diameter.toFixed(2)} mm draws fits into ${step} dpi.`
        : `This hole of ${aperture.diameter.toFixed(2)} mm draws more than that: scan at ${step} dpi to keep it all.`}
    </p>
  );
}
