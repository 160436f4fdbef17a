export interface NoticeAction {
  readonly name: string;
  readonly run: () => void;
}

/** Something told in passing. */
export interface Notice {
  readonly id: number;
  readonly text: string;
  readonly urgent: boolean;
  /** What can be done about it: a button’s name and what it does. */
  readonly action: NoticeAction | null;
}

/** As many as are shown at a time. */
const NOTICES_SHOWN = 3;

let notices: readonly Notice[] = [];
let last = 0;
const listeners = new Set<() => void>();

function show(next: readonly Notice[]): void {
  notices = next;
  for (const listener of listeners) listener();
}

/**
 * Tells the maker something in passing; a button can do something about it. What stands there already is not said twice.
 * The {@link Toaster} in the frame shows it.
 */
export function notify(text: string, more: { readonly urgent?: boolean; readonly action?: NoticeAction } = {}): void {
  const others = notices.filter((notice) => notice.text !== text);
  const notice = { id: last + 1, text, urgent: more.urgent ?? false, action: more.action ?? null };
  last = notice.id;
  show([...others, notice].slice(-NOTICES_SHOWN));
}

/** Puts a notice away. */
export function dismiss(id: number): void {
  show(notices.filter((notice) => notice.id !== id));
}

/** What is shown now, and a way to follow it. */
export function currentNotices(): readonly Notice[] {
  return notices;
}

export function onNotices(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
