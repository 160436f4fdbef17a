import { type Hidden, hiddenIn, type Practised, SESSIONS } from "../../core/practice/index.ts";
import { practiceTab } from "../../storage/index.ts";

/** The session of practice that this tab is in, where it is one of ours. */
export function practisedHere(): Practised | null {
  const tab = practiceTab();
  const session = SESSIONS.find((name) => name === tab?.session);
  return tab === null || session === undefined ? null : { session, seed: tab.seed };
}

/** What the session of this tab keeps to itself; `null`: nothing is practised here. */
export function hiddenHere(): Hidden | null {
  const here = practisedHere();
  return here === null ? null : hiddenIn(here);
}
