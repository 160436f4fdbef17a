import { success } from "../../core/basis/units/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import {
  addCamera,
  cameraRef,
  type Edit,
  editRecord,
  getEdited,
  isChange,
  removeCamera,
  type StorageFailure,
  stepHistory,
} from "../../storage/index.ts";
import { isoWithOffset } from "../format/localTime.ts";

/** What a page asks of a camera's action. */
export type CameraAction =
  | ({ readonly type: "edit" } & Edit)
  | { readonly type: "undo" | "redo" | "duplicate" | "delete" };

export interface CameraAnswer {
  readonly failed: StorageFailure | null;
  /** The camera as it is stored now, where it was changed. */
  readonly stored: Camera | null;
  /** Where to go next, if not to stay. */
  readonly go: string | null;
}

/** The camera is gone: back to the Shelf. */
const LEAVES: CameraAnswer = { failed: null, stored: null, go: "/" };

const TYPES: readonly string[] = ["undo", "redo", "duplicate", "delete"];
const LONGEST_LABEL = 200;

/** Reads what was sent; `null` where it is none of our actions. */
export function readCameraAction(sent: unknown): CameraAction | null {
  if (typeof sent !== "object" || sent === null) return null;
  const { type, label, changes, stroke } = sent as Partial<Record<string, unknown>>;
  if (type !== "edit") return TYPES.includes(String(type)) ? (sent as CameraAction) : null;
  const whole =
    typeof label === "string" &&
    label.length <= LONGEST_LABEL &&
    (stroke === undefined || typeof stroke === "string") &&
    Array.isArray(changes) &&
    changes.every((change) => isChange(change));
  return whole ? (sent as CameraAction) : null;
}

/** Changes a camera in the database, undoes, copies or deletes it. */
export async function cameraAction(id: string, asked: CameraAction): Promise<CameraAnswer> {
  const now = isoWithOffset(new Date());
  switch (asked.type) {
    case "edit": {
      const edited = await editRecord("cameras", id, asked, now);
      return edited.ok ? stays(edited.value) : failed(edited.error);
    }
    case "undo":
    case "redo": {
      const stepped = await stepHistory([cameraRef(id)], asked.type, now);
      if (!stepped.ok) return failed(stepped.error);
      const { value } = stepped;
      // The step was that it came to the shelf.
      if (value !== null && value.record === null) return LEAVES;
      const camera = value === null ? await getEdited("cameras", id) : success(value.record as Camera);
      return camera.ok ? stays(camera.value) : failed(camera.error);
    }
    case "duplicate":
      return duplicate(id, now);
    case "delete": {
      const removed = await removeCamera(id, now);
      if (!removed.ok) return failed(removed.error);
      return LEAVES;
    }
    default:
      return asked satisfies never;
  }
}

function stays(stored: Camera): CameraAnswer {
  return { failed: null, stored, go: null };
}

function failed(failure: StorageFailure): CameraAnswer {
  return { failed: failure, stored: null, go: null };
}

async function duplicate(id: string, now: string): Promise<CameraAnswer> {
  const found = await getEdited("cameras", id);
  if (!found.ok) return failed(found.error);
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
  return added.ok ? { failed: null, stored: null, go: `/cameras/${encodeURIComponent(copy.id)}` } : failed(added.error);
}
