import { lastWhere } from "../../basis/numeric/index.ts";
import {
  type Camera,
  cameraKind,
  type Fix,
  holeAt,
  holeMount,
  isBuilt,
  isTrail,
  pictureRequest,
  withField,
  withFilm,
  withHole,
  withHoleOpposite,
  withMount,
} from "../../camera/container/index.ts";
import { mountOf, sheetOnWall } from "../../camera/mounts/index.ts";
import { illumination, rayTo } from "../../light/rays/index.ts";
import { opticalModel, sheetStops } from "../../light/solve/index.ts";
import type { Case, Mend, Verdict, Weight } from "./verdict.ts";

/** The usual limit of fall-off at a corner, stops (PHYSICS section 2). */
const MOST_STOPS = 2;

/** The same for a sheet whose corners come round beside the hole; our own limit. */
const MOST_FADING = 4;

/** Does light reach the whole sheet: plate, opening, sight, fall-off. The nearest cause is mended first. */
export function lightReaches(judged: Case): readonly Verdict[] {
  if (judged.faults.length > 0) return [];
  return [...plateCuts(judged), ...openingCuts(judged), ...outOfSight(judged), ...darkCorners(judged)];
}

function has({ result }: Case, code: string): boolean {
  return result.warnings.some((warning) => warning.code === code);
}

function plateCuts(judged: Case): readonly Verdict[] {
  if (!has(judged, "corner-cut-by-plate")) return [];
  const { camera } = judged;
  const now = holeAt(camera).plateThickness ?? 0;
  const mount = holeMount(camera);
  const wall = mount === "wall";
  const blank = blankEnds(judged);
  if (blank.mm === 0 && mountOf(cameraKind(camera)).fades) return [];
  return [
    {
      id: "plate-cuts",
      weight: blank.weight,
      found: { code: "plate-cuts", wall, thick: now, blank: Math.ceil(blank.mm) },
      fix: wall ? thinPlate(judged) : ((mount === "plate" ? thinnerPlate(judged, now) : null) ?? trimFix(judged)),
    },
  ];
}

/** How much of the sheet at either end gets no light at the hole's height, mm, and how much that matters. */
function blankEnds({ camera, light, hole }: Case): { readonly mm: number; readonly weight: Weight } {
  const model = opticalModel(pictureRequest(camera, light, hole));
  const half = model.width / 2;
  const lit = (s: number): boolean =>
    illumination(
      model.aperture,
      model.distance,
      rayTo(model.place, model.surface, s, model.place.y - model.surface.y),
    ) > 0;
  const blank = [-1, 1].map((side) => {
    if (lit(side * half)) return 0;
    return half - lastWhere((s) => lit(side * s), 0, half, half / 2 ** 20);
  });
  const mm = Math.max(...blank);
  if (mm <= Math.max(LITTLE.mm, LITTLE.share * model.width)) return { mm, weight: mm > 0 ? "note" : "warn" };
  return { mm, weight: mm > MUCH * model.width ? "stop" : "warn" };
}

/** White ends as short as this are worth a look, no more; our own limit. */
const LITTLE = { mm: 5, share: 0.04 } as const;
/** White ends longer than this share of the sheet, each, spoil the picture; our own limit. */
const MUCH = 0.15;

/** The thickest plate in stock that lets light into the corners. */
function thinnerPlate(judged: Case, now: number): Fix<Mend> | null {
  const { camera, plates } = judged;
  const thinner = [...plates]
    .sort((a, b) => b - a)
    .find((plate) => plate < now && reaches({ ...judged, camera: withField(camera, "hole.plateThickness", plate) }));
  return thinner === undefined
    ? null
    : { mend: { code: "thinner-plate", to: thinner }, apply: (c) => withField(c, "hole.plateThickness", thinner) };
}

/** A wall that is too thick gets a thin plate over an opening. */
function thinPlate(judged: Case): Fix<Mend> | null {
  const { camera } = judged;
  const inPlate = withMount(camera, "plate");
  return reaches({ ...judged, camera: inPlate }) ||
    (holeAt(inPlate).plateThickness ?? 0) < (holeAt(camera).plateThickness ?? 0)
    ? { mend: { code: "thin-plate" }, apply: (c) => withMount(c, "plate") }
    : null;
}

/** Whether light comes to all of the sheet that such a camera can light: its corners, or its ends where those fade. */
function reaches(judged: Case): boolean {
  const { camera, light } = judged;
  if (mountOf(cameraKind(camera)).fades) return blankEnds(judged).mm === 0;
  return sheetStops(opticalModel(pictureRequest(camera, light))).corner !== null;
}

function openingCuts(judged: Case): readonly Verdict[] {
  const { camera, result, hole } = judged;
  const opening = holeAt(camera, hole).openingDiameter ?? null;
  if (opening === null || result.smallestOpening === null || opening >= result.smallestOpening) return [];
  const wide = Math.ceil(result.smallestOpening * 10) / 10;
  const dark = has(judged, "corner-cut-by-opening");
  return [
    {
      id: "opening-cuts",
      weight: dark ? "stop" : "warn",
      found: { code: "opening-cuts", wide },
      fix: !isBuilt(camera)
        ? null
        : { mend: { code: "widen-opening", to: wide }, apply: (c) => withField(c, "hole.openingDiameter", wide) },
    },
  ];
}

function outOfSight(judged: Case): readonly Verdict[] {
  if (!has(judged, "corner-out-of-sight")) return [];
  return [
    {
      id: "out-of-sight",
      weight: "stop",
      found: { code: "out-of-sight" },
      fix: trimFix(judged),
    },
  ];
}

/** What the sheet's corners lose when the body's opening is wide enough: an opening that cuts is said by itself. */
function cornerLoss(camera: Camera, { light, hole }: Case): number | null {
  return sheetStops(opticalModel(pictureRequest(withHole(camera, { openingDiameter: null }, hole), light, hole)))
    .corner;
}

/** The figure is the one that is read beside it; while the opening clips the corners, that is said and mended first. */
function darkCorners(judged: Case): readonly Verdict[] {
  const { corner } = judged.result.stopsLost;
  if (openingCuts(judged).length > 0) return [];
  const most = mountOf(cameraKind(judged.camera)).fades ? MOST_FADING : MOST_STOPS;
  if (corner === null || corner <= most + 0.05) return [];
  return [
    {
      id: "dark-corners",
      weight: "warn",
      found: { code: "dark-corners", stops: corner },
      fix: trimFix(judged),
    },
  ];
}

/** No trim leaves less than this share of the picture; none throws away more than a tenth for less than half a stop. */
const LEAST_LEFT = 0.5;
const WORTH = { thrown: 0.1, stops: 0.5 } as const;

/**
 * The largest sheet of the same proportions, in full millimetres, whose corners lose two stops at most. A hole far from
 * the sheet's middle is moved first; wound film is not trimmed, nor a sheet of which less than half would be left.
 */
function trimFix(judged: Case): Fix<Mend> | null {
  const { camera } = judged;
  const { film, roll } = camera.chambers[0];
  if (offCentre(camera)) return { mend: { code: "hole-opposite" }, apply: (c) => withHoleOpposite(c) };
  if (roll) return null;
  const sized = (share: number): { width: number; height: number } => ({
    width: Math.max(1, Math.floor(film.width * share)),
    height: Math.max(1, Math.floor(film.height * share)),
  });
  // The smaller sheet keeps its middle, so that the hole stays opposite it.
  const cutTo = (to: Camera, size: { width: number; height: number }): Camera =>
    withFilm(to, { ...size, trim: to.chambers[0].film.format == null ? null : size });
  const fine = (share: number): boolean => {
    const corner = cornerLoss(cutTo(camera, sized(share)), judged);
    return corner !== null && corner <= MOST_STOPS;
  };
  const { width, height } = sized(lastWhere(fine, 0, 1, 2 ** -12));
  const left = (width * height) / (film.width * film.height);
  if (left < LEAST_LEFT) return null;
  const gained = (cornerLoss(camera, judged) ?? Number.POSITIVE_INFINITY) - MOST_STOPS;
  if (1 - left > WORTH.thrown && gained < WORTH.stops) return null;
  return {
    mend: { code: "trim", width, height },
    apply: (c) => cutTo(c, { width, height }),
  };
}

/** Whether the hole stands further from the sheet's middle than a quarter of the sheet. */
function offCentre(camera: Camera): boolean {
  const { film, holes } = camera.chambers[0];
  const across = sheetOnWall(cameraKind(camera)) ? 0 : (holes[0].x ?? 0) - (film.x ?? 0);
  return Math.abs(across) > film.width / 4 || Math.abs((holes[0].y ?? 0) - (film.y ?? 0)) > film.height / 4;
}

/**
 * On a can, the picture's middle should be level with the hole, or the horizon runs off the sheet. Not for the sun's trails:
 * their hole stands high so that the noon sun stays on the sheet.
 */
export function levelHole({ camera, faults }: Case): readonly Verdict[] {
  if (faults.length > 0 || isTrail(camera) || !sheetOnWall(cameraKind(camera))) return [];
  const { film, holes } = camera.chambers[0];
  const off = (holes[0].y ?? 0) - (film.y ?? 0);
  if (Math.abs(off) < Math.max(2, film.height / 50)) return [];
  return [
    {
      id: "hole-off-level",
      weight: "note",
      found: { code: "hole-off-level", above: off },
      fix: { mend: { code: "hole-level" }, apply: (c) => withHoleOpposite(c) },
    },
  ];
}
