import { type Result, success } from "../../core/basis/units/index.ts";
import {
  type Change,
  type Exposure,
  type Pack,
  parseCamera,
  parseExposure,
  parseNegative,
  parseRecord,
  parseSettings,
  type Records,
  settledPack,
} from "../../core/document/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import { markPlace } from "../loads/loadMarks.ts";
import { type ExposureRow, exposureOf, exposureRow, type StillBoxDb } from "./db.ts";
import type { Edited, EditedName, KeptSetting } from "./edited.ts";

/** How the records of a collection are kept. */
export interface Keeping<R> {
  readonly parse: (data: unknown) => Result<R, readonly Fault[]>;
  /** The record of a row, and the row of a record, where they differ. */
  readonly recordOf?: (row: unknown) => R;
  readonly rowOf?: (record: R) => object;
  /** A record with what follows from the rest of it; a step remembers none of these fields. */
  readonly settled?: { readonly fields: readonly string[]; readonly by: (record: R) => R };
  /** What is left of a record whose making is taken back; missing: nothing. */
  readonly left?: (now: R, made: R) => R;
  /** Whether a record holds nothing any more after a step was taken back: then it is gone. */
  readonly isEmpty?: (record: R) => boolean;
  /** What changes along with it, in the same transaction, and the tables in which it does. */
  readonly along?: {
    readonly tables: readonly string[];
    readonly change: (before: R | undefined, after: R | undefined, db: StillBoxDb) => Promise<void>;
  };
}

/** A collection whose rows are its records. */
function plain<N extends keyof Records>(name: N): Keeping<Records[N]> {
  return { parse: (row) => parseRecord(name, row) };
}

/** How each collection is kept. */
export const KEEPING: { readonly [N in EditedName]: Keeping<Edited[N]> } = {
  cameras: { parse: parseCamera },
  negatives: { parse: parseNegative },
  trails: plain("trails"),
  exposures: {
    parse: parseExposure,
    recordOf: (row) => exposureOf(row as ExposureRow),
    rowOf: exposureRow,
    along: { tables: ["loads", "counts"], change: alongShot },
  },
  loads: {
    ...plain("loads"),
    // The places that it filled are empty again, what was loaded since stays.
    left: (now, made) => ({
      ...now,
      places: now.places.filter(({ place }) => !made.places.some((each) => each.place === place)),
    }),
    isEmpty: ({ places }) => places.length === 0,
  },
  packs: { ...plain("packs"), settled: { fields: ["left"], by: settledPack } },
  meters: plain("meters"),
  media: plain("media"),
  counts: plain("counts"),
  recipes: plain("recipes"),
  developments: plain("developments"),
  bottles: plain("bottles"),
  processing: plain("processing"),
  settings: {
    parse: (row) => parsedSetting(row as KeptSetting),
    recordOf: (row) => {
      const { key, value } = row as { readonly key: string; readonly value: unknown };
      return { id: key, value };
    },
    rowOf: ({ id, value }) => ({ key: id, value }),
  },
};

function parsedSetting(setting: KeptSetting): Result<KeptSetting, readonly Fault[]> {
  const parsed = parseSettings({ [setting.id]: setting.value });
  return parsed.ok ? success(setting) : parsed;
}

/** A shot takes its place in its load and ends the count it was; gone, its place is free again. */
async function alongShot(before: Exposure | undefined, after: Exposure | undefined, db: StillBoxDb): Promise<void> {
  if (after === undefined) {
    if (before !== undefined) await markPlace(before, null, db);
    return;
  }
  await db.counts.delete(after.id);
  // A place exposed twice is the later shot's: words changed in the older one don't take it back.
  const moved = before === undefined || before.loadId !== after.loadId || before.place !== after.place;
  if (moved) await markPlace(after, after.id, db);
}

/** The changes of a step that are not settled by the rest of the record. */
export function unsettled<N extends EditedName>(name: N, changes: readonly Change[]): readonly Change[] {
  const fields = KEEPING[name].settled?.fields ?? [];
  return changes.filter(({ path: [first] }) => first === undefined || !fields.includes(first));
}

/** A record as it is reckoned with: {@link Keeping.settled}. */
export function settled<N extends EditedName>(name: N, record: Edited[N]): Edited[N] {
  const by = KEEPING[name].settled?.by as ((record: Edited[N]) => Edited[N]) | undefined;
  return by === undefined ? record : by(record);
}

/** A pack from which something was taken or put back, once under the name of what did it. */
export function withTaken(pack: Pack, id: string, sheets: number): Pack {
  const whole = settledPack(pack);
  if (whole.taken?.some((each) => each.id === id)) return whole;
  return settledPack({ ...whole, taken: [...(whole.taken ?? []), { id, sheets }] });
}
