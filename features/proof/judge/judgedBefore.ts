import type { Exposure } from "../../../core/document/index.ts";
import { stopsWanted } from "./stopsWanted.ts";

/** What the log says of a shot's time by now. */
export function judgeWordsOf({ judged, spoilt, seconds }: Exposure): string {
  if (spoilt) return "In the log: it says nothing of the time.";
  if (!judged) return `In the log: ${Math.round(seconds * 10) / 10} s, not judged yet.`;
  const by = { scan: "by its scan", sheets: "beside the five sheets", words: "in words", tested: "as tested" }[
    judged.by
  ];
  return `In the log: it wanted ${stopsWanted(judged.correction)}, ${by}.`;
}
