import { cameraBody } from "./body.ts";
import { type Camera, type ChamberFilm, cameraKind } from "./camera.ts";
import { traitsOf } from "./traits.ts";

const RADIANS = Math.PI / 180;

/**
 * A design with its sheet where its kind puts it: flat on the back, on the wall, leaning so that its farthest corner
 * touches the back. A bowed sheet keeps its own radius; one that slides (folded box) or stands between vanes (drum)
 * keeps its distance.
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
  const kind = cameraKind(camera);
  const { plateSide, wall } = camera.container;
  // Behind the wall's outside the hole stands a wall's thickness farther from the sheet.
  const away = plateSide === "outside" ? wall : 0;
  const { depth: inner } = cameraBody(camera);
  const depth = inner + away;
  const { lies, shape } = traitsOf(kind);
  switch (lies) {
    case "on the back":
      return shape === "folded" ? {} : { distance: depth };
    case "leaning":
      return { distance: depth - leanReach(film) };
    case "bowed":
      return shape === "drum" ? {} : { distance: depth };
    case "round the wall":
    case "on the far wall":
      return { distance: depth, radius: inner / 2 };
    default:
      return lies satisfies never;
  }
}

/** How far behind its middle a leaning sheet's farthest corner stands. */
function leanReach({ width, height, tiltX = 0, tiltY = 0 }: ChamberFilm): number {
  const [x, y] = [tiltX * RADIANS, tiltY * RADIANS];
  return (width / 2) * Math.abs(Math.sin(y)) + (height / 2) * Math.abs(Math.sin(x) * Math.cos(y));
}
