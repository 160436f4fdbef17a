import {
  type Camera,
  type CameraSet,
  type FoldedContainer,
  nextInSet,
  readyInSet,
} from "../../../core/camera/container/index.ts";
import { rollPlan } from "../../../core/camera/roll/index.ts";
import { foldedSizes, shapeOf } from "../../../core/camera/shapes/index.ts";
import { cameraStereo, parallax } from "../../../core/camera/stereo/index.ts";
import type { Reading } from "./reading.ts";
import type { ReadingRow, Words } from "./readingRow.ts";

/** Readings that only some shapes have: two holes, wound film, folded boxes, chambers, a numbered set. */
export function shapeRows(camera: Camera, reading: Reading, words: Words): readonly ReadingRow[] {
  const { set } = camera;
  const { folded, vanes } = shapeOf(camera.container);
  return [
    ...stereoRows(camera, reading, words),
    ...(camera.chambers[0].roll ? rollRows(camera, words) : []),
    ...(folded ? [foldedRow(folded, camera.chambers[0].film.distance, words)] : []),
    ...(vanes ? [drumRow(camera)] : []),
    ...(set ? [setRow(set)] : []),
  ];
}

function stereoRows(camera: Camera, { medium, result }: Reading, words: Words): readonly ReadingRow[] {
  const pair = cameraStereo(camera, medium);
  if (pair === null) return [];
  const shift = parallax(pair.base, result.focalLength, pair.nearest, null);
  const wall =
    pair.divider === null
      ? "no wall in the middle can part them, as no middle lies between the holes."
      : `one ${words(pair.divider, 1)} high parts them.`;
  return [
    {
      id: "stereo",
      name: "Two pictures",
      figure: `${words(pair.base)} apart`,
      sentence: `Keep subjects ${words(pair.nearest, "far")} away or more; there the pictures shift by ${words(shift, 1)}. ${pair.overlap === 0 ? "They don’t overlap." : `Without a wall they overlap by ${words(pair.overlap, 0)}; ${wall}`}`,
    },
  ];
}

function rollRows(camera: Camera, words: Words): readonly ReadingRow[] {
  const { roll, film } = camera.chambers[0];
  if (!roll) return [];
  const plan = rollPlan({ ...roll, frame: film.width });
  const first = plan.frames[0];
  const last = plan.frames.at(-1);
  const turns = (value: number | undefined): string => (value === undefined ? "none" : value.toFixed(2));
  return [
    {
      id: "roll",
      name: "Pictures on the roll",
      figure: String(plan.frames.length),
      sentence: `Wind ${turns(first?.turns)} turns for the first, ${turns(last?.turns)} for the last: the spool fattens. ${plan.perforations === null ? `${words(plan.pitch, 1)} from picture to picture` : `${plan.perforations} perforations each, ${words(plan.pitch, 1)}`}. At start and end ${plan.lost} are lost.`,
    },
    {
      id: "roll-half-turns",
      name: "Half turns per picture",
      figure: `${turns(first?.halfTurns)} → ${turns(last?.halfTurns)}`,
      sentence: `Wind ${turns(plan.leaderTurns)} turns first, for the leader.${first?.clicks == null ? "" : ` In clicks: ${turns(first.clicks)} to ${turns(last?.clicks ?? 0)}.`} The table below has every frame.`,
    },
  ];
}

function foldedRow(container: FoldedContainer, distance: number, words: Words): ReadingRow {
  const sizes = foldedSizes(container);
  return {
    id: "folded",
    name: "Boxes slide",
    figure: `${words(sizes.nearest, 0)} to ${words(sizes.farthest, 0)}`,
    sentence: `Now at ${words(distance)}. Base ${words(sizes.base, 1)}; cut ${words(sizes.strip, 1)} off two sides of the second square, so that its box, ${words(sizes.innerBase, 1)}, slides in.`,
  };
}

function drumRow(camera: Camera): ReadingRow {
  const labels = camera.chambers.map(({ label = "" }) => label);
  return {
    id: "chambers",
    name: "Chambers",
    figure: String(labels.length),
    sentence: `${labels[0]} to ${labels.at(-1)}, all alike. Write the chamber on the back of its sheet.`,
  };
}

function setRow(set: CameraSet): ReadingRow {
  const ready = readyInSet(set);
  return {
    id: "set",
    name: "Shots left",
    figure: `${ready.length} of ${set.count}`,
    sentence:
      ready.length === 0
        ? "All are exposed: time for the darkroom."
        : `Next: No. ${nextInSet(set)}. Begin with the highest and turn each over: the highest number showing is the shots left.`,
  };
}
