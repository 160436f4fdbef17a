import {
  type Camera,
  cameraKind,
  fieldValue,
  measuredDiameter,
  withAim,
  withContainer,
  withField,
} from "../../camera/container/index.ts";
import { sheetOnWall } from "../../camera/lies/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
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
  const move = moveTo(camera, suits, words);
  if (move !== null) return { id, title, sentence, fix: move };
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

/** The change that brings the sheet to a distance, where this camera has one. */
function moveTo(camera: Camera, suits: number, words: Case["words"]): Verdict["fix"] | null {
  const { distance } = camera.chambers[0].film;
  const { far, reach } = shapeOf(camera.container);
  const field = far(sheetOnWall(cameraKind(camera)));
  const rounded = Math.round(suits);
  if (field === "container.depth" && suits <= 5000) {
    // A leaning sheet's middle stands before the back.
    const depth = rounded + (fieldValue(camera, field) ?? 0) - distance;
    return { label: `Make the box ${words(depth)} deep`, apply: (c) => withField(c, field, depth) };
  }
  if (reach !== null && suits >= reach[0] && suits <= reach[1]) {
    return { label: `Slide the boxes to ${words(rounded)}`, apply: (c) => withField(c, field, rounded) };
  }
  if (field === "container.height" && suits <= (fieldValue(camera, field) ?? 0)) {
    return { label: `Hold the sheet ${words(rounded)} from the lid`, apply: (c) => withField(c, field, rounded) };
  }
  return null;
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
