/** Whether the browser has promised to keep this site's data. */
export type Persistence = "kept" | "may-be-cleared" | "unknown";

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
