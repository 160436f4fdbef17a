import type { PlanePoint, Quad } from "../../basis/plane/index.ts";
import type { Distribution } from "../model/distribution.ts";
import type { NegativeScan } from "../model/negativeScan.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import { type FoundSheet, findSheet } from "./findSheet.ts";
import { type SheetInScan, sheetInScan } from "./sheetInScan.ts";
import { lightOf, whiteOf } from "./whiteOf.ts";

/** Why a scan gives no picture: a closed set. Words for each: {@link troubleFault}. */
export type ProofTrouble = "black" | "off-scan" | "nothing-there" | "too-large";

/** A sheet found in its scan, and its light. */
export interface PlacedSheet {
  readonly sheet: SheetInScan;
  /** Whether its corners were given, found, or are those of the whole picture. */
  readonly corners: "given" | "found" | "whole";
  /** The sheet as it was found, where its corners were not given and one stands out. */
  readonly found: FoundSheet | null;
  /** Light inside the margin, linear. */
  readonly light: Distribution;
  /** Light of the unexposed sheet, linear; 0 where the sheet is black all over. */
  readonly white: number;
}

/**
 * Finds a sheet in its scan (or takes the corners that were given) and the light of its unexposed paper.
 *
 * @returns where it lies and what it holds
 * @source PHYSICS section 11; FORMAT, `POST /api/proof`: corners given, found, or the whole picture
 * @example placeSheet(scan, { medium, sheet: { width: 127, height: 101.6 } }).corners // "found" …
 */
export function placeSheet(scan: NegativeScan, { sheet, encoding = "file", white = null }: ProofSettings): PlacedSheet {
  const given = sheet.corners ?? null;
  const found = given === null ? findSheet(scan, encoding) : null;
  const corners = given === null ? (found?.corners ?? wholeOf(scan)) : quadOf(given);
  const placement = { width: sheet.width, height: sheet.height, seen: sheet.seen ?? "emulsion", corners };
  const light = lightOf(scan, encoding, placement, "luminance");
  const told = white ?? whiteOf(light);
  return {
    sheet: sheetInScan(placement),
    corners: given !== null ? "given" : found === null ? "whole" : "found",
    found,
    light,
    white: Number.isFinite(told) ? told : 0,
  };
}

function quadOf(corners: readonly (readonly [number, number])[]): Quad {
  return corners.map(([x, y]): PlanePoint => ({ x, y })) as unknown as Quad;
}

function wholeOf({ width, height }: NegativeScan): Quad {
  return [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ];
}

/**
 * Why a sheet gives no picture at all, or `null`.
 *
 * @returns `off-scan`: its corners lie outside the scan; `black`: no light comes from its lightest place
 * @example noPicture(placeSheet(scan, { medium, sheet })) // null …
 */
export function noPicture({ light, white }: PlacedSheet): ProofTrouble | null {
  if (light.total === 0) return "off-scan";
  return white > 0 ? null : "black";
}
