import { isMetal } from "../../camera/container/index.ts";
import { holeFix } from "../../camera/holeToMake/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** Is the hole good for its distance? The same judgement as where it is made. */
export function holeSuits({ judgedHole, hole }: Case): readonly Verdict[] {
  const { verdict } = judgedHole;
  if (verdict.action === "keep" && verdict.reason !== "as bought") return [];
  return [
    {
      id: "hole-outside-band",
      weight: verdict.action === "remake" || verdict.action === "sand" ? "warn" : "note",
      found: { code: "hole", judged: judgedHole },
      fix: holeFix(judgedHole, hole),
    },
  ];
}

/** Bare metal scatters light over the sheet: said to whoever means to leave it so. */
export function insideBlack({ camera }: Case): readonly Verdict[] {
  const { insideBlack: black = false } = camera.container;
  const { choices = {} } = camera.making ?? {};
  if (black || choices.black !== "leave" || !isMetal(camera)) return [];
  return [
    {
      id: "not-black",
      weight: "warn",
      found: { code: "not-black" },
      fix: {
        mend: { code: "paint" },
        apply: (c) => ({ ...c, making: { ...c.making, choices: { ...c.making?.choices, black: "paint" } } }),
      },
    },
  ];
}
