import { hiddenIn, type Practised } from "../../core/practice/index.ts";
import { SESSION_WORDS } from "../../wording/practiceWords.ts";

/** What a session with its number asks for. */
export function taskOf(practised: Practised): string {
  const { task, more } = SESSION_WORDS[practised.session];
  return more === undefined ? task : `${task} ${more(hiddenIn(practised))}`;
}
