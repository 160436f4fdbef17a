import { DAY_MS } from "../../core/basis/units/index.ts";
import { type Count, type Development, runOf } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { listRecords } from "../engine/records.ts";
import { runningDevelopments } from "./developments.ts";

/** What has stood open for longer than this is asked about, ms. */
const LONG = DAY_MS;

/** What somebody may have forgotten: holes that are open, or not logged, and sheets in a bath. */
export interface StandsOpen {
  readonly counts: readonly Count[];
  readonly sheets: readonly Development[];
}

/** What has stood open for over a day. */
export async function standsOpen(nowMs: number, db: StillBoxDb = theDb()): Promise<StandsOpen> {
  const [counts, sheets] = await Promise.all([listRecords("counts", db), runningDevelopments(db)]);
  return {
    counts: counts.filter(({ openedMs }) => nowMs - openedMs > LONG),
    sheets: sheets.filter((sheet) => nowMs - (runOf(sheet)?.startedMs ?? Date.parse(sheet.at)) > LONG),
  };
}
