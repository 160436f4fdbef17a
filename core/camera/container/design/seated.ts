import { mountOf } from "../../mounts/mountOf.ts";
import { shapeOf } from "../../shapes/shapeOf.ts";
import { cameraBody } from "../facts/body.ts";
import type { Camera, ChamberFilm } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";

/**
 * A design with its sheet where its kind puts it: flat on the back, on the wall, leaning so that its farthest corner
 * touches the back. A bowed sheet keeps its own radius; one that slides (folded box) or stands between vanes (drum)
 * keeps its distance.
 *
 * @returns the same object where nothing had to move
 * @example seated(box) === box // true
 */
export function seated(camera: Camera): Camera {
  const [first, ...others] = camera.chambers.map((chamber) => {
    const seat = seatOf(camera, chamber.film);
    const same = Object.entries(seat).every(([key, value]) => chamber.film[key as keyof ChamberFilm] === value);
    return same ? chamber : { ...chamber, film: { ...chamber.film, ...seat } };
  });
  if (first === undefined) return camera;
  const chambers = [first, ...others] as const;
  return chambers.every((chamber, index) => chamber === camera.chambers[index]) ? camera : { ...camera, chambers };
}

function seatOf(camera: Camera, film: ChamberFilm): Partial<ChamberFilm> {
  const { plateSide, wall } = camera.container;
  // Behind the wall's outside the hole stands a wall's thickness farther from the sheet.
  const away = plateSide === "outside" ? wall : 0;
  return mountOf(cameraKind(camera)).seat(cameraBody(camera), shapeOf(camera.container), film, away);
}
