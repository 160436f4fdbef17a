/** A record of a collection that this version keeps; those of {@link RECORDS} it also opens. */
export interface KeptRecord {
  readonly id: string;
}

/** The collections beside cameras and exposures. Those that are not opened yet are kept whole, so that nothing is lost on the way through. */
export const KEPT_COLLECTIONS = [
  "media",
  "sheets",
  "loads",
  "processing",
  "negatives",
  "sites",
  "meters",
  "packs",
  "recipes",
  "developments",
  "bottles",
  "trails",
] as const;
export type KeptCollection = (typeof KEPT_COLLECTIONS)[number];
