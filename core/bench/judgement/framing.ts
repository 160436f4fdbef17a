import { type Camera, cameraRoom, designFaults, withSheet } from "../../camera/container/index.ts";
import { type SheetFormat, sheetFit } from "../../camera/sheet/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** Line pairs across the short side below which a print, held in the hand, looks empty; our own limit. */
const LEAST_PAIRS = 150;

/** A picture smaller than what the hand and eye want to read in it. */
export function pictureSmall({ camera, result, faults, formats }: Case): readonly Verdict[] {
  const { film, roll } = camera.chambers[0];
  const short = Math.min(film.width, film.height);
  const pairs = result.resolution * short;
  if (faults.length > 0 || roll || pairs >= LEAST_PAIRS) return [];
  const room = cameraRoom(camera);
  const [largest] = formats
    .filter(({ kind }) => kind !== "frame")
    .map((format) => ({ format, fit: sheetFit(format, room) }))
    .filter(({ fit }) => fit.fit === "whole" && Math.min(fit.width, fit.height) > 1.15 * short)
    .filter(({ format, fit }) => designFaults(taking(camera, format, fit)).length === 0)
    .sort((a, b) => b.fit.width * b.fit.height - a.fit.width * a.fit.height);
  if (largest === undefined) return [];
  const { format, fit } = largest;
  return [
    {
      id: "picture-small",
      weight: "note",
      found: { code: "picture-small", pairs, perMm: result.resolution, width: fit.width, height: fit.height },
      fix: {
        mend: { code: "use-sheet", name: format.name },
        apply: (c) => taking(c, format, fit),
      },
    },
  ];
}

function taking(camera: Camera, { id }: SheetFormat, { width, height }: { width: number; height: number }): Camera {
  return withSheet(camera, { width, height, format: id, trimmed: false });
}
