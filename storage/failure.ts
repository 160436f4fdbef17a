import { failure, type Result, success } from "../core/basis/units/index.ts";
import type { Fault } from "../core/light/solve/index.ts";

/** Why something could not be stored or read. */
export type StorageReason = "full" | "blocked" | "unavailable" | "missing" | "invalid";

export interface StorageFailure {
  readonly reason: StorageReason;
  /** What the maker is told. */
  readonly message: string;
  readonly faults?: readonly Fault[];
}

const MESSAGES: Readonly<Record<StorageReason, string>> = {
  full: "This browser’s storage is full. What was saved before is whole; export your cameras and free some space.",
  blocked: "Another tab holds an older Still Box open. Close it, then reload this one.",
  unavailable: "This browser does not let us store anything here (a private window, perhaps). Export before you leave.",
  missing: "This is no longer here. It may have been deleted in another tab.",
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

function reasonOf(error: unknown): StorageReason | null {
  const names = [error, (error as { inner?: unknown } | null)?.inner].map((each) => (each as Error | null)?.name ?? "");
  if (names.includes("QuotaExceededError")) return "full";
  if (names.includes("VersionError") || names.includes("DatabaseClosedError")) return "blocked";
  const closed = [
    "MissingAPIError",
    "OpenFailedError",
    "InvalidStateError",
    "SecurityError",
    "UnknownError",
    "AbortError",
  ];
  return names.some((name) => closed.includes(name)) ? "unavailable" : null;
}
