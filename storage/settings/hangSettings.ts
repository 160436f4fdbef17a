import { parseHangSettings } from "../../core/document/index.ts";
import type { HangKind } from "../../core/negative/index.ts";
import type { Choices } from "./choices.ts";
import { settingsPart } from "./settingsPart.ts";

/** How pictures were hung last. */
export interface HangSettings {
  readonly kind: HangKind;
  /** Id of a paper of the catalogue. */
  readonly paper: string;
  /** Whether its long side lies. */
  readonly across: boolean;
  readonly captions: boolean;
  /** Ids of negatives in the order in which they hang; others follow by their time. */
  readonly order: readonly string[];
  /** Ids of negatives that do not hang. */
  readonly left: readonly string[];
}

/** The choices of Hang. */
export const hangChoices: Choices<HangSettings> = settingsPart<HangSettings>(
  "hang",
  { kind: "contact", paper: "a4", across: false, captions: true, order: [], left: [] },
  parseHangSettings,
);
