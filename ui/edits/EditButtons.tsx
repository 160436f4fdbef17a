import { Button } from "../controls/Button.tsx";
import { useUndoKeys } from "./useUndoKeys.ts";

/** Takes back, and does again, what was changed on this page. */
export function EditButtons({
  undo,
  redo,
}: {
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}) {
  useUndoKeys(undo, redo);
  return (
    <div className="flex gap-2">
      <Button disabled={undo === null} onClick={() => undo?.()}>
        Undo
      </Button>
      <Button disabled={redo === null} onClick={() => redo?.()}>
        Redo
      </Button>
    </div>
  );
}
