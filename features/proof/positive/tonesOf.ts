import type { Negative } from "../../../core/document/index.ts";
import { chosenTones, type Tone } from "../../../core/negative/index.ts";

/** The tones a positive gets: as found, but for what the maker set. */
export function tonesOf(found: readonly Tone[], { settings, finish }: Negative): readonly Tone[] {
  return chosenTones(found, settings.tone, finish?.balance);
}
