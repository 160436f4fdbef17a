import { opticalModel } from "../../../light/solve/index.ts";
import { exposureMap } from "../../density/exposureMap.ts";
import type { NegativeScan } from "../../model/negativeScan.ts";
import type { ProofSettings } from "../../model/proofSettings.ts";
import { type PlacedSheet, placeSheet } from "../../scan/placeSheet.ts";
import { bars, leaks } from "./alongEdges.ts";
import { doubled } from "./doubled.ts";
import type { FoundFault } from "./fault.ts";
import { fingers, scratches } from "./marks.ts";
import { oneTone } from "./oneTone.ts";
import { edgeWidth, softness } from "./soft.ts";
import { uprightDensities } from "./uprightDensities.ts";

export type { FaultCode, FaultPlace, FoundFault } from "./fault.ts";

/** Pixels on the longer side: as many as show ridges, and a scratch beside what the hole draws; not more than the scan has. */
const FINE = { ridges: 0.08, ofHole: 1 / 6.5, most: 3000 } as const;

/**
 * What a negative may have beside its picture: each fault where the picture shows it, none asserted.
 *
 * @returns faults; empty for a clean sheet
 * @example negativeFaults(scan, { medium, sheet }) // [{ code: "leak", … }] …
 */
export function negativeFaults(
  scan: NegativeScan,
  settings: ProofSettings,
  placed: PlacedSheet = placeSheet(scan, settings),
): readonly FoundFault[] {
  const densities = uprightDensities(scan, settings, placed);
  const whole = oneTone(densities);
  if (whole.length > 0) return whole;
  const fine = uprightDensities(scan, settings, placed, fineSide(scan, settings));
  return [
    ...leaks(densities),
    ...bars(densities),
    ...doubled(densities),
    ...softFaults(scan, settings, placed),
    ...fingers(fine),
    ...(settings.camera ? scratches(fine, opticalModel(settings.camera).aperture.diameter) : []),
  ];
}

function fineSide(scan: NegativeScan, settings: ProofSettings): number {
  const longer = Math.max(settings.sheet.width, settings.sheet.height);
  const hole = settings.camera ? opticalModel(settings.camera).aperture.diameter : 1;
  const wanted = longer / Math.min(FINE.ridges, FINE.ofHole * hole);
  return Math.ceil(Math.min(FINE.most, wanted, Math.max(scan.width, scan.height)));
}

function softFaults(scan: NegativeScan, settings: ProofSettings, { sheet, white }: PlacedSheet): readonly FoundFault[] {
  if (!settings.camera || !(white > 0)) return [];
  const { aperture, setting } = opticalModel(settings.camera);
  const map = exposureMap(scan, settings.encoding ?? "file", sheet, settings.medium, white, "luminance");
  return softness(map, sheet.pixelsPerMm, edgeWidth(aperture.diameter, setting));
}
