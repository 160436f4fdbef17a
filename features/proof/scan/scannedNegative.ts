import type { Exposure, Negative } from "../../../core/document/index.ts";
import type { ProofSettings } from "../../../core/negative/index.ts";
import type { OpenReport } from "../../../workers/jobs/proof/proofJob.ts";
import type { Corners } from "../corners.ts";
import { named } from "../quarters.ts";

/** What is known of a scan that is taken in. */
export interface Scanned {
  readonly id: string;
  /** SHA-256 of the file. */
  readonly picture: string;
  readonly name: string;
  /** ISO 8601 with offset. */
  readonly at: string;
  readonly shot: Exposure | null;
  /** Of its camera, where no shot says so. */
  readonly cameraId: string | null;
  /** Id of the paper or film. */
  readonly medium: string | null;
  /** What its shot and camera say of it. */
  readonly settings: ProofSettings;
  readonly opened: Pick<OpenReport, "dpi" | "corners" | "sky">;
  /** How the newest sheet of this camera lay on the glass. */
  readonly before: Corners | null;
}

/** A scan's record: its sheet found, and named the way it stood. */
export function scannedNegative({ shot, cameraId, settings, opened, before, ...file }: Scanned): Negative {
  const { dpi, corners, sky } = opened;
  return {
    ...file,
    exposureId: shot?.id ?? null,
    cameraId: shot?.cameraId ?? cameraId,
    dpi,
    settings: {
      ...settings,
      sheet: { ...settings.sheet, corners: named(corners as Corners, settings.sheet, { before, sky }) },
    },
    // As it lies in the hand, until somebody wants it right-reading.
    ...(settings.medium.positive ? { finish: { mirrored: true } } : {}),
  };
}
