import { cameraRoom, withAim, withSheet } from "../../camera/container/index.ts";
import { nearEnough } from "../../camera/framing/index.ts";
import { sheetFit } from "../../camera/sheet/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** From this view across, degrees, a maker stands too far away without a hint; common practice. */
const WIDE = 80;
/** Nearer than this the camera's own shadow falls into the picture with the sun behind it, mm; our own limit. */
const SHADOW = 1000;

/** A wide view wants the camera close: how close, for what. */
export function goNear({ camera, result, words, faults, subjects }: Case): readonly Verdict[] {
  const { aim, film } = camera.chambers[0];
  if (faults.length > 0 || result.view.horizontal < WIDE || aim?.subjectDistance != null) return [];
  const near = subjects.map((subject) => ({
    ...subject,
    away: nearEnough(subject.height, result.focalLength, film.height, 0.5),
  }));
  const [closest] = [...near].sort((a, b) => a.away - b.away);
  if (closest === undefined) return [];
  const list = near.map(({ name, away }) => `${name} from ${words(roundTo(away, 10))}`).join(", ");
  const shadow =
    closest.away < SHADOW
      ? " That near, the camera’s own shadow, and yours, fall into the picture: have the light from the side."
      : "";
  return [
    {
      id: "go-near",
      weight: "note",
      title: "The view is so wide that you must go close",
      sentence: `To fill half the height: ${list}.${shadow}`,
      fix: {
        label: `Work the hole out for ${words(roundTo(closest.away, 10))}`,
        apply: (c) => withAim(c, { subjectDistance: roundTo(closest.away, 10) }),
      },
    },
  ];
}

/** Line pairs across the short side below which a print, held in the hand, looks empty; our own limit. */
const LEAST_PAIRS = 150;

/** A picture smaller than what the hand and eye want to read in it. */
export function pictureSmall({ camera, result, words, faults, formats }: Case): readonly Verdict[] {
  const { film } = camera.chambers[0];
  const short = Math.min(film.width, film.height);
  const pairs = result.resolution * short;
  if (faults.length > 0 || pairs >= LEAST_PAIRS) return [];
  const room = cameraRoom(camera);
  const [largest] = formats
    .filter(({ kind }) => kind !== "frame")
    .map((format) => ({ format, fit: sheetFit(format, room) }))
    .filter(({ fit }) => fit.fit === "whole" && Math.min(fit.width, fit.height) > 1.15 * short)
    .sort((a, b) => b.fit.width * b.fit.height - a.fit.width * a.fit.height);
  if (largest === undefined) return [];
  const { format, fit } = largest;
  return [
    {
      id: "picture-small",
      weight: "note",
      title: `The picture holds only ${Math.round(pairs)} line pairs across its short side`,
      sentence: `The hole draws ${result.resolution.toFixed(1)} line pairs in a millimetre whatever the sheet; a larger sheet of ${words(fit.width)} × ${words(fit.height)} goes in too and shows more.`,
      fix: {
        label: `Use ${format.name}`,
        apply: (c) => withSheet(c, { width: fit.width, height: fit.height, format: format.id, trimmed: false }),
      },
    },
  ];
}

function roundTo(value: number, step: number): number {
  return Math.round(value / step) * step;
}
