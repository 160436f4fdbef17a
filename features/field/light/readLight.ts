import { lightTable } from "../../../catalogue/lightTable.ts";
import {
  formatFNumber,
  formatTime,
  parseFNumber,
  parseNumber,
  parseTime,
  type Result,
  success,
} from "../../../core/basis/units/index.ts";
import type { Meter, Spot } from "../../../core/document/index.ts";
import type { ExposeLight } from "../../../core/learning/index.ts";
import { evOnSheet, lightFromTime, type Medium, photographEv, spotEv } from "../../../core/light/exposure/index.ts";
import type { Photograph } from "../../../workers/jobs/photograph/photograph.ts";
import { meanAround } from "./spotLight.ts";

/** How the light was judged. */
export type LightSource =
  | { readonly by: "table"; readonly row: string }
  | { readonly by: "meter"; readonly seconds: string; readonly fNumber: string; readonly iso: string }
  | {
      readonly by: "photograph";
      readonly photograph: Photograph | null;
      readonly file: File | null;
      readonly spots: readonly Mark[];
    }
  | { readonly by: "practice"; readonly seconds: number | null; readonly fNumber: number; readonly iso: number };

/** A place marked on a photograph: 0 to 1 from its left and top. */
export type Mark = Omit<Spot, "ev">;

/** A light that a time can be reckoned from. */
export interface LightReading {
  readonly light: ExposeLight;
  /** EV₁₀₀ that it is worth to the sheet. */
  readonly ev: number;
  /** In words, and what it shares with other shots in the same light. */
  readonly name: string;
  readonly key: string;
  /** Id of the meter it was read with; `null`: by eye. */
  readonly meter: string | null;
  readonly spots: readonly Spot[];
  /** Lines of the sum. */
  readonly lines: readonly string[];
}

/** Where a light can't be read, and why; `field` is empty where nothing was given yet. */
export interface MeterFault {
  readonly field: "seconds" | "fNumber" | "iso" | "";
  readonly message: string;
}

/** The meter that is read by typing. */
export const OWN_METER = "meter";
/** The one that ships with the app. */
export const PRACTICE_METER = "practice";

/** The id of the meter that a phone's photographs are. */
export function photographMeter(model: string): string {
  return `photograph ${model.replace(/[/\\]/g, "-") || "of an unnamed camera"}`.slice(0, 100).trim();
}

/** Stops to add to the times of a meter: 0 where it was never compared. */
export function offsetOf(meters: readonly Meter[], id: string): number {
  return meters.find((meter) => meter.id === id)?.offset ?? 0;
}

/** The id of the meter that a source is read with; `null`: by eye, or none yet. */
export function meterOf(source: LightSource): string | null {
  if (source.by === "meter") return OWN_METER;
  if (source.by === "practice") return PRACTICE_METER;
  return source.by === "photograph" && source.photograph ? photographMeter(source.photograph.taken.model) : null;
}

/** Reads a light; the offset of its meter is taken in. */
export function readLight(
  source: LightSource,
  medium: Medium,
  meters: readonly Meter[],
): Result<LightReading, MeterFault> {
  switch (source.by) {
    case "table":
      return success(byEye(source.row, medium));
    case "meter": {
      const read = readMeter(source);
      return read.ok ? success(byMeter(read.value, OWN_METER, "by meter", meters)) : read;
    }
    case "practice": {
      const { seconds, fNumber, iso } = source;
      if (seconds === null) return nothingYet("Point the meter at something in the picture.");
      return success(byMeter({ seconds, fNumber, iso }, PRACTICE_METER, "by practice meter", meters));
    }
    case "photograph":
      return byPhotograph(source, meters);
    default:
      return source satisfies never;
  }
}

function nothingYet(message: string): Result<never, MeterFault> {
  return { ok: false, error: { field: "", message } };
}

function byEye(id: string, medium: Medium): LightReading {
  const row = lightTable.find((each) => each.id === id) ?? lightTable[0];
  if (row === undefined) throw new Error("the light table is empty");
  const ev = evOnSheet(row.ev, row.kelvin, medium.sensitivity);
  const unseen = row.ev - ev;
  const lamps =
    unseen < 0.1 ? [] : [`lamps are red, and this ${medium.kind} sees blue: ${unseen.toFixed(1)} stops more`];
  return {
    light: { ev },
    ev,
    name: row.name,
    key: row.id,
    meter: null,
    spots: [],
    lines: [...lamps, `${row.name}: EV ${shortEv(ev)}`],
  };
}

interface ReadTime {
  readonly seconds: number;
  readonly fNumber: number;
  readonly iso: number;
}

function byMeter(read: ReadTime, meter: string, name: string, meters: readonly Meter[]): LightReading {
  const offset = offsetOf(meters, meter);
  const ev = lightFromTime(read.seconds, read.fNumber, read.iso) - offset;
  return {
    light: { ...read, offset },
    ev,
    name,
    key: `meter:${meter}`,
    meter,
    spots: [],
    lines: [
      `${formatTime(read.seconds)} at ${formatFNumber(read.fNumber)}, ISO ${read.iso}${offsetWords(offset, "your meter’s")}: EV ${shortEv(ev)}`,
    ],
  };
}

function byPhotograph(
  { photograph, spots }: Extract<LightSource, { by: "photograph" }>,
  meters: readonly Meter[],
): Result<LightReading, MeterFault> {
  if (photograph === null) return nothingYet("Take a photograph of the scene, or choose one from just now.");
  const { taken } = photograph;
  const meter = photographMeter(taken.model);
  const offset = offsetOf(meters, meter);
  const whole = photographEv(taken) - offset;
  const lit = spots.map((mark) => ({ ...mark, ev: spotEv(whole, meanAround(photograph, mark.x, mark.y)) }));
  const middle = lit.find(({ part }) => part === "middle");
  const ev = middle?.ev ?? whole;
  return success({
    light: { ev },
    ev,
    name: "by photograph",
    key: `meter:${meter}`,
    meter,
    spots: lit,
    lines: [
      `${formatTime(taken.seconds)} at ${formatFNumber(taken.fNumber)}, ISO ${taken.iso}${offsetWords(offset, "this phone’s")}: EV ${shortEv(whole)}`,
      ...(middle ? [`the place you marked as the middle: EV ${shortEv(middle.ev)}`] : []),
    ],
  });
}

function offsetWords(offset: number, whose: string): string {
  if (offset === 0) return "";
  // Stops that are added to its times: longer ones, where it says more light than there is.
  const says = `it says ${offset > 0 ? "more" : "less"} light than there is`;
  return `, ${whose} correction ${offset > 0 ? "+" : "−"}${Number(Math.abs(offset).toFixed(2))} stops (${says})`;
}

/** An EV with as many figures as it is good for. */
export function shortEv(ev: number): string {
  return String(Number(ev.toFixed(1)));
}

function readMeter(source: Extract<LightSource, { by: "meter" }>): Result<ReadTime, MeterFault> {
  const seconds = parseTime(source.seconds);
  if (!seconds.ok) return { ok: false, error: { field: "seconds", message: seconds.error } };
  const fNumber = parseFNumber(source.fNumber);
  if (!fNumber.ok) return { ok: false, error: { field: "fNumber", message: fNumber.error } };
  const iso = parseNumber(source.iso);
  if (!iso.ok || !(iso.value.value > 0)) {
    return { ok: false, error: { field: "iso", message: "Type the ISO the meter is set to, above 0, such as 100." } };
  }
  return success({ seconds: seconds.value, fNumber: fNumber.value, iso: iso.value.value });
}
