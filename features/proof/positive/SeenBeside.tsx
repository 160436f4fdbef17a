import { useDeferredValue, useMemo } from "react";
import type { KeptView, Negative } from "../../../core/document/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import type { Tone } from "../../../core/negative/index.ts";
import { viewThrough } from "../../../core/viewfinder/index.ts";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { LightCanvas } from "../../../ui/drawing/LightCanvas.tsx";
import { useKeptView } from "../../../ui/files/useKeptView.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { frameOf } from "../frameOf.ts";
import { ToneCanvas } from "../ToneCanvas.tsx";

/** Pixels across of what was seen: as many as the phone's small picture holds. */
const ACROSS = 280;

/** What the phone saw before the hole opened, and what the sheet holds, the same directions in the same places. */
export function SeenBeside({
  kept,
  negative,
  drawn,
  tones,
}: {
  readonly kept: KeptView;
  readonly negative: Negative;
  readonly drawn: DrawReport;
  readonly tones: readonly Tone[];
}) {
  const view = useKeptView(kept);
  const { settings, finish = {} } = negative;
  const { sheet, camera, projection } = settings;
  // Tones change nothing of it, and while the picture is turned by hand it follows in the next idle moment.
  const towards = useDeferredValue(settings.towards);
  const seen = useMemo(() => {
    const frame = frameOf({ sheet, camera, projection, towards }, ACROSS);
    if (view === null || frame === null || !camera) return null;
    return viewThrough(view, frame, opticalModel(camera));
  }, [view, sheet, camera, projection, towards]);
  if (seen === null) return null;
  return (
    <Disclosure title="What you saw, what the sheet holds" name="seen" open>
      <div className="grid grid-cols-2 gap-2" data-seen-beside>
        <LightCanvas picture={seen} label="What the phone saw, as the sheet lies" className="w-full bg-board" />
        <ToneCanvas
          drawn={drawn}
          tones={tones}
          tint={finish.tint ?? "neutral"}
          label="What the sheet holds"
          className="block w-full"
        />
      </div>
      <p className="mt-1 text-[0.87rem] text-quiet">
        The same place in both is the same direction from the hole, if the phone was held along the box.
        {kept.seen < 0.995 && " Where the left one is blank, the phone did not look."}
      </p>
    </Disclosure>
  );
}
