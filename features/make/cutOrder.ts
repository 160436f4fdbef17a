import { encode } from "uqr";
import { formats } from "../../catalogue/formats.ts";
import { lightTable } from "../../catalogue/lightTable.ts";
import { mediumById } from "../../catalogue/media.ts";
import { formatFNumber, formatTime } from "../../core/basis/units/index.ts";
import {
  type Camera,
  DEFAULT_CONTRAST,
  measuredDiameter,
  solveRequest,
  targetDiameter,
} from "../../core/camera/container/index.ts";
import { correctedTime, fNumber, timeFromLight } from "../../core/light/exposure/index.ts";
import { optimum } from "../../core/light/hole/index.ts";
import { opticalModel, type SolveResult, solve } from "../../core/light/solve/index.ts";
import type { Bill, CutOrder } from "../../core/make/cutsheet/index.ts";

type Words = (mm: number, digits?: number) => string;

/** The hole a camera asks for, the diameters that do as well (about the rule's and the computed best), mm; and all it gives. */
export interface Wanted {
  readonly target: number;
  readonly band: readonly [low: number, high: number];
  readonly result: SolveResult;
}

/** What hole a design wants. */
export function wantedHole(camera: Camera, hole = 0): Wanted {
  const { film, aim } = camera.chambers[0];
  const medium = mediumById(film.medium);
  const ideal = optimum(aim?.contrast ?? DEFAULT_CONTRAST, 0.95);
  const result = solve(solveRequest(camera, medium, hole), ideal);
  const target = targetDiameter(camera, medium, ideal, hole);
  const [low, high] = result.band95;
  // A rule that asks for another hole than the computed best is given the same play about its own.
  const ratio = target / result.best.computed;
  return { target, band: [Math.min(low, ratio * low), Math.max(high, ratio * high)], result };
}

/** All that the cut sheet of a camera is drawn from. */
export function cutOrder(camera: Camera, words: Words, link: string | null): CutOrder {
  const { film } = camera.chambers[0];
  const medium = mediumById(film.medium);
  const diameter = measuredDiameter(camera) ?? wantedHole(camera).target;
  const { distance } = opticalModel(solveRequest(camera, medium));
  const n = fNumber(distance, diameter);
  return {
    camera,
    diameter,
    format: formats.find(({ id }) => id === film.format) ?? null,
    words,
    fNumber: formatFNumber(n),
    medium: `${medium.name}, ISO ${medium.iso}`,
    times: lightTable.map(({ name, ev }) => ({
      light: name,
      time: formatTime(correctedTime(timeFromLight(ev, n, medium.iso), medium.longTime).seconds),
    })),
    code: link === null ? null : encode(link, { border: 0 }).data,
    rim: camera.making?.rim ?? null,
    numbers: Array.from({ length: camera.set?.count ?? 1 }, (_, i) => i + 1),
  };
}

/** The camera's own address, as its label's code holds it. */
export function linkOf(id: string): string {
  return `${window.location.origin}/cameras/${encodeURIComponent(id)}`;
}

/** An amount of the bill as a maker reads it. */
export function amountWords({ amount, unit }: Bill[number], words: Words): string {
  switch (unit) {
    case "pieces":
      return amount === 1 ? "1" : String(Math.ceil(amount));
    case "mm":
      return amount >= 1000 ? `${(amount / 1000).toFixed(1)} m` : words(amount, 0);
    case "mm²":
      // A sheet of A4 card is 210 × 297 mm.
      return `${Math.ceil(amount / (210 * 297))} A4 sheet${amount > 210 * 297 ? "s" : ""} (${(amount / 100).toFixed(0)} cm²)`;
    case "ml":
      return `${Math.max(1, Math.ceil(amount))} ml`;
    default:
      return unit satisfies never;
  }
}
