import { lightTable } from "../../catalogue/lightTable.ts";
import {
  formatFNumber,
  formatTime,
  parseFNumber,
  parseNumber,
  parseTime,
  type Result,
  success,
} from "../../core/basis/units/index.ts";
import { type Camera, type LengthWords, measuredDiameter, solveRequest } from "../../core/camera/container/index.ts";
import {
  correctedTime,
  evOnSheet,
  lightFromTime,
  type Medium,
  timeFromLight,
  timeFromMeter,
} from "../../core/light/exposure/index.ts";
import { opticalModel } from "../../core/light/solve/index.ts";

/** How the light was judged. */
export type LightSource =
  | { readonly by: "table"; readonly row: string }
  | { readonly by: "meter"; readonly seconds: string; readonly fNumber: string; readonly iso: string };

/** A suggested time with the sum that leads to it. */
export interface Suggestion {
  readonly seconds: number;
  readonly metered: number;
  readonly fNumber: number;
  readonly ev: number;
  readonly light: string;
  /** Lines of the sum, in words and figures. */
  readonly sum: readonly string[];
}

/** Where a meter entry can't be read, and why. */
export interface MeterFault {
  readonly field: "seconds" | "fNumber" | "iso";
  readonly message: string;
}

/**
 * The time for a camera in a light, on a medium, with the sum shown.
 *
 * @param camera measured hole first, else the one it was designed with
 * @param medium its speed and long-time rule
 * @param iso speed to reckon with, > 0
 * @param source light table or meter
 * @param offset stops the maker adds to every meter reading
 * @param words writes lengths in the maker’s unit
 */
export function suggest(
  camera: Camera,
  medium: Medium,
  iso: number,
  source: LightSource,
  offset: number,
  words: LengthWords,
): Result<Suggestion, MeterFault> {
  const { aperture, distance } = opticalModel(solveRequest(camera, medium));
  const n = distance / aperture.diameter;
  const hole = `${words(distance, 1)} ÷ ${words(aperture.diameter, 3)}${measuredDiameter(camera) === null ? "" : " (measured)"} = ${formatFNumber(n)}`;
  if (source.by === "table") {
    const row = lightTable.find(({ id }) => id === source.row) ?? lightTable[0];
    if (row === undefined) throw new Error("the light table is empty");
    const ev = evOnSheet(row.ev, row.kelvin, medium.sensitivity);
    const metered = timeFromLight(ev, n, iso);
    const unseen = row.ev - ev;
    return success(
      finish({ metered, fNumber: n, ev, light: row.name, medium }, [
        hole,
        ...(unseen < 0.1 ? [] : [`lamps are red, and this ${medium.kind} sees blue: ${unseen.toFixed(1)} stops more`]),
        `${row.name}: EV ${Number(ev.toFixed(1))}. ${Math.round(n)}² × 100 ÷ (ISO ${iso} × 2^${Number(ev.toFixed(1))}) = ${formatTime(metered)}`,
      ]),
    );
  }
  const read = readMeter(source);
  if (!read.ok) return read;
  const metered = timeFromMeter({ ...read.value, offset }, n, iso);
  const ratio = (n / read.value.fNumber) ** 2;
  const lines = [
    hole,
    `${formatTime(read.value.seconds)} at ${formatFNumber(read.value.fNumber)} × (${n.toFixed(1)} ÷ ${read.value.fNumber})² = × ${ratio.toFixed(2)}`,
    ...(read.value.iso === iso
      ? []
      : [`meter at ISO ${read.value.iso}, sheet ISO ${iso}: × ${(read.value.iso / iso).toFixed(2)}`]),
    ...(offset === 0
      ? []
      : [`your meter’s correction, ${offset > 0 ? "+" : "−"}${Math.abs(offset)} stops: × ${(2 ** offset).toFixed(2)}`]),
    `= ${formatTime(metered)}`,
  ];
  const ev = lightFromTime(metered, n, iso);
  return success(finish({ metered, fNumber: n, ev, light: "by meter", medium }, lines));
}

function finish(
  { metered, fNumber, ev, light, medium }: Omit<Suggestion, "seconds" | "sum"> & { readonly medium: Medium },
  sum: readonly string[],
): Suggestion {
  const { seconds, pastTable } = correctedTime(metered, medium.longTime);
  const long =
    Math.abs(seconds / metered - 1) < 0.01
      ? []
      : [
          `long times need more on this film: ${formatTime(metered)} becomes ${formatTime(seconds)}${pastTable ? " (past its table: a guess)" : ""}`,
        ];
  return { seconds, metered, fNumber, ev, light, sum: [...sum, ...long] };
}

function readMeter(
  source: Extract<LightSource, { by: "meter" }>,
): Result<{ seconds: number; fNumber: number; iso: number }, MeterFault> {
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
