import { formatStops } from "../../basis/units/index.ts";
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
export function chambersApart({ camera, light, words, faults }: Case): readonly Verdict[] {
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
  const percent = (100 * stray.share).toFixed(stray.share < 0.01 ? 1 : 0);
  const title = "Light creeps round the vane into the next chamber";
  const sentence = `Between vane and wall are ${words(container.gap)}: up to ${percent} % of the picture’s light passes, from ${Math.round((Math.atan(stray.from) * 180) / Math.PI)}° off the axis on.`;
  return [
    {
      id: "cross-light",
      weight: stray.share > 0.02 ? "warn" : "note",
      title,
      sentence,
      fix:
        strips === null
          ? { label: "Close the gap with felt", apply: (c) => withContainer(c, { gap: 0 }) }
          : {
              label: `Stand strips ${words(Math.round(strips.height))} high, ${words(aside)} beside the hole`,
              apply: (c) => withContainer(c, { baffle: { aside, height: Math.round(strips.height) } }),
            },
    },
  ];
}

/** Two holes before one sheet: do the pictures run into each other, and from where on do two eyes join them? */
export function picturesApart({ camera, light, words, faults }: Case): readonly Verdict[] {
  const pair = faults.length > 0 ? null : cameraStereo(camera, light);
  if (pair === null) return [];
  const { divider = null } = camera.chambers[0];
  const { subjectDistance } = camera.chambers[0].aim ?? {};
  const near: Verdict = {
    id: "stereo-near",
    weight: "note",
    title: `Keep everything ${words(Math.round(pair.nearest))} away or more`,
    sentence: `With holes ${words(pair.base)} apart, nearer things are hard for two eyes to join (thirty times the base, a rule of thumb).`,
    fix: {
      label: `Bring the holes ${words(EYES)} apart, as eyes are`,
      apply: (c) => withField(c, "hole.base", EYES),
    },
  };
  const tooNear = subjectDistance != null && subjectDistance < pair.nearest && pair.base > EYES ? [near] : [];
  if (pair.divider === null) return [oneSided(pair, words), ...tooNear];
  const need = Math.round(pair.divider * 10) / 10;
  if (pair.overlap === 0 || (divider !== null && divider >= need - 0.05)) return tooNear;
  return [
    {
      id: "stereo-overlap",
      weight: "warn",
      title: `The two pictures overlap by ${words(Math.round(pair.overlap))}`,
      sentence:
        divider === null
          ? `Each hole lights the other’s half. A black wall in the middle, standing ${words(need)} forward of the sheet, parts them.`
          : `The wall in the middle stands ${words(divider)} forward of the sheet; ${words(need)} are needed.`,
      fix: { label: `Put in a wall ${words(need)} high`, apply: (c) => withChamber(c, { divider: need }) },
    },
    ...tooNear,
  ];
}

/** A third of a stop between two halves of a pair is seen when they lie side by side; common practice. */
const SEEN_STOPS = 1 / 3;

/** Two holes that were measured and differ: how much darker the one picture comes out than the other. */
export function holesAlike({ camera, words }: Case): readonly Verdict[] {
  const { holes } = camera.chambers[0];
  const sizes = holes.map((_, hole) => measuredDiameter(camera, hole));
  const [first, second] = sizes;
  if (first == null || second == null) return [];
  const stops = 2 * Math.abs(Math.log2(first / second));
  if (stops < SEEN_STOPS) return [];
  const smaller = first < second ? 0 : 1;
  return [
    {
      id: "holes-differ",
      weight: "warn",
      title: `The two holes differ by ${formatStops(stops)}`,
      sentence: `Hole 1 is ${words(first, 3)}, hole 2 is ${words(second, 3)}: the picture of hole ${smaller + 1} comes out darker. Open it up to ${words(Math.max(first, second), 3)} and measure again, or shut the other one sooner.`,
      fix: null,
    },
  ];
}

/** No wall parts two holes that stand on one side of the sheet's middle. */
function oneSided({ base, overlap }: Stereo, words: Case["words"]): Verdict {
  return {
    id: "stereo-one-sided",
    weight: "warn",
    title: `The two pictures overlap by ${words(Math.round(overlap))}`,
    sentence:
      "Both holes stand on one side of the sheet’s middle, or one on the middle itself: no wall there can part the pictures.",
    fix: {
      label: "Put the holes evenly either side of the middle",
      apply: (c) => {
        const middle = c.chambers[0].film.x ?? 0;
        return withHole(withHole(c, { x: middle - base / 2 }, 0), { x: middle + base / 2 }, 1);
      },
    },
  };
}
