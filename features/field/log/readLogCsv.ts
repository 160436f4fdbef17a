import Papa from "papaparse";
import { allMedia } from "../../../catalogue/media.ts";
import { failure, parseNumber, type Result, success } from "../../../core/basis/units/index.ts";
import { type Exposure, parseExposure } from "../../../core/document/index.ts";
import type { CameraName } from "../../../storage/index.ts";

/** A line of a table that can't be taken in, and why. */
export interface CsvFault {
  /** As a spreadsheet counts: the header is row 1. */
  readonly row: number;
  readonly column: string;
  readonly message: string;
}

/** Files beyond this are no log, bytes. */
export const LARGEST_CSV = 32 * 2 ** 20;
const NEEDED = ["Camera", "Opened", "Given seconds"] as const;
/** Where a column's value goes, by the field of the shot. */
const TEXTS = {
  Subject: "subject",
  Where: "where",
  Weather: "weather",
  Light: "light",
  Note: "note",
  "Light key": "lightKey",
  "Load id": "loadId",
  Place: "place",
} as const;
const NUMBERS = {
  Number: "number",
  "EV at ISO 100": "ev",
  ISO: "iso",
  "f-number": "fNumber",
  "Metered seconds": "meteredSeconds",
  "Suggested seconds": "suggestedSeconds",
  "Given seconds": "seconds",
} as const;
/** Which column a fault of the record’s check belongs to. */
const COLUMN_OF: Readonly<Record<string, string>> = {
  ...Object.fromEntries(
    [...Object.entries(TEXTS), ...Object.entries(NUMBERS)].map(([column, field]) => [field, column]),
  ),
  openedAt: "Opened",
  judged: "Correction in stops",
  spoilt: "Spoilt",
  id: "Shot id",
  cameraId: "Camera id",
};

type Row = Readonly<Partial<Record<string, string>>>;

/**
 * Reads a log from CSV: our own columns, in any order; others are passed over. One fault a line; with any, none is taken.
 *
 * @param newId for shots that have none: another one at every call
 * @param now ISO 8601: when corrections without a time were made
 * @source RFC 4180
 */
export function readLogCsv(
  text: string,
  cameras: readonly CameraName[],
  newId: () => string,
  now: string,
): Result<readonly Exposure[], readonly CsvFault[]> {
  // A byte order mark before the first header belongs to no name.
  const { data, meta, errors } = Papa.parse<Row>(text.replace(/^\ufeff/, ""), {
    header: true,
    skipEmptyLines: "greedy",
  });
  const headers = meta.fields ?? [];
  const missing = NEEDED.filter((name) => !headers.includes(name));
  if (missing.length > 0) {
    const message = `is missing: the first row must name at least ${NEEDED.join(", ")}`;
    return failure(missing.map((column) => ({ row: 1, column, message })));
  }
  const torn = errors
    .filter(({ type }) => type !== "Delimiter")
    .map(({ row, message }) => ({ row: (row ?? 0) + 2, column: "", message: `${message.toLowerCase()}` }));
  const read = data.map((row, index) => shotOf(row, cameras, newId, now, index + 2));
  const faults = [...torn, ...read.flatMap((each) => (each.ok ? [] : [each.error]))];
  if (faults.length > 0) return failure(faults.sort((a, b) => a.row - b.row));
  return success(read.flatMap((each) => (each.ok ? [each.value] : [])));
}

function shotOf(
  row: Row,
  cameras: readonly CameraName[],
  newId: () => string,
  now: string,
  line: number,
): Result<Exposure, CsvFault> {
  const refuse = (column: string, message: string): Result<never, CsvFault> => failure({ row: line, column, message });
  const told = (column: string): string => armed(row[column] ?? "").trim();
  const shot: Record<string, unknown> = { id: told("Shot id") || newId(), openedAt: told("Opened") };
  const name = told("Camera");
  const camera = cameras.find(({ id }) => id === told("Camera id")) ?? cameras.find((each) => each.name === name);
  if (told("Camera id") === "" && camera === undefined) {
    return refuse("Camera", `“${name}” is none of your cameras: name one of them, or give a Camera id`);
  }
  Object.assign(shot, { cameraId: camera?.id ?? told("Camera id"), cameraName: name || camera?.name });
  for (const [column, field] of Object.entries(TEXTS)) if (told(column) !== "") shot[field] = told(column);
  for (const [column, field] of Object.entries(NUMBERS)) {
    if (told(column) === "") continue;
    const number = numberIn(told(column));
    if (number === null) return refuse(column, `“${told(column)}” is no number`);
    shot[field] = number;
  }
  const medium = told("Medium id") || told("Paper or film");
  if (medium !== "") {
    const known = allMedia().find(({ id, name: called }) => id === medium || called === medium);
    shot.medium = known?.id ?? medium;
  }
  if (told("Correction in stops") !== "") {
    const correction = numberIn(told("Correction in stops"));
    if (correction === null) return refuse("Correction in stops", `“${told("Correction in stops")}” is no number`);
    shot.judged = { correction, by: told("Judged by") || "words", at: told("Judged") || now };
  }
  if (told("Spoilt") !== "") shot.spoilt = told("Spoilt");
  const parsed = parseExposure(shot);
  if (parsed.ok) return parsed;
  const [fault] = parsed.error;
  const field = fault?.path.split("/")[1] ?? "";
  return refuse(COLUMN_OF[field] ?? field, fault?.message ?? "can’t be read");
}

/** A number as CSV or a maker writes it; `null`: it is none. Small and large ones may have an exponent. */
function numberIn(text: string): number | null {
  const plain = Number(text);
  if (Number.isFinite(plain)) return plain;
  const parsed = parseNumber(text);
  return parsed.ok ? parsed.value.value : null;
}

/** A value whose formula was disarmed by an apostrophe, as it was. */
function armed(text: string): string {
  return /^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
}
