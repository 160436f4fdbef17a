/** Something told in passing. */
export interface Notice {
  readonly id: number;
  readonly text: string;
  readonly urgent: boolean;
  readonly undo: (() => void) | null;
}

/** As many as are shown at a time. */
const MOST = 3;

let notices: readonly Notice[] = [];
const listeners = new Set<() => void>();

function show(next: readonly Notice[]): void {
  notices = next;
  for (const listener of listeners) listener();
}

/** Tells the maker something in passing; with `undo`, a button takes it back. The {@link Toaster} in the frame shows it. */
export function notify(text: string, more: { readonly urgent?: boolean; readonly undo?: () => void } = {}): void {
  const notice = { id: (notices.at(-1)?.id ?? 0) + 1, text, urgent: more.urgent ?? false, undo: more.undo ?? null };
  show([...notices, notice].slice(-MOST));
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
