import { type Camera, loadPlaces } from "../../../core/camera/container/index.ts";
import { planOf, type Recipe } from "../../../core/darkroom/recipe/index.ts";
import { USUAL_Q10 } from "../../../core/darkroom/temperature/index.ts";
import type { Development, Exposure, Load, Pack, Processing } from "../../../core/document/index.ts";
import { mediumById } from "../../media.ts";
import { recipes } from "../../recipes.ts";
import { SEASON_BATH, SEASON_SHOTS, seasonId } from "./seasonShots.ts";

/** A load of the season: which camera, when, from which pack, and when it was taken out. */
interface SeasonLoad {
  readonly id: string;
  readonly camera: string;
  readonly at: string;
  readonly packId: string | null;
  readonly unloadedAt: string | null;
}

const LOADS: readonly SeasonLoad[] = [
  {
    id: "thistle-load-july",
    camera: "canister-one",
    at: "2026-07-11T21:30:00+01:00",
    packId: "thistle-pack-graded",
    unloadedAt: "2026-07-19T20:30:00+01:00",
  },
  {
    id: "thistle-load-drum",
    camera: "feed-drum",
    at: "2026-08-29T21:00:00+01:00",
    packId: "thistle-pack-graded",
    unloadedAt: "2026-08-30T20:30:00+01:00",
  },
  {
    id: "thistle-load-roll",
    camera: "bean-carton",
    at: "2026-09-12T20:00:00+01:00",
    packId: "thistle-pack-film",
    unloadedAt: null,
  },
  {
    id: "thistle-load-autumn",
    camera: "canister-one",
    at: "2026-10-02T20:45:00+01:00",
    packId: "thistle-pack-graded",
    unloadedAt: null,
  },
  {
    id: "thistle-load-tin",
    camera: "biscuit-tin",
    at: "2026-11-28T19:00:00+00:00",
    packId: "thistle-pack-graded",
    unloadedAt: null,
  },
];

/** The season's loads, each place with its shot where it has one. */
export function seasonLoads(cameras: readonly Camera[]): readonly Load[] {
  return LOADS.map(({ id, camera: name, at, packId, unloadedAt }) => {
    const camera = cameras.find((each) => each.id === `thistle-${name}`);
    if (camera === undefined) throw new Error(`${id}: no such camera`);
    const { id: medium, iso } = mediumById(camera.chambers[0].film.medium);
    return {
      id,
      cameraId: camera.id,
      cameraName: camera.name,
      at,
      packId,
      unloadedAt,
      places: loadPlaces(camera).map(({ id: place }) => {
        const shot = SEASON_SHOTS.find((each) => each.loadId === id && each.place === place);
        return { place, medium, iso, initials: "T. R.", exposureId: shot === undefined ? null : seasonId(shot.id) };
      }),
    };
  });
}

/** Packs beside the two of the first handful: one is nearly empty. */
export const SEASON_PACKS: readonly Pack[] = [
  {
    id: "thistle-pack-large",
    medium: "rc-graded",
    size: "8×10 in",
    bought: 25,
    left: 3,
    opened: "2026-03-14",
    iso: null,
    note: "For the hat box and the two holes. Order more before the snowdrops.",
  },
  {
    id: "thistle-pack-film",
    medium: "film-pan-100",
    size: "rolls",
    bought: 5,
    left: 2,
    opened: null,
    iso: null,
    note: "In the cool of the shed.",
  },
  {
    id: "thistle-pack-direct",
    medium: "direct-positive",
    size: "4×5 in",
    bought: 25,
    left: 21,
    opened: "2026-10-10",
    iso: null,
    note: "For portraits at the harvest supper.",
  },
];

/** What went through the trays: each sheet with its baths, as planned and as it was. */
export function seasonDevelopments(exposures: readonly Exposure[], cameras: readonly Camera[]): readonly Development[] {
  return exposures.flatMap((shot): readonly Development[] => {
    const { developed } = shot;
    const recipe = recipes.find(({ name }) => name === developed?.recipe);
    const film = cameras.find(({ id }) => id === shot.cameraId)?.chambers[0].film;
    if (!developed || recipe === undefined || film === undefined) return [];
    const steps = stepsOf(recipe);
    const startedMs = Date.parse(developed.at);
    const ends: number[] = [];
    for (const { real } of steps) ends.push((ends.at(-1) ?? startedMs) + 1000 * real);
    return [
      {
        id: developed.developmentId,
        recipeId: recipe.id,
        recipeName: recipe.name,
        at: developed.at,
        exposureIds: [shot.id],
        sheet: [shot.cameraName, shot.subject].filter(Boolean).join(", "),
        celsius: SEASON_BATH.celsius,
        q10: USUAL_Q10,
        areaCm2: Math.round((film.width * film.height) / 100),
        medium: recipe.medium,
        steps,
        startedMs,
        movesMs: ends,
        finishedAt: new Date(ends.at(-1) ?? startedMs).toISOString().replace(/\.\d+Z$/, "+00:00"),
      },
    ];
  });
}

/** The baths as they were: a hand is a few seconds late at each. */
function stepsOf(recipe: Recipe) {
  return planOf(recipe, SEASON_BATH.celsius, USUAL_Q10).map((step) => ({
    ...step,
    real: Math.round(step.planned) + 4,
  }));
}

/** Test strips and contact prints under the shed's lamp. */
export const SEASON_PRINTS: readonly Processing[] = [
  {
    id: "thistle-strip-flash",
    kind: "strip",
    at: "2026-05-15T21:10:00+01:00",
    medium: "rc-graded",
    setup: "15 W lamp, 1.2 m, two layers of tracing paper",
    purpose: "flash",
    times: [1, 1.4, 2, 2.8, 4, 5.6, 8],
    picked: 4,
    seconds: 2,
    note: "The fourth is the first that is grey.",
  },
  {
    id: "thistle-strip-print",
    kind: "strip",
    at: "2026-06-20T22:00:00+01:00",
    medium: "rc-graded",
    setup: "15 W lamp, 1.2 m, bare; glass of the picture frame",
    purpose: "print",
    times: [2, 3, 4.5, 6.75, 10],
    picked: 3,
    seconds: 4.5,
    exposureId: seasonId("beans"),
  },
  ...["beans", "doors", "depth"].map((id, index) => ({
    id: `thistle-print-${id}`,
    kind: "print" as const,
    at: `2026-08-0${index + 2}T21:30:00+01:00`,
    medium: "rc-graded",
    setup: "15 W lamp, 1.2 m, bare; glass of the picture frame",
    seconds: [4.5, 6, 5][index] ?? 5,
    exposureId: seasonId(id),
    note: index === 0 ? "For the wall of the shed." : "",
  })),
];
