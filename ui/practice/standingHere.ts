import { mediumById } from "../../catalogue/media.ts";
import { type Practised, type SessionRecords, type Standing, standingOf } from "../../core/practice/index.ts";
import { sunRequest } from "../records/sunRequest.ts";

/** What a session’s drawer holds before anything of it is read. */
export const NOTHING_YET: SessionRecords = { cameras: [], exposures: [], loads: [], meters: [], trails: [] };

/** How far somebody got in a session, by what is in its drawer. */
export function standingWith(practised: Practised, records: SessionRecords): Standing {
  return standingOf(practised, records, { mediumOf: mediumById, sunOf: sunRequest });
}
