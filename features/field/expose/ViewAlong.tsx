import { useMemo } from "react";
import type { KeptViewSetting } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { LightCanvas } from "../../../ui/drawing/LightCanvas.tsx";
import { asSeen } from "../../../ui/files/keptView.ts";
import { useKeptView } from "../../../ui/files/useKeptView.ts";
import { readableTime } from "../../../ui/format/localTime.ts";

/** What was seen through the phone and goes with the next shot. */
export function ViewAlong({ kept, onLeave }: { readonly kept: KeptViewSetting; readonly onLeave: () => void }) {
  const view = useKeptView(kept.view);
  const picture = useMemo(() => (view === null ? null : asSeen(view)), [view]);
  return (
    <div className="flex items-center gap-3" data-view-along>
      {picture !== null && <LightCanvas picture={picture} label="What the phone saw" className="w-24 bg-board" />}
      <span className="min-w-0 text-[0.93rem]">What the phone saw on {readableTime(kept.at)} goes with this shot.</span>
      <Button look="quiet" className="shrink-0" onClick={onLeave}>
        Leave it out
      </Button>
    </div>
  );
}
