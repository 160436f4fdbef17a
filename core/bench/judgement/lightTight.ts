import { withContainer } from "../../camera/container/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** Is the container dark: lid and walls that let a lamp through, tape in one layer. */
export function lightTight({ camera }: Case): readonly Verdict[] {
  const { translucent = false, tapeLayers } = camera.container;
  const shines: Verdict = {
    id: "translucent",
    weight: "stop",
    title: "Light comes through lid or wall",
    sentence:
      "A grey or white lid lets light through, so the sheet goes grey in the sun. Cover it with black tape in two layers, or paint it inside and out, and hold a bright lamp inside to see.",
    fix: { label: "It is covered now", apply: (c) => withContainer(c, { translucent: false }) },
  };
  const single: Verdict = {
    id: "one-layer",
    weight: "warn",
    title: "One layer of tape can pass light",
    sentence:
      "Cloth tape that is dark in one layer indoors can leak in the sun, at lid and corners first. Two layers don’t.",
    fix: { label: "There are two layers now", apply: (c) => withContainer(c, { tapeLayers: 2 }) },
  };
  return [...(translucent ? [shines] : []), ...(tapeLayers === 1 ? [single] : [])];
}
