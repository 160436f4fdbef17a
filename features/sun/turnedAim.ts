import { bearing } from "../../core/basis/units/index.ts";
import type { SheetPlace } from "../../core/light/rays/index.ts";
import { aimLaying, type SunAim, type SunRequest } from "../../core/sun/index.ts";

/** A camera turned to the right and leaned back by so many degrees. */
export function turnedAim(aim: SunAim, across: number, up: number): SunAim {
  return {
    ...aim,
    azimuth: bearing(tenth(aim.azimuth + across)),
    elevation: tenth(Math.max(-90, Math.min(90, (aim.elevation ?? 0) + up))),
  };
}

/** A camera that was pulled by its sheet's sky, from one place to another (mm). */
export function pulledAim(request: SunRequest, from: SheetPlace, to: SheetPlace): SunAim {
  const { azimuth, elevation, roll } = aimLaying(request, from, to);
  return { azimuth: bearing(tenth(azimuth)), elevation: tenth(elevation), roll };
}

/** A tenth of a degree is as fine as a can is tied. */
function tenth(degrees: number): number {
  return Math.round(degrees * 10) / 10;
}
