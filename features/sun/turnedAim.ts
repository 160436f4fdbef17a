import type { SunAim } from "../../core/sun/index.ts";

/** A camera turned to the right and leaned back by so many degrees. */
export function turnedAim(aim: SunAim, across: number, up: number): SunAim {
  return {
    ...aim,
    azimuth: tenth((((aim.azimuth + across) % 360) + 360) % 360),
    elevation: tenth(Math.max(-90, Math.min(90, (aim.elevation ?? 0) + up))),
  };
}

/** A tenth of a degree is as fine as a can is tied. */
function tenth(degrees: number): number {
  return Math.round(degrees * 10) / 10;
}
