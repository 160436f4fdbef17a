import { failure, type Result, success } from "../../basis/units/index.ts";
import type { Fault } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { practiceSchema } from "../generated/practice.js";

/** How far somebody got in one session of practice. */
export interface PracticeResult {
  readonly session: string;
  readonly seed: number;
  /** Goals, and how many there are. */
  readonly reached: number;
  readonly of: number;
  /** Sheets, and how many there were. */
  readonly spent: number;
  readonly allowed: number;
  readonly done: boolean;
}

/** `still-box/practice`: what a pupil hands in. */
export interface PracticeFile {
  readonly format: "still-box/practice";
  readonly version: 1;
  readonly who: string;
  /** ISO 8601. */
  readonly savedAt?: string;
  readonly sessions: readonly PracticeResult[];
}

/**
 * Checks a file of practice.
 *
 * @param data parsed JSON
 * @returns the file, or every fault with its JSON Pointer
 * @example parsePractice({ format: "still-box/practice", version: 1, who: "Ada", sessions: [] }).ok // true
 */
export function parsePractice(data: unknown): Result<PracticeFile, readonly Fault[]> {
  const faults = schemaFaults(practiceSchema, data);
  return faults.length > 0 ? failure(faults) : success(data as PracticeFile);
}
