import { failure, type Result, success } from "../../core/basis/units/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import { connectionTrouble } from "./connection.ts";

/** Why something could not be stored or read. */
export type StorageReason =
  | "full"
  | "outdated"
  | "emptied"
  | "newer"
  | "unavailable"
  | "missing"
  | "invalid"
  | "elsewhere";

export interface StorageFailure {
  readonly reason: StorageReason;
  /** What the maker is told. */
  readonly message: string;
  readonly faults?: readonly Fault[];
}

const MESSAGES: Readonly<Record<StorageReason, string>> = {
  full: "This browser’s storage is full: this could not be saved. What was saved before is whole; free some space.",
  outdated: "A newer Still Box in another tab has taken the data over. From here nothing is stored any more: reload.",
  emptied: "What was stored in this browser was cleared meanwhile: from here nothing is stored any more. Reload.",
  newer: "A newer Still Box made these data: here they can be looked at, and nothing is stored.",
  unavailable:
    "This browser does not let us store anything here (a private window, perhaps). Save files before you leave.",
  missing: "This is no longer here. It may have been deleted in another tab.",
  elsewhere: "This was changed in another tab meanwhile: look again, nothing was written.",
  invalid: "This can’t be stored as it is.",
};

/** A failure in the maker's words. */
export function storageFailure(reason: StorageReason, faults: readonly Fault[] = []): StorageFailure {
  return { reason, message: MESSAGES[reason], ...(faults.length > 0 ? { faults } : {}) };
}

/** Runs storage work; what the database throws becomes a reason. Bugs are thrown on. */
export async function attempt<T>(work: () => Promise<T>): Promise<Result<T, StorageFailure>> {
  try {
    return success(await work());
  } catch (error) {
    return failure(whatFailed(error));
  }
}

/** The failure an error stands for; what is no failure of the storage is thrown on. */
export function whatFailed(error: unknown): StorageFailure {
  if (error instanceof Refusal) return error.failure;
  const reason = reasonOf(error);
  if (reason === null) throw error;
  return storageFailure(reason);
}

/** Thrown inside a transaction to abandon it whole; {@link attempt} turns it into a failure. */
export class Refusal extends Error {
  readonly failure: StorageFailure;
  constructor(refused: StorageFailure) {
    super(refused.message);
    this.failure = refused;
  }
}

/** What was done within a transaction, or a refusal that leaves all of it undone. */
export function orRefused<T>(done: Result<T, StorageFailure>): T {
  if (!done.ok) throw new Refusal(done.error);
  return done.value;
}

/** The reason an error stands for, or `null` where it is no failure of the storage. */
export function reasonOf(error: unknown): StorageReason | null {
  const names = [error, (error as { inner?: unknown } | null)?.inner].map((each) => (each as Error | null)?.name ?? "");
  if (names.includes("QuotaExceededError")) return "full";
  if (names.includes("DatabaseClosedError")) return connectionTrouble() === "emptied" ? "emptied" : "outdated";
  if (names.includes("ReadOnlyError")) return "newer";
  const closed = [
    "MissingAPIError",
    "VersionError",
    "OpenFailedError",
    "InvalidStateError",
    "SecurityError",
    "UnknownError",
    "AbortError",
  ];
  return names.some((name) => closed.includes(name)) ? "unavailable" : null;
}
