import Papa from "papaparse";
import { allMedia } from "../../../../catalogue/media.ts";
import { failure, parseNumber, type Result, success } from "../../../../core/basis/units/index.ts";
import { type Exposure, parseExposure } from "../../../../core/document/index.ts";
import type { CameraName } from "../../../../storage/index.ts";
import { type DayOrder, tableDate, type WallTime } from "./tableDate.ts";

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

/** What reading a table needs beside its words. */
export interface TableSetting {
  readonly cameras: readonly CameraName[];
  /** For shots that have none: another one at every call. */
  readonly newId: () => string;
  /** ISO 8601: when corrections without a time were made. */
  readonly now: string;
  /** A time by the clock on the wall of this place as ISO 8601 with its offset. */
  readonly here: (wall: WallTime) => string;
  /** Which comes first in dates of figures; `null`: not said. */
  readonly order: DayOrder | null;
}

/** A date of a table that could be two days: then the maker is asked which comes first. */
export interface UnclearDate {
  readonly unclear: string;
}

/** Our columns by their names in small letters: spreadsheets and hands write them as they like. */
const OURS: ReadonlyMap<string, string> = new Map(
  [
    ...NEEDED,
    ...Object.keys(TEXTS),
    ...Object.keys(NUMBERS),
    "Camera id",
    "Shot id",
    "Medium id",
    "Paper or film",
    "Correction in stops",
    "Judged by",
    "Judged",
    "Spoilt",
  ].map((name) => [name.toLowerCase(), name]),
);

/**
 * Reads a log from CSV: our own columns, in any order and in any case; others are passed over. One fault a line; with any,
 * none is taken.
 *
 * @source RFC 4180; `sep=` before the first row is a spreadsheet's word for the mark between columns (common practice)
 */
export function readLogCsv(
  text: string,
  setting: TableSetting,
): Result<readonly Exposure[], readonly CsvFault[] | UnclearDate> {
  // A byte order mark before the first header belongs to no name.
  const [, sep, table = ""] = /^\ufeff?(?:sep=(.)\r?\n)?([\s\S]*)$/i.exec(text) ?? [];
  const { data, meta, errors } = Papa.parse<Row>(table, {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (header) => OURS.get(header.trim().toLowerCase()) ?? header,
    ...(sep === undefined ? {} : { delimiter: sep }),
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
  const unclear = data
    .map((row) => armed(row.Opened ?? ""))
    .find((date) => tableDate(date, setting.order) === "unclear");
  if (unclear !== undefined) return failure({ unclear });
  const read = data.map((row, index) => shotOf(row, setting, index + (sep === undefined ? 2 : 3)));
  const faults = [...torn, ...read.flatMap((each) => (each.ok ? [] : [each.error]))];
  if (faults.length > 0) return failure(faults.sort((a, b) => a.row - b.row));
  return success(read.flatMap((each) => (each.ok ? [each.value] : [])));
}

function shotOf(
  row: Row,
  { cameras, newId, now, here, order }: TableSetting,
  line: number,
): Result<Exposure, CsvFault> {
  const refuse = (column: string, message: string): Result<never, CsvFault> => failure({ row: line, column, message });
  const told = (column: string): string => armed(row[column] ?? "").trim();
  const opened = tableDate(told("Opened"), order);
  if (opened === null || opened === "unclear") {
    return refuse("Opened", `“${told("Opened")}” is no date and time: write it like 2026-05-02 11:30`);
  }
  const shot: Record<string, unknown> = {
    id: told("Shot id") || newId(),
    openedAt: FULL.test(told("Opened")) ? told("Opened") : opened.offset === null ? here(opened) : isoOf(opened),
  };
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

/** A time that is written out in full stays as it is written. */
const FULL = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}.*(Z|[+-]\d{2}:\d{2})$/;

function isoOf({ year, month, day, hour, minute, second, offset }: WallTime): string {
  const two = (value: number): string => String(value).padStart(2, "0");
  return `${year}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}:${two(second)}${offset}`;
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
