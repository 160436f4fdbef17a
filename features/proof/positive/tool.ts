/** What a press on the positive does: look about, fill a speck, say what was grey, or move the crop's edges. */
export type Tool = "look" | "brush" | "balance" | "crop";
