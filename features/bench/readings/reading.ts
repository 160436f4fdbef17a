import { formats } from "../../../catalogue/formats.ts";
import { mediumById } from "../../../catalogue/media.ts";
import { plates } from "../../../catalogue/plates.ts";
import { isMeant, judge } from "../../../core/bench/judgement/index.ts";
import {
  type Camera,
  type DesignFault,
  designFaults,
  type LengthWords,
  pictureRequest,
} from "../../../core/camera/container/index.ts";
import { type JudgedHole, judgeHole } from "../../../core/camera/holeToMake/index.ts";
import type { Medium } from "../../../core/light/exposure/index.ts";
import type { Optimum } from "../../../core/light/hole/index.ts";
import { type SolveResult, solve } from "../../../core/light/solve/index.ts";
import { type SaidVerdict, saidVerdict } from "../../../wording/verdicts.ts";

/** Everything the Bench says about a design. */
export interface Reading {
  readonly medium: Medium;
  readonly result: SolveResult;
  readonly judged: JudgedHole;
  readonly faults: readonly DesignFault[];
  readonly verdicts: readonly SaidVerdict[];
  /** What would be said, had the maker not meant it so. */
  readonly meant: readonly SaidVerdict[];
}

/**
 * Reads a design: one `solve`, the faults, the verdicts.
 *
 * @param camera design with positive sizes
 * @param ideal optimum for the design's contrast
 * @param hole number of the hole that is worked on
 * @param words writes lengths in the maker's unit
 */
export function readDesign(camera: Camera, ideal: Optimum, words: LengthWords, hole = 0): Reading {
  const medium = mediumById(camera.chambers[0].film.medium);
  const result = solve(pictureRequest(camera, medium, hole), ideal);
  const faults = designFaults(camera);
  const judged = judgeHole(camera, medium, ideal, hole);
  const all = judge({
    camera,
    light: medium,
    ideal,
    hole,
    judgedHole: judged,
    result,
    faults,
    plates: plates.filter(({ makeshift }) => !makeshift).map(({ thickness }) => thickness),
    formats,
  }).map((verdict) => saidVerdict(verdict, words));
  return {
    medium,
    result,
    judged,
    faults,
    verdicts: all.filter((verdict) => !isMeant(camera, verdict)),
    meant: all.filter((verdict) => isMeant(camera, verdict)),
  };
}
