import { fresnelScale, type Optimum, schools } from "../../../light/hole/index.ts";
import { opticalModel } from "../../../light/solve/index.ts";
import type { Camera, DesignLight, HoleRule } from "../model/camera.ts";
import { holeAt, solveRequest } from "../model/holesOf.ts";
import { withHole } from "./edits.ts";
import { mounted } from "./withMount.ts";

/** What `"best"` means in a file that names no rule (FORMAT). */
const RULE_OF_BEST: HoleRule = "rayleigh";

/**
 * A design whose holes follow their rule and what they are in: what every edit of a design ends with.
 *
 * @returns the same design where every hole follows already
 * @example settled(box, paper, ideal).chambers[0].holes[0].diameter === box.chambers[0].holes[0].diameter // true
 */
export function settled(design: Camera, light: DesignLight, ideal: Optimum): Camera {
  const camera = mounted(design);
  const rule = camera.chambers[0].aim?.rule ?? "own";
  return camera.chambers[0].holes.reduce<Camera>((now, spec, index) => {
    // Holes of the maker's own size may differ from each other.
    const diameter = targetDiameter(now, light, ideal, index);
    const same = diameter === spec.diameter || (rule === "own" && spec.diameter !== "best");
    return same ? now : withHole(now, { diameter }, index);
  }, camera);
}

/**
 * The diameter the chosen rule asks for, mm; for `own` what was typed.
 *
 * @returns mm, > 0
 * @example targetDiameter(box, paper, ideal) // 0.26737…
 */
export function targetDiameter(camera: Camera, light: DesignLight, ideal: Optimum, hole = 0): number {
  const { diameter } = holeAt(camera, hole);
  const { setting } = opticalModel(solveRequest(camera, light, hole));
  const asked = camera.chambers[0].aim?.rule ?? "own";
  const rule = diameter === "best" && asked === "own" ? RULE_OF_BEST : asked;
  if (rule === "own") return diameter as number;
  if (rule === "computed") return ideal.constant * fresnelScale(setting);
  const school = schools.find(({ id }) => id === rule);
  if (school === undefined) throw new Error(`no school ${rule}`);
  return school.compute(setting);
}
