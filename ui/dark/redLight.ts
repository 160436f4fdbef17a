/** Where the choice is kept: it belongs to this device, and has to be known before anything is drawn. */
const RED_KEY = "still-box-red-light";
/** How bright red may be, of 255: it begins at the dimmest. */
export const RED_LEVELS = [70, 100, 140, 190, 255] as const;

/** Where the answer of this visit to Dark is kept: it holds for this tab, until Dark is left. */
const ANSWER_KEY = "still-box-dark-answer";
/** On entering Dark it is red at once, and asked: in the dark now, or by daylight to plan. */
export type DarkAnswer = "asked" | "dark" | "day";

/** Addresses of the place that opens in red. */
const DARK = /^\/dark(\/|$)/;

/** Whether a page belongs to Dark. */
export function isInDark(path: string): boolean {
  return DARK.test(path);
}

const listeners = new Set<() => void>();

/** The brightness of the red light, of 255; `null`: it is off. */
export function redLevel(): number | null {
  const level = Number(document.documentElement.dataset.red ?? Number.NaN);
  return Number.isFinite(level) ? level : null;
}

/** What was answered on entering Dark; `null`: one is not there. */
export function darkAnswer(): DarkAnswer | null {
  return kept(sessionStore(), ANSWER_KEY) as DarkAnswer | null;
}

/** Switches the red light on at a brightness, or off; it stays so on this device until it is switched again. */
export function setRedLight(level: number | null): void {
  const root = document.documentElement;
  if (level === null) delete root.dataset.red;
  else {
    root.dataset.red = String(level);
    root.style.setProperty("--sb-red", String(level));
  }
  keep(localStore(), RED_KEY, level === null ? null : String(level));
  // Within Dark it is an answer too.
  if (darkAnswer() !== null) keep(sessionStore(), ANSWER_KEY, level === null ? "day" : "dark");
  told();
}

/**
 * Before a page of Dark is shown: red, at the brightness found safe or at the dimmest, until it is said whether this is the
 * dark; as it was, where that is said.
 */
export function enterDark(safe: number | null): void {
  const answer = darkAnswer();
  if (answer === "day") return;
  const wasRed = kept(localStore(), RED_KEY) !== null;
  // Also where the page began in red by its address alone: it is kept now, so that the next page is red too.
  if (redLevel() === null || !wasRed) setRedLight(safe ?? RED_LEVELS[0]);
  if (answer === null) keep(sessionStore(), ANSWER_KEY, wasRed ? "dark" : "asked");
  told();
}

/** Says whether this is the dark. */
export function answerDark(answer: "dark" | "day"): void {
  keep(sessionStore(), ANSWER_KEY, answer);
  if (answer === "day") setRedLight(null);
  else told();
}

/** After the last page of Dark: the next visit asks anew. Who never answered was not in the dark. */
export function leaveDark(): void {
  const answer = darkAnswer();
  if (answer === null) return;
  keep(sessionStore(), ANSWER_KEY, null);
  if (answer === "asked") setRedLight(null);
  else told();
}

export function onRedLight(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

function told(): void {
  for (const listener of listeners) listener();
}

/** Where nothing may be stored, what is kept lasts as long as the page. */
const unstored = new Map<string, string>();

function localStore(): Storage | null {
  return reached(() => localStorage);
}

function sessionStore(): Storage | null {
  return reached(() => sessionStorage);
}

function reached(open: () => Storage): Storage | null {
  try {
    return open();
  } catch {
    return null;
  }
}

function kept(store: Storage | null, key: string): string | null {
  return unstored.get(key) ?? store?.getItem(key) ?? null;
}

function keep(store: Storage | null, key: string, value: string | null): void {
  unstored.delete(key);
  try {
    if (store === null) throw new Error("nowhere to keep it");
    if (value === null) store.removeItem(key);
    else store.setItem(key, value);
  } catch {
    if (value !== null) unstored.set(key, value);
  }
}

/** Runs in the page before anything is drawn: a page that flashed white would fog the paper. */
export const RED_AT_ONCE: string = `try{const l=localStorage.getItem("${RED_KEY}")||(${DARK}.test(location.pathname)&&sessionStorage.getItem("${ANSWER_KEY}")!=="day"&&"${RED_LEVELS[0]}");if(l){const r=document.documentElement;r.dataset.red=l;r.style.setProperty("--sb-red",l)}}catch{}`;
