import type { Trail } from "../../../../core/document/index.ts";
import { type HorizonPoint, withTraced } from "../../../../core/sun/index.ts";
import type { Pose } from "../../../../core/viewfinder/index.ts";
import { there } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { changeUndoable } from "../../../../ui/edits/undoable.ts";
import { inDegrees } from "../finderView.ts";

/** The skyline traced with the phone where the can will hang: point for point, and then into its plan. */
export function TraceHorizon({
  trail,
  traced,
  heldNow,
  onTraced,
}: {
  readonly trail: Trail;
  /** Degrees, as they were marked. */
  readonly traced: readonly HorizonPoint[];
  /** How the phone is held over the ground. */
  readonly heldNow: () => Pose | null;
  readonly onTraced: (traced: readonly HorizonPoint[]) => void;
}) {
  const mark = (): void => {
    const held = heldNow();
    if (held === null) return;
    const { azimuth, elevation } = inDegrees(held);
    onTraced([...traced, [azimuth, elevation]]);
  };
  const take = async (): Promise<void> => {
    const horizon = (now: Trail | null): Trail => {
      const plan = there(now);
      return { ...plan, horizon: withTraced(plan.horizon ?? [], traced) };
    };
    if (await changeUndoable("trails", trail.id, horizon, "The skyline is in the plan.")) onTraced([]);
  };
  return (
    <section aria-label="Skyline" className="grid gap-2" data-traced={traced.length}>
      <p className="text-[0.93rem]">
        Aim the ring at the edge of a roof, a hedge or a hill, and mark it. Go along the skyline from one side to the
        other; between marks it runs straight.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button className="min-h-[3.3rem]" onClick={mark}>
          Mark the skyline at the ring
        </Button>
        {traced.length > 0 && (
          <>
            <Button look="quiet" className="min-h-[3.3rem]" onClick={() => onTraced(traced.slice(0, -1))}>
              Take back the last mark
            </Button>
            <Button look="action" className="min-h-[3.3rem]" onClick={() => void take()}>
              Put {traced.length === 1 ? "this mark" : `these ${traced.length} marks`} into the plan
            </Button>
          </>
        )}
      </div>
    </section>
  );
}
