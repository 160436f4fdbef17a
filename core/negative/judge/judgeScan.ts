import { failure, type Result, success } from "../../basis/units/index.ts";
import type { NegativeScan } from "../model/negativeScan.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import { noPicture, type PlacedSheet, type ProofTrouble, placeSheet } from "../scan/placeSheet.ts";
import { BOUND_SHARE, judgeLight, type SheetJudgement } from "./judgeLight.ts";
import { type CountedLight, lightOfCells } from "./lightOfCells.ts";

/** The answer of `POST /api/judge` (FORMAT). */
export interface JudgeAnswer extends SheetJudgement {
  /** The part of the sheet inside the margin that was judged, > 0 to 1. */
  readonly share: number;
  readonly white: number;
  readonly corners: readonly (readonly [x: number, y: number])[];
  readonly warnings: readonly { readonly code: JudgeWarning; readonly message: string }[];
}

export type JudgeWarning = "no-lid" | "mostly-burnt" | "mostly-blank" | "white-guessed";

/** What is said of each warning. */
const WARNINGS: Readonly<Record<JudgeWarning, string>> = {
  "no-lid": "no sheet stands out from a lid: the whole picture was taken for it",
  "mostly-burnt": "more than 30 % is black beyond use: how much too long it was cannot be told, only at least how much",
  "mostly-blank": "more than 30 % stayed blank: how much too short it was cannot be told, only at least how much",
  "white-guessed":
    "the unexposed sheet was taken to be its lightest part; mark a strip that had no light if there is one",
};

/**
 * Judges the negative in a scan.
 *
 * @param placed where its sheet lies, where that is known already
 * @param counted the light it is judged by, where that is known already
 * @returns stops, shares, and where the sheet lies; or why not
 * @source PHYSICS section 11, “Judging”; FORMAT, `POST /api/judge`
 * @example judgeScan(scan, { medium, sheet: { width: 127, height: 101.6 } }).ok // true …
 */
export function judgeScan(
  scan: NegativeScan,
  settings: ProofSettings,
  placed: PlacedSheet = placeSheet(scan, settings),
  counted?: CountedLight,
): Result<JudgeAnswer, ProofTrouble> {
  const { white, sheet } = placed;
  const dark = noPicture(placed);
  if (dark !== null) return failure(dark);
  const { light, share } = counted ?? lightOfCells(scan, settings, placed);
  const judged = judgeLight(light, white, settings.medium);
  const codes: readonly (JudgeWarning | false)[] = [
    placed.corners === "whole" && "no-lid",
    typeof settings.white !== "number" && "white-guessed",
    judged.burnt > BOUND_SHARE && "mostly-burnt",
    judged.blank > BOUND_SHARE && "mostly-blank",
  ];
  return success({
    ...judged,
    share,
    white,
    corners: sheet.corners.map(({ x, y }) => [x, y] as const),
    warnings: codes.flatMap((code) => (code === false ? [] : [{ code, message: WARNINGS[code] }])),
  });
}
