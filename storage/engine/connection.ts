/**
 * What stands in the way of storing, for the page as a whole:
 * a newer Still Box in another tab has taken the database over (`outdated`); an older one in another tab keeps it from
 * being opened (`blocked`); the database was made by a newer Still Box, and can only be looked at (`newer`); the browser
 * stores nothing at all, so that everything lies in this page's memory (`memory`); somebody emptied the database while this
 * page was open (`emptied`).
 */
export type ConnectionTrouble = "outdated" | "blocked" | "newer" | "memory" | "emptied";

const listeners = new Set<() => void>();
let trouble: ConnectionTrouble | null = null;

/** Tells those who follow. */
export function say(what: ConnectionTrouble): void {
  trouble = what;
  for (const listener of listeners) listener();
}

/** What stands in the way now. */
export function connectionTrouble(): ConnectionTrouble | null {
  return trouble;
}

/**
 * Follows the connection's trouble.
 *
 * @returns a function that ends it
 */
export function onConnectionTrouble(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
