import type { Quad } from "../../core/basis/plane/index.ts";
import { frameOfSettings, type PictureFrame, type ProofSettings, sheetInScan } from "../../core/negative/index.ts";

/** What of a negative’s settings says where on the picture what of the sheet lies. */
export type PlaceSettings = Pick<ProofSettings, "sheet" | "camera" | "projection" | "towards">;

/** The raster a positive is drawn in, to tell what of the sheet lies where; `null` where its corners are not known. */
export function frameOf(settings: PlaceSettings, width: number): PictureFrame | null {
  const { sheet } = settings;
  if (!sheet.corners) return null;
  const corners = sheet.corners.map(([x, y]) => ({ x, y })) as unknown as Quad;
  const placed = sheetInScan({ width: sheet.width, height: sheet.height, seen: sheet.seen ?? "emulsion", corners });
  return frameOfSettings(placed, settings, width);
}
