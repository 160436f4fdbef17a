/** A session of practice that this tab is in, told apart by its name and its number. */
export interface PracticeTab {
  readonly session: string;
  readonly seed: number;
}

const KEY = "still-box-practice";
/** The maker's own database. */
export const OWN_DRAWER = "still-box";
const PRACTICE_DRAWER = `${OWN_DRAWER}-practice-`;

/** What this page found when it first asked; `undefined`: nobody has asked yet. */
let here: PracticeTab | null | undefined;

/**
 * The session of practice that this page is in; `null`: it works on the maker's own. It stays so until another page is
 * loaded: its database and its notes are of one drawer, also while the tab is on its way into another.
 */
export function practiceTab(): PracticeTab | null {
  if (here === undefined) here = found();
  return here;
}

function found(): PracticeTab | null {
  try {
    return tabOf(globalThis.sessionStorage.getItem(KEY) ?? "");
  } catch {
    return null;
  }
}

/** Asks anew, as the next page does. For tests. */
export function nextPage(): void {
  here = undefined;
}

/** From the next page load on this tab works in a session's database, or (`null`) on the maker's own. */
export function setPracticeTab(tab: PracticeTab | null): void {
  if (tab === null) sessionStorage.removeItem(KEY);
  else sessionStorage.setItem(KEY, `${tab.session}:${tab.seed}`);
}

/** The name of the database that a tab works in. Whatever else a browser keeps for it has a name that begins so. */
export function drawerOf(tab: PracticeTab | null): string {
  return tab === null ? OWN_DRAWER : `${PRACTICE_DRAWER}${tab.session}:${tab.seed}`;
}

/** The session whose database has this name; `null`: it is none of practice. */
export function tabOfDrawer(name: string): PracticeTab | null {
  return name.startsWith(PRACTICE_DRAWER) ? tabOf(name.slice(PRACTICE_DRAWER.length)) : null;
}

function tabOf(text: string): PracticeTab | null {
  const [, session, seed] = /^([a-z-]+):(\d{1,4})$/.exec(text) ?? [];
  return session === undefined ? null : { session, seed: Number(seed) };
}
