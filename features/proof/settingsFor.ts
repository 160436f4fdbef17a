import { mediumById } from "../../catalogue/media.ts";
import { type Camera, solveRequest } from "../../core/camera/container/index.ts";
import type { Exposure } from "../../core/document/index.ts";
import type { ProofSettings } from "../../core/negative/index.ts";

/** A sheet nobody has said anything of. */
const UNKNOWN = { width: 127, height: 101.6 } as const;

/** What a shot and its camera say of a scan: paper, sheet, hole. The rest stays as it was set. */
export function settingsFor(
  camera: Camera | null,
  shot: Exposure | null,
  mediumId: string | null,
  before: ProofSettings | null = null,
): ProofSettings {
  const medium = mediumById(mediumId ?? shot?.medium);
  const iso = shot?.iso ?? medium.iso;
  const request = camera === null ? null : solveRequest(camera, { ...medium, iso });
  const size = request?.film ?? before?.sheet ?? UNKNOWN;
  return {
    ...before,
    medium: { ...medium.density, iso },
    sheet: {
      ...before?.sheet,
      width: size.width,
      height: size.height,
      seen: before?.sheet.seen ?? (medium.kind === "film" ? "back" : "emulsion"),
    },
    camera: request === null ? null : { hole: request.hole, film: request.film },
  };
}
