import { type Trail, trailAtHand } from "../../../core/document/index.ts";
import { cameraRef, type HistoryState, historyState, trailsOf } from "../../../storage/index.ts";

/** What the Bench shows beside a camera's design. */
export interface BenchData {
  readonly history: HistoryState;
  /** How it hangs, or is to hang, for weeks and months. */
  readonly trail: Trail | null;
}

/** Reads what stands beside a camera's design. */
export async function readBench(id: string): Promise<BenchData> {
  const [history, trail] = await Promise.all([readHistory(id), readTrail(id)]);
  return { history, trail };
}

export function readHistory(id: string): Promise<HistoryState> {
  return historyState([cameraRef(id)]);
}

export async function readTrail(id: string): Promise<Trail | null> {
  return trailAtHand(await trailsOf(id));
}
