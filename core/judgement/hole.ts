import { measuredDiameter, withAim, withContainer, withField } from "../container/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** Is the hole good for its distance? */
export function holeSuits(judged: Case): readonly Verdict[] {
  const { camera, result, words } = judged;
  if (!result.warnings.some(({ code }) => code === "hole-outside-band")) return [];
  const measured = measuredDiameter(camera);
  const share = Math.round((100 * result.resolution) / result.bestResolution);
  const diameter = result.focalLength / result.fNumber;
  const larger = diameter > result.band95[1];
  const best = words(result.best.computed);
  if (measured === null) {
    return [
      {
        id: "hole-outside-band",
        weight: share < 60 ? "warn" : "note",
        title: `The hole is ${larger ? "larger" : "smaller"} than the sharpest one`,
        sentence: `It draws ${share} % of the finest detail that ${best} would${larger ? ", and is faster for it" : ", and is slower for it"}.`,
        fix: { label: `Use ${best}, sharpest at your contrast`, apply: (c) => withAim(c, { rule: "computed" }) },
      },
    ];
  }
  return [{ ...measuredVerdict(judged, measured, larger), weight: share < 60 ? "warn" : "note" }];
}

function measuredVerdict(judged: Case, measured: number, larger: boolean): Omit<Verdict, "weight"> {
  const { camera, ideal, light, result, words } = judged;
  const id = "hole-outside-band";
  const title = `The hole came out ${larger ? "large" : "small"} for this distance`;
  const share = Math.round((100 * result.resolution) / result.bestResolution);
  // d = c√(λz): the distance whose best hole is the one you have.
  const suits = measured ** 2 / (ideal.constant ** 2 * light.wavelengthNm * 1e-6);
  const sentence = `Measured ${words(measured)}, it draws ${share} % of the finest detail possible here; it would be best at ${words(suits)} from the sheet.`;
  if (camera.container.shape === "box" && suits <= 5000) {
    const depth = Math.round(suits);
    return {
      id,
      title,
      sentence,
      fix: { label: `Make the box ${words(depth)} deep`, apply: (c) => withField(c, "container.depth", depth) },
    };
  }
  return {
    id,
    title,
    sentence,
    fix: {
      label: `Make a new hole of ${words(result.best.computed)}`,
      apply: (c) => withAim(withField(c, "hole.measured", null), { rule: "computed" }),
    },
  };
}

/** Bare metal scatters light over the sheet. */
export function insideBlack({ camera }: Case): readonly Verdict[] {
  const { material = "", insideBlack: painted = false } = camera.container;
  if (painted || !/metal|steel|alumin|tin/i.test(material)) return [];
  return [
    {
      id: "not-black",
      weight: "warn",
      title: "The inside is bare metal",
      sentence:
        "Shiny walls throw light about and grey the whole sheet. Paint everything inside flat black, the lid too, in fresh air.",
      fix: { label: "It is painted now", apply: (c) => withContainer(c, { insideBlack: true }) },
    },
  ];
}
