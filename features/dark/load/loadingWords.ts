import { formats } from "../../../catalogue/formats.ts";
import { loadingSteps as words } from "../../../catalogue/loadingSteps.ts";
import { type Camera, HOLE_GAP, type LengthWords, loadingSteps } from "../../../core/camera/container/index.ts";
import type { LoadingStep } from "../../../core/camera/lies/index.ts";

/** One thing to do in the dark, in words. */
export interface LoadingLine {
  readonly id: LoadingStep;
  readonly words: string;
}

/** What is done in the dark to load this camera, in its order, with its own measures. */
export function loadingLines(camera: Camera, length: LengthWords): readonly LoadingLine[] {
  const { film } = camera.chambers[0];
  const cut = film.trim ?? film;
  const round = film.radius === undefined ? 0 : 2 * Math.PI * film.radius;
  const filled: Readonly<Record<string, string>> = {
    sheet: `${length(cut.width, 1)} × ${length(cut.height, 1)}`,
    // What the sheet really leaves of the wall, never less than what is asked for.
    gap: length(Math.max(HOLE_GAP, round - film.width), 0),
    places: camera.chambers.map(({ label }, index) => label || `chamber ${index + 1}`).join(", "),
  };
  return loadingSteps(camera).map((id) => ({
    id,
    words: words[id].replace(/\{(\w+)\}/g, (whole, name: string) => filled[name] ?? whole),
  }));
}

/** The sheet that goes in, in words: what it is cut from and to. */
export function sheetWords(camera: Camera, length: LengthWords): string {
  const { film } = camera.chambers[0];
  const format = formats.find(({ id }) => id === film.format);
  const size = `${length(film.width, 1)} × ${length(film.height, 1)}`;
  if (!format) return size;
  return film.trim ? `${format.name}, cut to ${size}` : format.name;
}
