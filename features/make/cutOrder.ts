import { lightTable } from "../../catalogue/lightTable.ts";
import { mediumById } from "../../catalogue/media.ts";
import { formatFNumber, sayTime } from "../../core/basis/units/index.ts";
import { type Camera, type LengthWords, solveRequest } from "../../core/camera/container/index.ts";
import { contrastOf, idealAt, type JudgedHole, judgeHole } from "../../core/camera/holeToMake/index.ts";
import { experience, expose } from "../../core/learning/index.ts";
import { evOnSheet, fNumber, timeFromLight } from "../../core/light/exposure/index.ts";
import { opticalModel } from "../../core/light/solve/index.ts";
import type { CutOrder } from "../../core/make/cutsheet/index.ts";
import { planOf } from "../../ui/records/planOf.ts";
import type { LogExperience } from "../../ui/records/useExperience.ts";
import { meterTable } from "./meterTable.ts";

/** A hole as it is judged everywhere: see `core/camera/holeToMake`. */
export function judgedHole(camera: Camera, hole = 0): JudgedHole {
  return judgeHole(camera, mediumById(camera.chambers[0].film.medium), idealAt(contrastOf(camera)), hole);
}

/** What of the log is about a camera: its experience, and by which name it knows the camera. */
export type Taught = Pick<LogExperience, "experience" | "alike">;

const NOTHING_TAUGHT: Taught = { experience: experience([]), alike: new Map() };

/** All that the cut sheet of a camera is drawn from; its times are those of the Field, with what the log has taught. */
export function cutOrder(
  camera: Camera,
  words: LengthWords,
  code: CutOrder["code"],
  { experience: log, alike }: Taught = NOTHING_TAUGHT,
): CutOrder {
  const plan = planOf(camera);
  const medium = mediumById(camera.chambers[0].film.medium);
  const { distance } = opticalModel(solveRequest(camera, medium));
  const n = fNumber(distance, plan.hole.diameter);
  const keys = { camera: alike.get(camera.id) ?? camera.id, medium: medium.id };
  const timeIn = (light: string, ev: number): number => {
    const { iso, longTime } = medium;
    const answer = expose({ fNumber: n, iso, longTime, light: { ev }, keys: { ...keys, light } }, log);
    return answer.ok ? answer.value.learned.seconds : timeFromLight(ev, n, iso);
  };
  return {
    plan,
    words,
    fNumber: formatFNumber(n),
    medium: `${medium.name}, ISO ${medium.iso}`,
    times: lightTable.map(({ id, name, ev, kelvin }) => ({
      light: name,
      time: sayTime(timeIn(id, evOnSheet(ev, kelvin, medium.sensitivity))),
    })),
    metered: meterTable(n, medium, log.about(keys).stops),
    taughtBy: log.all().find(({ of, key }) => of === "camera" && key === keys.camera)?.shots ?? 0,
    code,
    numbers: Array.from({ length: plan.alike }, (_, i) => i + 1),
  };
}
