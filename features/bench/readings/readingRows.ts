import { formats } from "../../../catalogue/formats.ts";
import { formatFNumber, sayTime } from "../../../core/basis/units/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { holeAt, holeMount, isTrail } from "../../../core/camera/container/index.ts";
import { FULL_SUN_EV, sheetTime } from "../../../core/light/exposure/index.ts";
import { holeAdvice } from "../../../wording/make/holeWords.ts";
import { nearRow } from "./nearRow.ts";
import type { Reading } from "./reading.ts";
import type { ReadingRow, Words } from "./readingRow.ts";
import { shapeRows } from "./shapeRows.ts";

/** All readings of a design, in the order a maker asks for them. */
export function readingRows(camera: Camera, reading: Reading, words: Words, hole = 0): readonly ReadingRow[] {
  const { result } = reading;
  return [
    holeRow(camera, reading, words, hole),
    {
      id: "fNumber",
      name: "f-number",
      term: "f-number",
      figure: formatFNumber(result.fNumber),
      sentence: `${words(result.focalLength)} from hole to sheet is ${Math.round(result.fNumber)} times the hole.`,
    },
    isTrail(camera)
      ? TRAIL_ROW
      : {
          id: "fullSun",
          name: "Full sun",
          figure: sayTime(sheetTime(FULL_SUN_EV, result.fNumber, reading.medium)),
          sentence: `On ${reading.medium.name.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())}, ISO ${reading.medium.iso}. The Field works out every other light.`,
        },
    viewRow(reading),
    nearRow(camera, reading, words),
    stopsRow(reading),
    circleRow(reading, words),
    detailRow(reading, words),
    ...(holeMount(camera) === "plate" ? [openingRow(camera, reading, words, hole)] : []),
    usedRow(camera, words),
    ...shapeRows(camera, reading, words),
  ];
}

/** Nobody counts seconds for a trail. */
const TRAIL_ROW: ReadingRow = {
  id: "trail",
  name: "How long",
  figure: "weeks to months",
  sentence: "Each clear day draws its line. From one solstice to the next gives the full fan; nothing is developed.",
};

function holeRow(camera: Camera, { judged }: Reading, words: Words, hole: number): ReadingRow {
  const number = camera.chambers[0].holes.length > 1 ? ` ${hole + 1}` : "";
  const { found, diameter, share } = judged;
  const bought = holeMount(camera) === "bought";
  const asked = share > 0.995 ? "" : ` This one keeps ${Math.round(100 * share)} % of it.`;
  return {
    id: "hole",
    name: found !== null ? `Hole${number}, measured` : bought ? `Hole${number}, as bought` : `Hole${number} to make`,
    figure: words(diameter, 3),
    sentence: `${holeAdvice(judged, words)}${judged.sun === null ? asked : ""}`,
  };
}

function viewRow({ result }: Reading): ReadingRow {
  const { horizontal, vertical, diagonal } = result.view;
  const degrees = (angle: number): string => `${angle.toFixed(angle < 99.5 ? 1 : 0)}°`;
  return {
    id: "view",
    name: "View",
    term: "view",
    figure: `${degrees(horizontal)} × ${degrees(vertical)}`,
    sentence: `${degrees(diagonal)} corner to corner. ${viewWords(horizontal)}`,
  };
}

function viewWords(horizontal: number): string {
  if (horizontal < 25) return "Narrow: for things far off.";
  if (horizontal < 40) return "Calm, about what you look at.";
  if (horizontal < 65) return "A little wider than you look.";
  if (horizontal < 100) return "Wide: step closer than you think.";
  return "Very wide: go within arm’s reach.";
}

function stopsRow({ result }: Reading): ReadingRow {
  const { edgeHorizontal, edgeVertical, corner } = result.stopsLost;
  const stops = (value: number | null): string => (value === null ? "dark" : `${Math.max(0, value).toFixed(1)}`);
  const share = corner === null ? null : Math.round(100 * 2 ** -corner);
  const sides = edgeHorizontal === null ? "The sides get no light" : `The sides lose ${stops(edgeHorizontal)}`;
  const ends = edgeVertical === null ? "above and below get none" : `top and bottom ${stops(edgeVertical)}`;
  return {
    id: "stops",
    name: "Stops lost",
    term: "fall-off",
    figure: `${stops(corner)} at corners`,
    sentence: `A stop is half the light. ${sides}, ${ends}. ${share === null ? "A corner gets no light." : `The worst corner gets ${share} % of the middle’s light.`}`,
  };
}

function circleRow({ result }: Reading, words: Words): ReadingRow {
  const circle = result.imageCircle;
  if (circle === null) {
    return {
      id: "circle",
      name: "Image circle",
      term: "image-circle",
      figure: "none",
      sentence: "A bent or leaning sheet has no circle: the lines on the drawing show where the light falls off.",
    };
  }
  const limit = circle.plateLimit === null ? "" : ` The plate ends it at ${words(circle.plateLimit)}.`;
  return {
    id: "circle",
    name: "Image circle",
    term: "image-circle",
    figure: words(circle.twoStops, 0),
    sentence: `At its edge two stops are lost; one stop at ${words(circle.oneStop, 0)} across, three at ${words(circle.threeStops, 0)}.${limit}`,
  };
}

function detailRow({ result }: Reading, words: Words): ReadingRow {
  const share = Math.min(100, Math.round((100 * result.resolution) / result.bestResolution));
  return {
    id: "detail",
    name: "Finest detail",
    term: "diffraction",
    figure: `${result.resolution.toFixed(1)} line pairs/mm`,
    sentence: `A line pair is a dark line and the light one beside it. Pairs ${words(1 / result.resolution, 2)} wide can just be told apart on the sheet: ${share} % of what the best hole does.`,
  };
}

function openingRow(camera: Camera, { result }: Reading, words: Words, hole: number): ReadingRow {
  const opening = holeAt(camera, hole).openingDiameter ?? null;
  const least = result.smallestOpening;
  if (least === null) {
    return {
      id: "opening",
      name: "Opening",
      figure: "none fits",
      sentence: "A corner of the sheet is out of the hole’s sight.",
    };
  }
  const enough = opening === null || opening >= least;
  return {
    id: "opening",
    name: "Smallest opening",
    figure: words(least, 1),
    sentence:
      opening === null
        ? "Cut the wall at least this wide behind the plate."
        : enough
          ? `Yours of ${words(opening)} stays clear of the light.`
          : `Yours of ${words(opening)} is in the way.`,
  };
}

function usedRow(camera: Camera, words: Words): ReadingRow {
  const { film } = camera.chambers[0];
  const format = formats.find(({ id }) => id === film.format);
  const size = `${words(film.width)} × ${words(film.height)}`;
  if (format === undefined) {
    return { id: "used", name: "Sheet", figure: "own size", sentence: `${size}, cut as you like.` };
  }
  const share = Math.min(1, (film.width * film.height) / (format.width * format.height));
  return {
    id: "used",
    name: "Sheet used",
    figure: `${Math.round(share * 100)} %`,
    sentence: share > 0.9999 ? `${format.name} goes in whole.` : `${size} of ${format.name}.`,
  };
}
