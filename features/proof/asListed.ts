import type { ProofSettings } from "../../core/negative/index.ts";

/** Pixels across of a list's picture. */
const ACROSS = 112;

/** How a negative's small positive in a list is drawn. */
export function asListed(settings: ProofSettings): ProofSettings {
  return { ...settings, projection: "lay", sharpen: false, output: { width: ACROSS } };
}
