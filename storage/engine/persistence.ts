/** Whether the browser has promised to keep this site's data. */
export type Persistence = "kept" | "may-be-cleared" | "unknown";

/** Room that the browser still gives this site, bytes; `null`: it does not say. */
export async function roomLeft(): Promise<number | null> {
  try {
    const { quota, usage } = await navigator.storage.estimate();
    return quota === undefined || usage === undefined ? null : Math.max(0, quota - usage);
  } catch {
    return null;
  }
}

/** How much lies here by the browser's own count, bytes; `null`: it does not say. */
export async function roomTaken(): Promise<number | null> {
  try {
    return (await navigator.storage.estimate()).usage ?? null;
  } catch {
    return null;
  }
}

/** Asks the browser to keep the data even when space runs short. Browsers decide for themselves. */
export async function askToPersist(): Promise<Persistence> {
  const manager = globalThis.navigator?.storage;
  if (manager?.persist === undefined) return "unknown";
  try {
    return (await manager.persisted()) || (await manager.persist()) ? "kept" : "may-be-cleared";
  } catch {
    return "unknown";
  }
}
