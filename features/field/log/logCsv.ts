import Papa from "papaparse";
import { media } from "../../../catalogue/media.ts";
import type { Exposure } from "../../../core/document/index.ts";

/** What a spreadsheet would take for a formula, also over several lines. */
const FORMULA = /^[=+\-@\t\r][\s\S]*$/;

/** The log as CSV (RFC 4180, UTF-8): header in words, ISO times, formulas disarmed. */
export function logCsv(exposures: readonly Exposure[]): string {
  const rows = exposures.map((shot) => ({
    Camera: shot.cameraName ?? "",
    Number: shot.number ?? "",
    Opened: shot.openedAt,
    Subject: shot.subject ?? "",
    Light: shot.light ?? "",
    "EV at ISO 100": shot.ev ?? "",
    "Paper or film": media.find(({ id }) => id === shot.medium)?.name ?? shot.medium ?? "",
    ISO: shot.iso ?? "",
    "f-number": shot.fNumber ?? "",
    "Suggested seconds": shot.suggestedSeconds ?? "",
    "Given seconds": shot.seconds,
    Note: shot.note ?? "",
  }));
  return Papa.unparse(rows, { newline: "\r\n", escapeFormulae: FORMULA });
}
