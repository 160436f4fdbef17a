import { DAY_MS, DEGREES } from "../../basis/units/index.ts";
import type { SheetPlace } from "../../light/rays/index.ts";
import { SUN_DEFAULTS, type SunAim, type SunRequest } from "../site/siteAndAim.ts";
import { type DayTrack, type SheetSky, sheetSky } from "./dayTrack.ts";
import type { SunFan } from "./fan.ts";
import { trackWidth } from "./trackWidth.ts";

/** What would help: another aim, or the hole so many mm higher (lower where negative). */
export type SunFix = { readonly kind: "aim"; readonly aim: SunAim } | { readonly kind: "hole"; readonly by: number };

/** What is to be said of a plan; the worst first. */
export type SunVerdict =
  /** The sun never comes over the horizon. */
  | { readonly code: "never-up" }
  /** The camera looks away from the side where the sun stands at noon. */
  | { readonly code: "looks-away"; readonly fix: SunFix }
  /** Between the tropics: on so many days it stands in the north at noon, on so many in the south. */
  | { readonly code: "changes-sides"; readonly north: number; readonly south: number }
  /** Noons that leave the sheet; `by` mm at the worst, past which edge. */
  | {
      readonly code: "noons-off";
      readonly days: readonly string[];
      readonly by: number;
      readonly edge: "bottom" | "top" | "side";
      readonly fixes: readonly SunFix[];
    }
  /** Noons that stand behind the horizon; at the worst it is so many degrees too high. */
  | { readonly code: "noons-hidden"; readonly days: readonly string[]; readonly by: number }
  /** The share of the sheet's length that no light reaches: the hole's plate or wall cuts it off. */
  | { readonly code: "blank-ends"; readonly share: number }
  /** Days share their tracks: each is more than two of the widest steps between noons wide, mm. */
  | { readonly code: "tracks-merge"; readonly step: number; readonly width: number }
  /** Nothing to mend. */
  | { readonly code: "all-noons"; readonly count: number };

/** Room left between a noon and the sheet's edge, mm. */
const SPARE = 2;
/** Leans that are tried, degrees from the plan's own. */
const LEANS: readonly number[] = Array.from({ length: 120 }, (_, i) => (i % 2 === 0 ? 1 : -1) * (1 + (i >> 1)));
/** Less than this of a sheet is not worth a word. */
const LEAST_SHARE = 0.02;
const PROBES = 200;
/** The sun's disc (0.53°) is itself wider than its widest step in a day (0.4°): two days in a track are as good as it gets. */
const SHARED = 2;

/**
 * What is to be said of a plan, with what would help.
 *
 * @param fan of the request, day by day
 * @returns at least one, the worst first
 * @source PHYSICS sections 10 and 14
 * @example sunVerdicts(request, sunFan(request, tools))[0].code // "noons-off" …
 */
export function sunVerdicts(request: SunRequest, fan: SunFan): readonly SunVerdict[] {
  const { days, sky } = fan;
  if (days.every(({ moments }) => moments.every(({ isOverHorizon }) => !isOverHorizon))) return [{ code: "never-up" }];
  const found = [
    ...sideOf(request, days),
    ...noonsOff(request, days, sky),
    ...noonsHidden(days),
    ...blankEnds(request, sky),
    ...merging(days, sky),
  ];
  const count = days.filter(({ noon }) => noon.isRecorded).length;
  const isWhole = !found.some(({ code }) => code === "looks-away" || code === "noons-off" || code === "noons-hidden");
  return isWhole ? [...found, { code: "all-noons", count }] : found;
}

function sideOf({ aim }: SunRequest, days: readonly DayTrack[]): SunVerdict[] {
  const south = days.filter(({ noon }) => Math.cos(noon.azimuth) < 0).length;
  const north = days.length - south;
  // Days of a few minutes either side of the zenith do not make a side.
  const changes = Math.min(north, south) > 0 ? [{ code: "changes-sides", north, south } as const] : [];
  const ahead = days.filter(({ noon }) => Math.cos(noon.azimuth - aim.azimuth / DEGREES) > 0).length;
  if (2 * ahead >= days.length) return changes;
  return [{ code: "looks-away", fix: { kind: "aim", aim: { ...aim, azimuth: south >= north ? 180 : 0 } } }, ...changes];
}

function noonsOff(request: SunRequest, days: readonly DayTrack[], sky: SheetSky): SunVerdict[] {
  const off = days.filter(({ noon }) => noon.isOverHorizon && !noon.isRecorded);
  if (off.length === 0) return [];
  const [s, t] = [request.film.width / 2, request.film.height / 2];
  const past = off.flatMap(({ noon: { place } }): { by: number; edge: "bottom" | "top" | "side" }[] => {
    if (place === null) return [];
    const down = Math.abs(place.t) - t;
    const aside = Math.abs(place.s) - s;
    if (down <= 0 && aside <= 0) return [];
    return [down >= aside ? { by: down, edge: place.t < 0 ? "bottom" : "top" } : { by: aside, edge: "side" }];
  });
  const worst = past.reduce((most, each) => (each.by > most.by ? each : most), { by: 0, edge: "side" as const });
  return [
    { code: "noons-off", days: off.map(({ date }) => date), ...worst, fixes: fixesFor(request, days, sky, worst) },
  ];
}

/** A higher hole and a lean, each tried on every noon before it is offered. */
function fixesFor(
  request: SunRequest,
  days: readonly DayTrack[],
  sky: SheetSky,
  { by, edge }: { readonly by: number; readonly edge: string },
): SunFix[] {
  const before = offWith(sky, days);
  const fixes: SunFix[] = [];
  if (edge !== "side" && by > 0) {
    const lift = (edge === "bottom" ? 1 : -1) * (Math.ceil(by) + SPARE);
    const { hole } = request;
    if (offWith(sheetSky({ ...request, hole: { ...hole, y: (hole.y ?? 0) + lift } }), days) === 0)
      fixes.push({ kind: "hole", by: lift });
  }
  const { elevation = SUN_DEFAULTS.elevation } = request.aim;
  let best = { off: before, lean: 0 };
  for (const lean of LEANS) {
    if (Math.abs(elevation + lean) > 90) continue;
    const off = offWith(sheetSky({ ...request, aim: { ...request.aim, elevation: elevation + lean } }), days);
    if (off < best.off) best = { off, lean };
    if (off === 0) break;
  }
  if (best.off < before) fixes.push({ kind: "aim", aim: { ...request.aim, elevation: elevation + best.lean } });
  return fixes;
}

/** How many noons that are over the horizon a sheet misses. */
function offWith(sky: SheetSky, days: readonly DayTrack[]): number {
  return days.filter(({ noon }) => {
    if (!noon.isOverHorizon) return false;
    const place: SheetPlace | null = sky.land(noon);
    return place === null || !sky.isLit(place);
  }).length;
}

function noonsHidden(days: readonly DayTrack[]): SunVerdict[] {
  const hidden = days.filter(({ noon }) => noon.altitude > 0 && !noon.isOverHorizon);
  if (hidden.length === 0) return [];
  const by = Math.max(...hidden.map(({ noon }) => noon.horizon - noon.altitude));
  return [{ code: "noons-hidden", days: hidden.map(({ date }) => date), by: by * DEGREES }];
}

function blankEnds({ film }: SunRequest, sky: SheetSky): SunVerdict[] {
  let dark = 0;
  for (let i = 0; i < PROBES; i++) {
    const s = ((i + 0.5) / PROBES - 0.5) * film.width;
    const isDark = [-0.49, -0.25, 0, 0.25, 0.49].every((part) => !sky.isLit({ s, t: part * film.height }));
    if (isDark) dark++;
  }
  const share = dark / PROBES;
  return share < LEAST_SHARE ? [] : [{ code: "blank-ends", share }];
}

function merging(days: readonly DayTrack[], sky: SheetSky): SunVerdict[] {
  let widest: { readonly step: number; readonly width: number } | null = null;
  for (const [i, { noon }] of days.entries()) {
    const next = days[i + 1]?.noon;
    if (next === undefined || noon.place === null || next.place === null || !noon.isRecorded || !next.isRecorded)
      continue;
    const apart = Math.hypot(next.place.s - noon.place.s, next.place.t - noon.place.t);
    const step = (apart * DAY_MS) / (next.at - noon.at);
    if (widest === null || step > widest.step) widest = { step, width: trackWidth(sky.model, noon.place) };
  }
  return widest !== null && widest.width > SHARED * widest.step ? [{ code: "tracks-merge", ...widest }] : [];
}
