import { judge, type Verdict } from "../bench/judgement/index.ts";
import { type Camera, designFaults, pictureRequest, settled } from "../camera/container/index.ts";
import { judgeHole } from "../camera/holeToMake/index.ts";
import type { SheetFormat } from "../camera/sheet/index.ts";
import { solve } from "../light/solve/index.ts";
import { ideal, PAPER_LIGHT } from "./cameras.ts";

/** What is said of a camera, with the sheets that are offered. */
export function verdictsOf(camera: Camera, formats: readonly SheetFormat[]): readonly Verdict[] {
  return judge({
    camera,
    light: PAPER_LIGHT,
    ideal,
    hole: 0,
    judgedHole: judgeHole(camera, PAPER_LIGHT, ideal),
    result: solve(pictureRequest(camera, PAPER_LIGHT), ideal),
    faults: designFaults(camera),
    plates: [0.1, 0.05, 0.25],
    formats,
  });
}

/** The design after pressing a verdict's button; its hole follows its rule. */
export function mendedBy(camera: Camera, verdict: Verdict): Camera {
  if (verdict.fix === null) throw new Error(`${verdict.id} has no fix`);
  return settled(verdict.fix.apply(camera), PAPER_LIGHT, ideal);
}

/** One verdict by its name. */
export function verdictAmong<V extends Verdict>(verdicts: readonly V[], id: string): V {
  const found = verdicts.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no ${id} among ${verdicts.map((each) => each.id)}`);
  return found;
}
