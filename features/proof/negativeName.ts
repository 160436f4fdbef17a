import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure, Negative } from "../../core/document/index.ts";
import { localDay } from "../../ui/format/localTime.ts";

/** A sheet and today, as files made of it are called: by its scan's own name. */
export function sheetWords({ name = "" }: Negative): string {
  return `${name.replace(/\.[^.]+$/, "")} ${localDay()}`.trim();
}

/** What a negative is called: its subject, else its camera, else its file. */
export function negativeName(
  negative: Negative,
  { shots, cameras }: { readonly shots: readonly Exposure[]; readonly cameras: readonly Camera[] },
): string {
  const shot = shots.find(({ id }) => id === negative.exposureId);
  const camera = cameras.find(({ id }) => id === negative.cameraId);
  return shot?.subject || shot?.cameraName || camera?.name || negative.name || "A sheet";
}
