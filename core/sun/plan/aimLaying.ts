import { bearing, RADIANS } from "../../basis/units/index.ts";
import { type SheetPlace, sheetToScene } from "../../light/rays/index.ts";
import { aimed } from "../site/aim.ts";
import { SUN_DEFAULTS, type SunRequest, type WholeAim } from "../site/siteAndAim.ts";
import { sheetSky } from "./dayTrack.ts";

const ROUNDS = 12;
/** Step of the derivatives, and the furthest that one round turns, degrees. */
const STEP = 1e-3;
const FURTHEST = 20;

/**
 * How a camera must look so that what lands at one place of its sheet lands at another: a hand that takes the sky there
 * and pulls it. It turns and leans, its roll stays (Newton).
 *
 * @param request how it looks now
 * @param from where the sky is taken hold of, mm
 * @param to where it shall lie, mm
 * @returns the aim, elevation −90 to 90; where no aim does it the nearest that was met; the present one where either
 *   place sees nothing
 * @example aimLaying(sunPlan, { s: 0, t: 0 }, { s: 5, t: 0 }).azimuth // 184.3…
 */
export function aimLaying(request: SunRequest, from: SheetPlace, to: SheetPlace): WholeAim {
  const { model } = sheetSky(request);
  const { azimuth, elevation = SUN_DEFAULTS.elevation, roll = SUN_DEFAULTS.roll } = request.aim;
  const [held, wanted] = [from, to].map((place) => sheetToScene(model.place, model.surface, place));
  if (!held || !wanted) return { azimuth, elevation, roll };
  const direction = aimed(request.aim).toSky(held);
  const missing = ([a, e]: readonly [number, number]): readonly [number, number] => {
    const scene = aimed({ azimuth: a, elevation: e, roll }).toScene(direction);
    return [Math.sin(scene.azimuth - wanted.azimuth) * Math.cos(wanted.elevation), scene.elevation - wanted.elevation];
  };
  const size = ([x, y]: readonly [number, number]): number => Math.hypot(x, y);
  let best: readonly [number, number] = [azimuth, elevation];
  let now = best;
  for (let round = 0; round < ROUNDS; round++) {
    const [x, y] = missing(now);
    const [xa, ya] = missing([now[0] + STEP, now[1]]);
    const [xe, ye] = missing([now[0], now[1] + STEP]);
    const [aa, ae, ea, ee] = [(xa - x) / STEP, (xe - x) / STEP, (ya - y) / STEP, (ye - y) / STEP];
    const determinant = aa * ee - ae * ea;
    if (Math.abs(determinant) < 1e-12 * RADIANS) break;
    const limited = (step: number): number => Math.min(FURTHEST, Math.max(-FURTHEST, step));
    const turn = limited((ae * y - ee * x) / determinant);
    const lean = limited((ea * x - aa * y) / determinant);
    now = [now[0] + turn, Math.min(90, Math.max(-90, now[1] + lean))];
    if (size(missing(now)) < size(missing(best))) best = now;
  }
  return { azimuth: bearing(best[0]), elevation: best[1], roll };
}
