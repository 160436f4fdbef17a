import { type LucideIcon, Redo2, Undo2 } from "lucide-react";
import type { StepsOf } from "../../storage/index.ts";
import { useUndo } from "./useUndo.ts";
import { useUndoKeys } from "./useUndoKeys.ts";

/** Undo and Redo of what is done in a place beside what its pages hold: made, changed, deleted; also after a reload. */
export function PlaceUndo({ of, className }: { readonly of: readonly StepsOf[]; readonly className?: string }) {
  const { undo, redo, says } = useUndo([], of);
  useUndoKeys(undo, redo);
  if (undo === null && redo === null) return null;
  return (
    <span className={className} data-place-undo>
      <Way icon={Undo2} run={undo} name={says.undo === null ? "Nothing to undo" : `Take back: ${says.undo}`} />
      <Way icon={Redo2} run={redo} name={says.redo === null ? "Nothing to redo" : `Do again: ${says.redo}`} />
    </span>
  );
}

function Way({
  icon: Icon,
  name,
  run,
}: {
  readonly icon: LucideIcon;
  readonly name: string;
  readonly run: (() => void) | null;
}) {
  return (
    <button
      type="button"
      className="inline-grid min-h-[3.3rem] min-w-12 place-items-center disabled:opacity-40"
      aria-label={name}
      title={name}
      disabled={run === null}
      onClick={() => run?.()}
    >
      <Icon size={20} aria-hidden />
    </button>
  );
}
