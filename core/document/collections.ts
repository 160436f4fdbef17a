/** A record of a collection this version keeps but does not yet open. */
export interface KeptRecord {
  readonly id: string;
}

/** The collections beside cameras and exposures, kept whole so that nothing is lost on the way through. */
export const KEPT_COLLECTIONS = ["media", "sheets", "loads", "processing", "negatives", "sites"] as const;
export type KeptCollection = (typeof KEPT_COLLECTIONS)[number];
