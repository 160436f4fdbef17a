import { subjects } from "../../../catalogue/subjects.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { nearEnough } from "../../../core/camera/framing/index.ts";
import type { Reading } from "./reading.ts";
import type { ReadingRow, Words } from "./readingRow.ts";

/** Nearer than this the camera's own shadow falls into the picture with the sun behind it, mm; our own limit. */
const SHADOW = 1000;

/** Things, and how far off each fills half of the picture's height, mm. */
export function nearThings(camera: Camera, { result }: Reading) {
  const { height } = camera.chambers[0].film;
  return subjects.map((subject) => ({ ...subject, away: nearEnough(subject.height, result.focalLength, height, 0.5) }));
}

/** How close to go, and to what: with a wide view it is closer than one thinks. */
export function nearRow(camera: Camera, reading: Reading, words: Words): ReadingRow {
  const near = nearThings(camera, reading);
  const closest = Math.min(...near.map(({ away }) => away));
  const shadow = closest < SHADOW ? " That near, have the light from the side, or shadows fall into the picture." : "";
  return {
    id: "near",
    name: "How near",
    isDrawn: true,
    figure: words(closest, "far"),
    sentence: `Half the height is filled by ${near.map(({ name, away }) => `${name} at ${words(away, "far")}`).join(", ")}.${shadow}`,
  };
}
