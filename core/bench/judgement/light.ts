import {
  type Camera,
  cameraKind,
  pictureRequest,
  withField,
  withFilm,
  withHole,
  withHoleOpposite,
} from "../../camera/container/index.ts";
import { sheetOnWall } from "../../camera/lies/index.ts";
import { opticalModel, sheetStops } from "../../light/solve/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** The usual limit of fall-off at a corner, stops (PHYSICS section 2). */
const MOST_STOPS = 2;

/** Does light reach the whole sheet: plate, opening, sight, fall-off. */
export function lightReaches(judged: Case): readonly Verdict[] {
  if (judged.faults.length > 0) return [];
  const blocked = [...plateCuts(judged), ...openingCuts(judged), ...outOfSight(judged)];
  return [...blocked, ...darkCorners(judged)];
}

function has({ result }: Case, code: string): boolean {
  return result.warnings.some((warning) => warning.code === code);
}

function plateCuts(judged: Case): readonly Verdict[] {
  if (!has(judged, "corner-cut-by-plate")) return [];
  const { camera, words, plates } = judged;
  const now = camera.chambers[0].holes[0].plateThickness ?? 0;
  const thinner = [...plates].sort((a, b) => b - a).find((plate) => plate < now && reaches(judged, plate));
  const { edgeHorizontal, edgeVertical } = judged.result.stopsLost;
  const edges = edgeHorizontal === null || edgeVertical === null;
  const weight = edges ? "stop" : "warn";
  const title = edges ? "The plate hides the sheet’s ends" : "The plate hides the sheet’s corners";
  const sentence = `Seen at a slant, a hole in a plate ${words(now)} thick closes up: the ${edges ? "ends" : "corners"} get no light at all.`;
  if (thinner !== undefined) {
    return [
      {
        id: "plate-cuts",
        weight,
        title,
        sentence,
        fix: {
          label: `Use a plate ${words(thinner)} thick`,
          apply: (c) => withField(c, "hole.plateThickness", thinner),
        },
      },
    ];
  }
  return [{ id: "plate-cuts", weight, title, sentence, fix: trimFix(judged) }];
}

function reaches(judged: Case, plateThickness: number): boolean {
  const thin = withHole(judged.camera, { plateThickness });
  return sheetStops(opticalModel(pictureRequest(thin, judged.light))).corner !== null;
}

function openingCuts({ camera, result, words }: Case): readonly Verdict[] {
  const opening = camera.chambers[0].holes[0].openingDiameter ?? null;
  if (opening === null || result.smallestOpening === null || opening >= result.smallestOpening) return [];
  const wide = Math.ceil(result.smallestOpening * 10) / 10;
  const dark = result.warnings.some(({ code }) => code === "corner-cut-by-opening");
  return [
    {
      id: "opening-cuts",
      weight: dark ? "stop" : "warn",
      title: "The opening in the body clips the corners",
      sentence: `From the sheet’s worst corner the edge of the opening stands before the hole. It has to be ${words(wide)} wide to stay clear.`,
      fix: { label: `Widen the opening to ${words(wide)}`, apply: (c) => withField(c, "hole.openingDiameter", wide) },
    },
  ];
}

function outOfSight(judged: Case): readonly Verdict[] {
  if (!has(judged, "corner-out-of-sight")) return [];
  return [
    {
      id: "out-of-sight",
      weight: "stop",
      title: "Part of the sheet can’t see the hole",
      sentence: "A corner lies beside or behind the hole: it stays blank whatever the exposure.",
      fix: trimFix(judged),
    },
  ];
}

function darkCorners(judged: Case): readonly Verdict[] {
  const { corner } = judged.result.stopsLost;
  if (corner === null || corner <= MOST_STOPS + 0.05) return [];
  const share = Math.round(100 * 2 ** -corner);
  return [
    {
      id: "dark-corners",
      weight: "warn",
      title: `The corners come out ${corner.toFixed(1)} stops darker`,
      sentence: `They get ${share} % of the light in the middle. More than two stops show as dark corners; some makers want just that.`,
      fix: trimFix(judged),
    },
  ];
}

/**
 * The largest sheet of the same proportions, in full millimetres, whose corners lose two stops at most. Where even half
 * the sheet is too much, the hole stands far from its middle: then the hole moves.
 */
function trimFix(judged: Case): Verdict["fix"] {
  const { camera, light, words } = judged;
  const { film } = camera.chambers[0];
  const sized = (share: number): { width: number; height: number } => ({
    width: Math.max(1, Math.floor(film.width * share)),
    height: Math.max(1, Math.floor(film.height * share)),
  });
  // The smaller sheet keeps its middle, so that the hole stays opposite it.
  const cutTo = (to: Camera, size: { width: number; height: number }): Camera =>
    withFilm(to, { ...size, trim: to.chambers[0].film.format == null ? null : size });
  const fine = (share: number): boolean => {
    const { corner } = sheetStops(opticalModel(pictureRequest(cutTo(camera, sized(share)), light)));
    return corner !== null && corner <= MOST_STOPS;
  };
  if (!fine(0.5) && offCentre(camera))
    return { label: "Put the hole opposite the sheet’s middle", apply: (c) => withHoleOpposite(c) };
  let [low, high] = [0, 1];
  for (let i = 0; i < 12; i++) {
    const middle = (low + high) / 2;
    if (fine(middle)) low = middle;
    else high = middle;
  }
  const { width, height } = sized(low);
  return {
    label: `Trim the sheet to ${words(width)} × ${words(height)}`,
    apply: (c) => cutTo(c, { width, height }),
  };
}

/** Whether the hole stands further from the sheet's middle than a quarter of the sheet. */
function offCentre(camera: Camera): boolean {
  const { film, holes } = camera.chambers[0];
  const across = sheetOnWall(cameraKind(camera)) ? 0 : (holes[0].x ?? 0) - (film.x ?? 0);
  return Math.abs(across) > film.width / 4 || Math.abs((holes[0].y ?? 0) - (film.y ?? 0)) > film.height / 4;
}

/** On a can, the picture's middle should be level with the hole, or the horizon runs off the sheet. */
export function levelHole({ camera, faults, words }: Case): readonly Verdict[] {
  if (faults.length > 0 || !sheetOnWall(cameraKind(camera))) return [];
  const { film, holes } = camera.chambers[0];
  const off = (holes[0].y ?? 0) - (film.y ?? 0);
  if (Math.abs(off) < Math.max(2, film.height / 50)) return [];
  return [
    {
      id: "hole-off-level",
      weight: "note",
      title: `The hole is ${words(Math.abs(off))} ${off > 0 ? "above" : "below"} the sheet’s middle`,
      sentence: `The picture shows more ${off > 0 ? "ground" : "sky"} than ${off > 0 ? "sky" : "ground"}. Good if you want that.`,
      fix: { label: "Put the hole level with the middle", apply: (c) => withHoleOpposite(c) },
    },
  ];
}
