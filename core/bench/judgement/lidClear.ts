import { closingOf, fieldValue, holeTooHigh, lidLeavesHole, withField } from "../../camera/container/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** What shuts a can must not lie over its hole: an own lid as far as it reaches, a made cap as short as it may be. */
export function lidClear({ camera, faults }: Case): readonly Verdict[] {
  const closing = closingOf(camera);
  if (closing === null || faults.length > 0) return [];
  const over = holeTooHigh(closing);
  if (over < 0.05) return [];
  const { by, reach, free, toHole } = closing;
  const isKnown = !lidLeavesHole(camera);
  const lower = Math.ceil(over);
  return [
    {
      id: "lid-over-hole",
      weight: isKnown ? "stop" : "note",
      found: { code: "lid-over-hole", made: by === "made cap", reach, free, toHole, isKnown },
      fix: {
        mend: { code: "lower-hole", to: lower },
        apply: (c) => withField(c, "hole.above", (fieldValue(c, "hole.above") ?? 0) - lower),
      },
    },
  ];
}
