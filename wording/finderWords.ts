import type { Layout, Merits } from "../core/bench/finder/index.ts";
import { mountOf } from "../core/camera/mounts/index.ts";

const FACES: Readonly<Record<Layout["face"], string>> = {
  front: "hole in the front",
  side: "hole in the side",
  top: "hole in the top",
  wall: "hole in the wall",
  lid: "hole in the lid",
};

/**
 * A layout in a few words: how the sheet lies, where the hole goes, how many.
 *
 * @returns a few words without a full stop
 * @example layoutWords({ kind: cameraKind(box), face: "front", film: { surface: "flat", distance: 60, width: 127, height: 101.6 }, holes: [{ x: 0, y: 0 }] }) // "lying, flat, hole in the front"
 */
export function layoutWords({ kind, face, film, holes }: Layout): string {
  const way = film.width >= film.height ? "lying" : "upright";
  return `${way}, ${mountOf(kind).words}, ${holes.length === 2 ? "two holes, " : ""}${FACES[face]}`;
}

/**
 * Why a layout stands where it does: its merits in words, the strongest first.
 *
 * @returns one sentence
 * @example reasons({ view: 62, seconds: 16, corner: 0.5, pairs: 300 }, 1, (s) => `${s} s`) // "Wide, 62° across; even to the corners; 300 line pairs on the short side; 16 s in full sun; nothing to trim."
 */
export function reasons(
  { view, seconds, corner, pairs }: Merits,
  used: number,
  time: (seconds: number) => string,
): string {
  const wide =
    view >= 100
      ? `very wide, ${view.toFixed(0)}° across`
      : view >= 60
        ? `wide, ${view.toFixed(0)}° across`
        : `${view.toFixed(0)}° across`;
  const even =
    corner === null
      ? "corners in the dark"
      : corner <= 0.7
        ? "even to the corners"
        : `corners ${corner.toFixed(1)} stops down`;
  const cut = used > 0.9999 ? "nothing to trim" : `${Math.round((1 - used) * 100)} % cut away`;
  const said = `${wide}; ${even}; ${Math.round(pairs)} line pairs on the short side; ${time(seconds)} in full sun; ${cut}.`;
  return said.charAt(0).toUpperCase() + said.slice(1);
}
