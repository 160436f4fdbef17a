/** What a press on the positive does: look about, fill a speck, or say what was grey. */
export type Tool = "look" | "brush" | "balance";
