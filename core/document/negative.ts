import { failure, type Result, success } from "../basis/units/index.ts";
import type { Fault } from "../light/solve/index.ts";
import type { Finish, ProofSettings } from "../negative/index.ts";
import { schemaFaults } from "./faults.ts";
import { negativeSchema } from "./generated/negative.js";
import { parseProof } from "./requests/parseProof.ts";

/** A negative's scan: which shot it is of, its picture's bytes by their sum, and how it becomes a positive. */
export interface Negative {
  readonly id: string;
  readonly exposureId?: string | null;
  readonly cameraId?: string | null;
  /** Id of the paper or film. */
  readonly medium?: string | null;
  /** SHA-256 of the scan. */
  readonly picture: string;
  /** Of the file. */
  readonly name?: string;
  /** When it was taken in, ISO 8601 with offset. */
  readonly at?: string;
  /** Pixels per inch, as the file says. */
  readonly dpi?: number | null;
  /** Id of the shot whose turn it was, where the scan's size spoke against it and the maker is asked. */
  readonly byTurn?: string | null;
  /** The maker says that the resolution in the file is wrong: its size tells nothing of the sheet. */
  readonly dpiWrong?: boolean;
  /** A small positive for lists: a data URL. */
  readonly thumb?: string;
  /** Which chamber of the camera. */
  readonly chamber?: number;
  readonly settings: ProofSettings;
  readonly finish?: Finish;
  readonly pair?: OtherOfPair | null;
  /** When its positive was last saved as a file, ISO 8601 with offset. */
  readonly savedAt?: string | null;
  /** When it was last changed, ISO 8601 with offset. */
  readonly updatedAt?: string;
}

/** The other sheet of a pair: the same thing from another place. */
export interface OtherOfPair {
  /** Id of its negative. */
  readonly other: string;
  /** Between the two places, mm, 1 to 100,000. */
  readonly base: number;
  /** From which of the two places this one was taken. */
  readonly side: "left" | "right";
}

/**
 * Checks a negative's record; unknown fields are kept.
 *
 * @returns the record, or every fault with its path
 * @example parseNegative({ id: "a" }).ok // false
 */
export function parseNegative(data: unknown): Result<Negative, readonly Fault[]> {
  const faults = schemaFaults(negativeSchema, data);
  if (faults.length > 0) return failure(faults);
  const negative = data as Negative;
  const settings = parseProof(negative.settings);
  if (settings.ok) return success(negative);
  return failure(settings.error.map(({ path, message }) => ({ path: `/settings${path}`, message })));
}
