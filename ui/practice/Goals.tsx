import type { Standing } from "../../core/practice/index.ts";
import { GOAL_WORDS } from "../../wording/practiceWords.ts";

/** What a session asks for, with a tick at what is reached, and the sheets that were used. */
export function Goals({ standing: { goals, spent, allowed } }: { readonly standing: Standing }) {
  return (
    <ul className="mt-1.5 text-[0.9rem]">
      {goals.map(({ name, reached }) => (
        <li key={name} data-goal={name} data-reached={reached}>
          <span aria-hidden="true">{reached ? "✓ " : "· "}</span>
          {GOAL_WORDS[name]}
          <span className="sr-only">{reached ? ": reached" : ": not yet"}</span>
        </li>
      ))}
      {allowed > 0 && (
        <li className={spent > allowed ? "text-warning" : "text-quiet"}>
          {spent} of {allowed} {allowed === 1 ? "sheet" : "sheets"} used
        </li>
      )}
    </ul>
  );
}
