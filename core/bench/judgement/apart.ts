import {
  EYES,
  measuredDiameter,
  solveRequest,
  withChamber,
  withContainer,
  withField,
  withHole,
} from "../../camera/container/index.ts";
import { baffleFor, crossLight } from "../../camera/drum/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { cameraStereo, type Stereo } from "../../camera/stereo/index.ts";
import { rayTo } from "../../light/rays/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** A thousandth of the picture's light adds nothing that shows; our own limit. */
const FAINT = 1 / 1000;

/** Chambers of a drum: does light reach a neighbour's sheet? */
export function chambersApart({ camera, light, faults }: Case): readonly Verdict[] {
  const { vanes: container } = shapeOf(camera.container);
  if (container === null || faults.length > 0) return [];
  const model = opticalModel(solveRequest(camera, light));
  const drum = {
    radius: container.diameter / 2,
    sectors: container.sectors,
    gap: container.gap,
    tierHeight: container.height / container.tiers,
    baffle: container.baffle ?? null,
  };
  const stray = crossLight(drum, model.aperture, model.distance);
  if (stray.share < FAINT) return [];
  const own = Math.max(
    ...[-1, 1].flatMap((s) =>
      [-1, 1].map((t) => rayTo(model.place, model.surface, (s * model.width) / 2, (t * model.height) / 2).slope),
    ),
  );
  const aside = Math.max(8, (container.baffle?.aside ?? 0) || Math.round(model.distance / 6));
  const strips = baffleFor(own, stray.from, aside);
  return [
    {
      id: "cross-light",
      weight: stray.share > 0.02 ? "warn" : "note",
      found: { code: "cross-light", gap: container.gap, share: stray.share, from: Math.atan(stray.from) },
      fix:
        strips === null
          ? { mend: { code: "felt" }, apply: (c) => withContainer(c, { gap: 0 }) }
          : {
              mend: { code: "baffle", height: Math.round(strips.height), aside },
              apply: (c) => withContainer(c, { baffle: { aside, height: Math.round(strips.height) } }),
            },
    },
  ];
}

/** Two holes before one sheet: do the pictures run into each other, and from where on do two eyes join them? */
export function picturesApart({ camera, light, faults }: Case): readonly Verdict[] {
  const pair = faults.length > 0 ? null : cameraStereo(camera, light);
  if (pair === null) return [];
  const { divider = null } = camera.chambers[0];
  const { subjectDistance } = camera.chambers[0].aim ?? {};
  const near: Verdict = {
    id: "stereo-near",
    weight: "note",
    found: { code: "stereo-near", nearest: pair.nearest, base: pair.base },
    fix: {
      mend: { code: "eyes-apart", to: EYES },
      apply: (c) => withField(c, "hole.base", EYES),
    },
  };
  const tooNear = subjectDistance != null && subjectDistance < pair.nearest && pair.base > EYES ? [near] : [];
  if (pair.divider === null) return [oneSided(pair), ...tooNear];
  const need = Math.round(pair.divider * 10) / 10;
  if (pair.overlap === 0 || (divider !== null && divider >= need - 0.05)) return tooNear;
  return [
    {
      id: "stereo-overlap",
      weight: "warn",
      found: { code: "stereo-overlap", overlap: pair.overlap, divider, needed: need },
      fix: { mend: { code: "divider", to: need }, apply: (c) => withChamber(c, { divider: need }) },
    },
    ...tooNear,
  ];
}

/** A third of a stop between two halves of a pair is seen when they lie side by side; common practice. */
const SEEN_STOPS = 1 / 3;

/** Two holes that were measured and differ: how much darker the one picture comes out than the other. */
export function holesAlike({ camera }: Case): readonly Verdict[] {
  const { holes } = camera.chambers[0];
  const sizes = holes.map((_, hole) => measuredDiameter(camera, hole));
  const [first, second] = sizes;
  if (first == null || second == null) return [];
  const stops = 2 * Math.abs(Math.log2(first / second));
  if (stops < SEEN_STOPS) return [];
  return [
    {
      id: "holes-differ",
      weight: "warn",
      found: { code: "holes-differ", first, second, stops },
      fix: null,
    },
  ];
}

/** No wall parts two holes that stand on one side of the sheet's middle. */
function oneSided({ base, overlap }: Stereo): Verdict {
  return {
    id: "stereo-one-sided",
    weight: "warn",
    found: { code: "stereo-one-sided", overlap },
    fix: {
      mend: { code: "holes-even" },
      apply: (c) => {
        const middle = c.chambers[0].film.x ?? 0;
        return withHole(withHole(c, { x: middle - base / 2 }, 0), { x: middle + base / 2 }, 1);
      },
    },
  };
}
