import { practiceStart } from "../../../catalogue/practice/practiceStart.ts";
import type { Practised } from "../../../core/practice/index.ts";
import { layOutPractice, setPracticeTab, whatFailed } from "../../../storage/index.ts";
import { notify } from "../../../ui/notices/notify.ts";

/**
 * Lays a session out and goes in: this tab works in its database from the next page on.
 *
 * @returns whether it can be begun; where not, why is said
 */
export async function beginSession(practised: Practised): Promise<boolean> {
  try {
    await layOutPractice(practised, practiceStart(practised, Date.now()));
    goOnWith(practised);
    return true;
  } catch (error) {
    notify(`The session can’t be laid out. ${whatFailed(error).message}`, { urgent: true });
    return false;
  }
}

/** Goes into a session as it was left. */
export function goOnWith(practised: Practised): void {
  setPracticeTab(practised);
  // A whole new page: everything is read from the other database.
  window.location.assign("/");
}
