import { useState } from "react";
import { type DevelopedPreview, sunlit } from "../../../../core/bench/preview/index.ts";
import { type Camera, isTrail } from "../../../../core/camera/container/index.ts";
import { type Medium, responseOf } from "../../../../core/light/exposure/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { PreviewCanvas } from "../../../../ui/drawing/PreviewCanvas.tsx";
import { RESPONSE_WORDS } from "../../../../wording/responseWords.ts";
import { runPreview } from "../../../../workers/jobs/preview/preview.client.ts";
import { sceneOf } from "./gathered.ts";
import { KeepView } from "./KeepView.tsx";
import type { Gathered } from "./useGathered.ts";

/** Pixels on the longer side: as large as it stands in the hand. */
const PIXELS = 480;

/** One press: the sheet as this box would make it of what was seen, with its blur, its fall-off and its bend. */
export function MadePicture({
  camera,
  medium,
  gather,
}: {
  readonly camera: Camera;
  readonly medium: Medium;
  /** Adds what is seen now; the view and the share of it that was seen. */
  readonly gather: () => Promise<Gathered | null>;
}) {
  const [made, setMade] = useState<{ readonly picture: DevelopedPreview; readonly seen: Gathered } | null>(null);
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string | null>(null);
  const said = RESPONSE_WORDS[responseOf(medium.density, isTrail(camera))];
  const make = async (): Promise<void> => {
    setBusy(true);
    const seen = await gather();
    if (seen === null) return setBusy(false);
    const { scene, stops } = sceneOf(seen.view);
    const done = await runPreview({ ...sunlit(camera, medium, PIXELS), scene, stops });
    setBusy(false);
    setFailed(done.ok ? null : done.error.message);
    if (done.ok) setMade({ picture: done.value, seen });
  };
  return (
    <section aria-label="The sheet" className="grid gap-2" data-made={made === null ? "none" : "made"}>
      <Button look="action" className="min-h-[3.3rem]" disabled={busy} onClick={() => void make()}>
        {busy ? "Exposing the sheet …" : "The picture it will make"}
      </Button>
      {failed !== null && <p role="alert">The picture stopped: {failed}.</p>}
      {made !== null && (
        <>
          <figure>
            <div className="grid grid-cols-2 gap-2">
              <PreviewCanvas picture={made.picture} side="negative" label={`The ${said.noun}, as it lies`} />
              <PreviewCanvas picture={made.picture} side="positive" label={said.upright} />
            </div>
            <figcaption className="mt-1 text-[0.87rem] text-quiet" data-share={Math.round(100 * made.seen.share)}>
              Exposed for its middle.{" "}
              {made.seen.share < 0.995
                ? `${Math.round(100 * made.seen.share)} % of what the box sees was in the phone’s view; the rest is plain grey here.`
                : "All that the box sees was in the phone’s view."}
            </figcaption>
          </figure>
          <KeepView cameraId={camera.id} seen={made.seen} />
        </>
      )}
    </section>
  );
}
