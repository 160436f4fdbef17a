import { type Trail, trailAtHand } from "../../../core/document/index.ts";
import { cameraRef, type HistoryState, historyState, listRecords } from "../../../storage/index.ts";

/** What the Bench shows beside a camera's design. */
export interface BenchData {
  readonly history: HistoryState;
  /** How it hangs, or is to hang, for weeks and months. */
  readonly trail: Trail | null;
}

/** Reads what stands beside a camera's design. */
export async function readBench(id: string): Promise<BenchData> {
  const [history, trails] = await Promise.all([historyState([cameraRef(id)]), listRecords("trails")]);
  return { history, trail: trailAtHand(trails.filter(({ cameraId }) => cameraId === id)) };
}
