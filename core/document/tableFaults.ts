import type { ReciprocityRule } from "../light/exposure/index.ts";
import type { Fault } from "../light/solve/index.ts";

/**
 * What a long-time rule's table breaks beside its schema: it rises in both columns and begins where nothing is lost.
 *
 * @param path of the rule
 * @returns faults with their paths; empty for other rules
 * @source FORMAT, `POST /api/expose`
 * @example tableFaults({ kind: "table", entries: [[1, 2], [10, 30]] }, "/longTime")[0].path // "/longTime/entries/0"
 */
export function tableFaults(rule: ReciprocityRule | undefined, path: string): readonly Fault[] {
  if (rule?.kind !== "table") return [];
  return rule.entries.flatMap(([metered, given], index): readonly Fault[] => {
    const at = `${path}/entries/${index}`;
    const before = rule.entries[index - 1];
    if (before === undefined) {
      return metered === given
        ? []
        : [{ path: at, message: "must begin with a time that stays as it is, such as [1, 1]" }];
    }
    const rises = metered > before[0] && given > before[1];
    return rises ? [] : [{ path: at, message: "must be larger in both than the entry before it" }];
  });
}
