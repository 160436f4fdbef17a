import type { Camera, DesignLight } from "../../camera/container/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { fresnelScale, type Optimum, scaledResolution, schools, toFrequency } from "../../light/hole/index.ts";
import type { Bare } from "./families.ts";
import type { Found, Layout, Merits, Wish } from "./layout.ts";
import { bareLayouts, rulesOf, type Stock } from "./layouts.ts";
import { geometryOf, meritsOf, paperOf, scoreOf } from "./merits.ts";

/** What the finder is asked. */
export interface FinderQuestion {
  readonly camera: Camera;
  readonly light: DesignLight;
  /** Contrast κ, and the optimum for it. */
  readonly contrast: number;
  readonly ideal: Optimum;
  readonly stock: Stock;
  readonly wish: Wish;
  /** How many to hand back. */
  readonly most: number;
}

export interface FinderAnswer {
  /** Layouts looked at, each with its light and detail worked out. */
  readonly examined: number;
  readonly found: readonly Found[];
}

/**
 * What a container could become: every catalogued sheet both ways round, whole or trimmed, flat, bowed, curled round or
 * across the far wall, the hole in each usable face at three heights, one or two holes, every rule for its size and (on
 * round walls, where it matters) every plate; ranked by a wish. Layouts that differ in their hole only are merged.
 *
 * @param question container, light, contrast, stock, wish
 * @returns the best ones, best first
 * @example find({ camera: box, wish: "wide", … }).found[0].layout // the widest view that this container can give
 */
export function find({ camera, light, contrast, ideal, stock, wish, most }: FinderQuestion): FinderAnswer {
  const detail = detailByRule(contrast, ideal);
  const plate = camera.chambers[0].holes[0].plateThickness ?? 0;
  const { round, vanes } = shapeOf(camera.container);
  const plates = round !== null && vanes === null ? [...new Set([plate, ...stock.plates])] : [plate];
  const best = new Map<string, { layout: Layout; merits: Merits; score: number; others: number }>();
  const { format } = camera.chambers[0].film;
  const all = new Set(stock.formats.filter(({ kind }) => kind === "frame").map(({ id }) => id));
  const frames = all.has(format ?? "") ? new Set<string>() : all;
  let examined = 0;
  for (const bare of bareLayouts(camera, stock)) {
    const geometry = geometryOf(bare);
    const paper = paperOf(bare);
    const setting = { distance: bare.film.distance, wavelengthNm: light.wavelengthNm, subjectDistance: null };
    const scale = fresnelScale(setting);
    const key = likeness(bare);
    for (const rule of rulesOf()) {
      const { constant, resolution } = detail[rule];
      const frequency = toFrequency(resolution, setting);
      for (const plateThickness of plates) {
        examined++;
        const layout: Layout = { ...bare, rule, diameter: constant * scale, plateThickness };
        const merits = meritsOf(layout, geometry, frequency, light.iso, paper);
        // A change of plate or hole place needs a reason: ties go to the plain one.
        const plain = (plateThickness === plate ? 0 : 0.004) + (bare.holes[0]?.y === (bare.film.y ?? 0) ? 0 : 0.002);
        const score = scoreOf(merits, bare.used, wish) - plain - (frames.has(bare.format.id) ? FILM_INSTEAD : 0);
        const now = best.get(key);
        if (now === undefined) best.set(key, { layout, merits, score, others: 0 });
        else best.set(key, { ...(score > now.score ? { layout, merits, score } : now), others: now.others + 1 });
      }
    }
  }
  const found = [...best.values()].sort((a, b) => b.score - a.score).slice(0, most);
  return { examined, found };
}

/** A maker with sheets in the drawer does not want to change to roll film for a trifle; our own weight. */
const FILM_INSTEAD = 0.05;

/** What makes two layouts the same to a maker: all but the hole's size and height, the plate, how much a sheet is bowed, and its name. */
function likeness({ kind, face, film, holes }: Bare): string {
  const rounded = [film.width, film.height].map((mm) => Math.round(mm * 2));
  return [kind, face, film.surface, ...rounded, holes.length, Math.round(holes[0]?.x ?? 0)].join(" ");
}

interface RuleDetail {
  readonly constant: number;
  /** Scaled resolution. */
  readonly resolution: number;
}

function detailByRule(contrast: number, ideal: Optimum): Readonly<Record<Layout["rule"], RuleDetail>> {
  const of = (id: Exclude<Layout["rule"], "computed">): RuleDetail => {
    const constant = schools.find((school) => school.id === id)?.constant ?? 0;
    return { constant, resolution: scaledResolution(contrast, constant) };
  };
  return {
    petzval: of("petzval"),
    airy: of("airy"),
    rayleigh: of("rayleigh"),
    zone: of("zone"),
    computed: { constant: ideal.constant, resolution: ideal.resolution },
  };
}
