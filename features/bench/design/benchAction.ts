import type { CameraChange } from "../../../core/document/index.ts";
import {
  addCamera,
  editCamera,
  getCamera,
  removeCamera,
  type StorageFailure,
  stepHistory,
  writeSetting,
} from "../../../storage/index.ts";
import { isoWithOffset } from "../../../ui/localTime.ts";

/** What the Bench asks of its route's action. */
export type BenchAction =
  | { readonly type: "edit"; readonly label: string; readonly changes: readonly CameraChange[] }
  | { readonly type: "undo" }
  | { readonly type: "redo" }
  | { readonly type: "duplicate" }
  | { readonly type: "delete" };

export interface BenchAnswer {
  readonly failed: StorageFailure | null;
  /** Where to go next, if not to stay. */
  readonly go: string | null;
}

/** Changes a camera in the database. */
export async function benchAction(id: string, asked: BenchAction): Promise<BenchAnswer> {
  const now = isoWithOffset(new Date());
  switch (asked.type) {
    case "edit": {
      const edited = await editCamera(id, asked.changes, asked.label, now);
      return { failed: edited.ok ? null : edited.error, go: null };
    }
    case "undo":
    case "redo": {
      const stepped = await stepHistory(id, asked.type, now);
      return { failed: stepped.ok ? null : stepped.error, go: null };
    }
    case "duplicate":
      return duplicate(id, now);
    case "delete": {
      const removed = await removeCamera(id);
      if (!removed.ok) return { failed: removed.error, go: null };
      await writeSetting("removed", removed.value);
      return { failed: null, go: "/" };
    }
    default:
      return unknownAction(asked);
  }
}

async function duplicate(id: string, now: string): Promise<BenchAnswer> {
  const found = await getCamera(id);
  if (!found.ok) return { failed: found.error, go: null };
  const { making, lightTests: _tests, ...design } = found.value;
  // The copy is another camera: nothing of it is built or proved yet.
  const copy = {
    ...design,
    ...(making ? { making: { ...making, done: [] } } : {}),
    id: crypto.randomUUID(),
    name: `${found.value.name}, copy`.slice(0, 80),
    createdAt: now,
    updatedAt: now,
  };
  const added = await addCamera(copy);
  return added.ok ? { failed: null, go: `/cameras/${encodeURIComponent(copy.id)}` } : { failed: added.error, go: null };
}

function unknownAction(asked: never): never {
  throw new Error(`unknown action ${JSON.stringify(asked)}`);
}
