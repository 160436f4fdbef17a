import { failure, formatTime, parseNumber, parseTime, type Result, success } from "../../../core/basis/units/index.ts";
import { mediumFrom, type OwnMedium, parseRecord } from "../../../core/document/index.ts";
import type { Medium, ReciprocityRule } from "../../../core/light/exposure/index.ts";

/** A medium as it is typed. */
export interface MediumEntries {
  readonly name: string;
  readonly iso: string;
  readonly wavelengthNm: string;
  readonly least: string;
  readonly most: string;
  readonly range: string;
  readonly rule: ReciprocityRule["kind"];
  readonly exponent: string;
  readonly factor: string;
  readonly table: string;
  readonly note: string;
}

export interface EntryFault {
  readonly field: keyof MediumEntries;
  readonly message: string;
}

/** What stands in the form at first. */
export function mediumEntries(own: OwnMedium | null, like: Medium): MediumEntries {
  const { iso, wavelengthNm, density, longTime } = own === null ? like : mediumFrom(own, like);
  return {
    name: own?.name ?? "",
    iso: String(iso),
    wavelengthNm: String(wavelengthNm),
    least: String(density.least),
    most: String(density.most),
    range: String(density.range),
    rule: longTime.kind,
    exponent: "exponent" in longTime ? String(longTime.exponent) : "1.3",
    factor: longTime.kind === "added" ? String(longTime.factor) : "0.2",
    table: longTime.kind === "table" ? longTime.entries.map((pair) => pair.map(formatTime).join(" → ")).join(", ") : "",
    note: own?.note ?? "",
  };
}

/** Where the faults of the record’s check belong. */
const FIELD_OF: readonly (readonly [path: string, field: keyof MediumEntries])[] = [
  ["/density/least", "least"],
  ["/density/most", "most"],
  ["/density/range", "range"],
  ["/longTime/exponent", "exponent"],
  ["/longTime/factor", "factor"],
  ["/longTime/entries", "table"],
  ["/iso", "iso"],
  ["/wavelengthNm", "wavelengthNm"],
  ["/name", "name"],
  ["/note", "note"],
];

/** Reads what is typed; every fault at its entry, in words that say what is allowed. */
export function readMedium(typed: MediumEntries, like: string, id: string): Result<OwnMedium, readonly EntryFault[]> {
  const faults: EntryFault[] = [];
  const number = (field: "iso" | "wavelengthNm" | "least" | "most" | "range" | "exponent" | "factor"): number => {
    const parsed = parseNumber(typed[field]);
    if (parsed.ok) return parsed.value.value;
    faults.push({ field, message: "A number, such as 6 or 0.05." });
    return 0;
  };
  const rule = ruleOf(typed, number);
  if (!rule.ok) faults.push({ field: "table", message: rule.error });
  const record = {
    id,
    name: typed.name.trim(),
    like,
    iso: number("iso"),
    wavelengthNm: number("wavelengthNm"),
    density: { least: number("least"), most: number("most"), range: number("range") },
    longTime: rule.ok ? rule.value : { kind: "none" },
    note: typed.note.trim(),
  };
  if (faults.length > 0) return failure(faults);
  const parsed = parseRecord("media", record);
  if (parsed.ok) return parsed;
  return failure(
    parsed.error.map(({ path, message }) => ({
      field: FIELD_OF.find(([start]) => path.startsWith(start))?.[1] ?? "name",
      message: `It ${message}.`,
    })),
  );
}

function ruleOf(
  { rule, table }: MediumEntries,
  number: (field: "exponent" | "factor") => number,
): Result<ReciprocityRule> {
  if (rule === "none") return success({ kind: "none" });
  if (rule === "power") return success({ kind: "power", exponent: number("exponent") });
  if (rule === "added") return success({ kind: "added", factor: number("factor"), exponent: number("exponent") });
  const entries: [number, number][] = [];
  for (const pair of table.split(/[;\n]|,(?=\s)/).filter((each) => each.trim() !== "")) {
    const [metered, given] = pair.split(/→|->|=/).map((text) => parseTime(text));
    if (!metered?.ok || !given?.ok) return failure(`“${pair.trim()}” is no pair of times, such as 10 s → 20 s.`);
    entries.push([metered.value, given.value]);
  }
  return success({ kind: "table", entries });
}
