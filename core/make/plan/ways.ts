import { type Camera, cameraKind, isTrail } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { springs } from "./springs.ts";

/** Ways on which makers disagree, by question; the words are those of `wording/make/makingQuestions`. */
export interface Ways {
  readonly black: "paint" | "paper" | "leave";
  readonly tape: "cloth" | "electrical";
  readonly side: "out" | "in";
  readonly hold: "tape" | "magnets" | "strips" | "slot" | "liner";
  readonly shutter: "tape" | "magnet" | "slide" | "stopper" | "thumb";
  readonly gap: "ten" | "wide";
}

/** The ways there are, the usual one first. */
export const WAYS: { readonly [Question in keyof Ways]: readonly Ways[Question][] } = {
  black: ["paint", "paper", "leave"],
  tape: ["cloth", "electrical"],
  side: ["out", "in"],
  hold: ["tape", "magnets", "strips", "slot", "liner"],
  shutter: ["tape", "magnet", "slide", "stopper", "thumb"],
  gap: ["ten", "wide"],
};

/**
 * What was chosen for every question, or what is usual for such a camera.
 *
 * @source common practice
 * @example waysOf(box).hold // "tape"
 */
export function waysOf(camera: Camera): Ways {
  const chosen = camera.making?.choices ?? {};
  const usual: Ways = {
    black: "paint",
    tape: "cloth",
    side: "out",
    hold: usualHold(camera),
    shutter: "tape",
    gap: "ten",
  };
  const taken = <Q extends keyof Ways>(question: Q): Ways[Q] =>
    WAYS[question].find((way) => way === chosen[question]) ?? usual[question];
  return {
    black: taken("black"),
    tape: taken("tape"),
    side: taken("side"),
    hold: taken("hold"),
    // What hangs out for weeks is taped: everything else falls off in the first gale.
    shutter: isTrail(camera) ? "tape" : taken("shutter"),
    gap: taken("gap"),
  };
}

/** Film curls the other way at every cut: strips hold it flat. */
function usualHold(camera: Camera): Ways["hold"] {
  return kindRecord(cameraKind(camera)).loads === "film" && !springs(camera) ? "strips" : "tape";
}
