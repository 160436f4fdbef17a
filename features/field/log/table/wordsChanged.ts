import type { Exposure } from "../../../../core/document/index.ts";

/** Words of a shot that is here, and those that a table would put in their place. */
export interface WordsChanged {
  readonly shot: string;
  readonly what: string;
  readonly was: string;
  readonly becomes: string;
}

const TEXTS = [
  ["subject", "Subject"],
  ["where", "Where"],
  ["weather", "Weather"],
  ["light", "Light"],
  ["note", "Note"],
] as const;

/** Words that taking some shots in would change; those that are only added are none. */
export function wordsChanged(shots: readonly Exposure[], here: readonly (Exposure | null)[]): readonly WordsChanged[] {
  return shots.flatMap((shot, index) => {
    const old = here[index] ?? null;
    if (old === null) return [];
    return TEXTS.flatMap(([field, what]): WordsChanged[] => {
      const [was, becomes] = [old[field] ?? "", shot[field] ?? old[field] ?? ""];
      return was === "" || was === becomes ? [] : [{ shot: old.subject || old.openedAt, what, was, becomes }];
    });
  });
}
