import Papa from "papaparse";
import { allMedia } from "../../../../catalogue/media.ts";
import type { Exposure } from "../../../../core/document/index.ts";

/** What a spreadsheet would take for a formula, also over several lines. */
const FORMULA = /^'*[=+\-@\t\r][\s\S]*$/;

/** Columns in their order, each with what it says of a shot. */
const COLUMNS: readonly (readonly [header: string, of: (shot: Exposure) => string | number | null | undefined])[] = [
  ["Camera", ({ cameraName }) => cameraName],
  ["Number", ({ number }) => number],
  ["Place", ({ place }) => place],
  ["Opened", ({ openedAt }) => openedAt],
  ["Subject", ({ subject }) => subject],
  ["Where", ({ where }) => where],
  ["Weather", ({ weather }) => weather],
  ["Light", ({ light }) => light],
  ["EV at ISO 100", ({ ev }) => ev],
  ["Paper or film", ({ medium }) => allMedia().find(({ id }) => id === medium)?.name ?? medium],
  ["ISO", ({ iso }) => iso],
  ["f-number", ({ fNumber }) => fNumber],
  ["Metered seconds", ({ meteredSeconds }) => meteredSeconds],
  ["Suggested seconds", ({ suggestedSeconds }) => suggestedSeconds],
  ["Given seconds", ({ seconds }) => seconds],
  ["Correction in stops", ({ judged }) => judged?.correction],
  ["Judged by", ({ judged }) => judged?.by],
  ["Judged", ({ judged }) => judged?.at],
  ["Spoilt", ({ spoilt }) => spoilt],
  ["Note", ({ note }) => note],
  ["Light key", ({ lightKey }) => lightKey],
  ["Medium id", ({ medium }) => medium],
  ["Camera id", ({ cameraId }) => cameraId],
  ["Load id", ({ loadId }) => loadId],
  ["Shot id", ({ id }) => id],
];

/**
 * The log as CSV (RFC 4180, UTF-8): header in words, ISO times, formulas disarmed. Where it holds more than plain letters it
 * begins with the mark by which spreadsheets know UTF-8.
 */
export function logCsv(exposures: readonly Exposure[]): string {
  const rows = exposures.map((shot) => COLUMNS.map(([, of]) => of(shot) ?? ""));
  const fields = COLUMNS.map(([header]) => header);
  const text = Papa.unparse({ fields, data: rows }, { newline: "\r\n", escapeFormulae: FORMULA });
  // biome-ignore lint/suspicious/noControlCharactersInRegex: plain letters are those below 128
  return /[^\x00-\x7f]/.test(text) ? `\ufeff${text}` : text;
}
