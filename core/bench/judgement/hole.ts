import { scatteredShare, staysBare } from "../../camera/container/index.ts";
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

/** From this share of scattered light on the whole sheet is seen to be grey; by eye. */
const GREYS = 0.08;

/** Bare walls scatter light over the sheet: said to whoever means to leave them so. */
export function insideBlack({ camera }: Case): readonly Verdict[] {
  if (!staysBare(camera)) return [];
  const share = scatteredShare(camera);
  return [
    {
      id: "not-black",
      weight: share < GREYS ? "note" : "warn",
      found: { code: "not-black", share },
      fix: {
        mend: { code: "paint" },
        apply: (c) => ({ ...c, making: { ...c.making, choices: { ...c.making?.choices, black: "paint" } } }),
      },
    },
  ];
}
