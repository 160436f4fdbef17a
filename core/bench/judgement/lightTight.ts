import { withContainer } from "../../camera/container/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** Is the container dark: lid and walls that let a lamp through, tape in one layer. */
export function lightTight({ camera }: Case): readonly Verdict[] {
  const { translucent = false, tapeLayers } = camera.container;
  const shines: Verdict = {
    id: "translucent",
    weight: "stop",
    found: { code: "translucent" },
    fix: { mend: { code: "covered" }, apply: (c) => withContainer(c, { translucent: false }) },
  };
  const single: Verdict = {
    id: "one-layer",
    weight: "warn",
    found: { code: "one-layer" },
    fix: { mend: { code: "two-layers" }, apply: (c) => withContainer(c, { tapeLayers: 2 }) },
  };
  return [...(translucent ? [shines] : []), ...(tapeLayers === 1 ? [single] : [])];
}
