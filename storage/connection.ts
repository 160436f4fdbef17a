/**
 * What may go wrong with the connection as a whole: a newer Still Box in another tab has taken the database over
 * (`outdated`), or an older one in another tab keeps it from being opened (`blocked`).
 */
export type ConnectionTrouble = "outdated" | "blocked";

const listeners = new Set<(trouble: ConnectionTrouble) => void>();

/** Tells those who follow. */
export function say(trouble: ConnectionTrouble): void {
  for (const listener of listeners) listener(trouble);
}

/**
 * Follows the connection's trouble.
 *
 * @returns a function that ends it
 */
export function onConnectionTrouble(listener: (trouble: ConnectionTrouble) => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
