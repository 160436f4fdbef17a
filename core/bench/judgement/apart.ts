import { EYES, solveRequest, withChamber, withContainer, withField } from "../../camera/container/index.ts";
import { baffleFor, crossLight } from "../../camera/drum/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { stereo } from "../../camera/stereo/index.ts";
import { rayTo, steepestSlope } from "../../light/rays/index.ts";
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
export function picturesApart({ camera, light, words, faults, result }: Case): readonly Verdict[] {
  const { holes, divider = null, film } = camera.chambers[0];
  if (holes.length !== 2 || faults.length > 0) return [];
  const base = Math.abs((holes[1]?.x ?? 0) - (holes[0].x ?? 0));
  if (base === 0) return [];
  const model = opticalModel(solveRequest(camera, light));
  const pair = stereo({
    base,
    distance: result.focalLength,
    sheetWidth: film.width,
    steepest: steepestSlope(model.aperture),
  });
  const near: Verdict = {
    id: "stereo-near",
    weight: "note",
    title: `Keep everything ${words(Math.round(pair.nearest))} away or more`,
    sentence: `With holes ${words(base)} apart, nearer things are hard for two eyes to join (thirty times the base, a rule of thumb).`,
    fix: {
      label: `Bring the holes ${words(EYES)} apart, as eyes are`,
      apply: (c) => withField(c, "hole.base", EYES),
    },
  };
  const apart = base === EYES ? [] : [near];
  const need = Math.round(pair.divider * 10) / 10;
  if (pair.past === 0 || (divider !== null && divider >= need - 0.05)) return apart;
  return [
    {
      id: "stereo-overlap",
      weight: "warn",
      title: `The two pictures overlap by ${words(Math.round(2 * pair.past))}`,
      sentence:
        divider === null
          ? `Each hole lights the other’s half. A black wall in the middle, standing ${words(need)} forward of the sheet, parts them.`
          : `The wall in the middle stands ${words(divider)} forward of the sheet; ${words(need)} are needed.`,
      fix: { label: `Put in a wall ${words(need)} high`, apply: (c) => withChamber(c, { divider: need }) },
    },
    ...apart,
  ];
}
