import { formatFNumber, sayTime } from "../../core/basis/units/index.ts";
import { correctedTime, type Medium, timeFromMeter } from "../../core/light/exposure/index.ts";
import type { MeterTable } from "../../core/make/cutsheet/index.ts";

/** The smallest stop of most meters and lenses; ISO 517 series, from memory. */
const METER_STOP = 22;
/** The times on a meter's dial, s; ISO 516 series, from memory. */
const DIAL = [1 / 125, 1 / 60, 1 / 30, 1 / 15, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8, 15, 30, 60] as const;

/**
 * A card of times for a meter that is set to f/22: the same sum as in the Field.
 *
 * @param n f-number of the camera, > 0
 * @param taught stops to add by what the log says of the camera
 * @source PHYSICS section 3
 * @example meterTable(177, { iso: 6, longTime: { kind: "none" } }).factor // "× 64.7"
 */
export function meterTable(n: number, { iso, longTime }: Pick<Medium, "iso" | "longTime">, taught = 0): MeterTable {
  const metered = (seconds: number): number => timeFromMeter({ seconds, fNumber: METER_STOP, iso, offset: 0 }, n, iso);
  return {
    fNumber: formatFNumber(METER_STOP),
    iso: `ISO ${iso}`,
    factor: `× ${Number(metered(1).toPrecision(3))}`,
    rows: DIAL.map((seconds) => ({
      meter: seconds < 1 ? `1/${Math.round(1 / seconds)} s` : sayTime(seconds),
      time: sayTime(correctedTime(metered(seconds) * 2 ** taught, longTime).seconds),
    })),
  };
}
