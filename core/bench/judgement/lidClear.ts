import { closingOf, fieldValue, holeTooHigh, lidLeavesHole, withField } from "../../camera/container/index.ts";
import type { Case, Verdict } from "./verdict.ts";

/** What shuts a can must not lie over its hole: an own lid as far as it reaches, a made cap as short as it may be. */
export function lidClear({ camera, faults, words }: Case): readonly Verdict[] {
  const closing = closingOf(camera);
  if (closing === null || faults.length > 0) return [];
  const over = holeTooHigh(closing);
  if (over < 0.05) return [];
  const { by, reach, free, toHole } = closing;
  const isKnown = !lidLeavesHole(camera);
  const below = `the hole is ${words(toHole)} below the rim: ${words(free)} must stay free between them`;
  const lower = Math.ceil(over);
  return [
    {
      id: "lid-over-hole",
      weight: isKnown ? "stop" : "note",
      title: by === "made cap" ? "The cap comes too near the hole" : "The lid comes too near the hole",
      sentence:
        by === "made cap"
          ? `A cap keeps light out from ${words(reach)} on, ${below}.`
          : `The lid reaches ${isKnown ? "" : "perhaps "}${words(reach)} down, ${below}.${isKnown ? "" : " Measure it."}`,
      fix: {
        label: `Lower the hole by ${words(lower)}`,
        apply: (c) => withField(c, "hole.above", (fieldValue(c, "hole.above") ?? 0) - lower),
      },
    },
  ];
}
