import { useState } from "react";
import type { SweptView } from "../../../../core/viewfinder/index.ts";
import { savePicture } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { keep } from "../../../../ui/edits/keep.ts";
import { viewFile } from "../../../../ui/files/keptView.ts";
import { isoWithOffset } from "../../../../ui/format/localTime.ts";
import type { Gathered } from "./useGathered.ts";

/** Keeps what was seen, to go with the camera's next shot: nothing is kept without this press. */
export function KeepView({ cameraId, seen }: { readonly cameraId: string; readonly seen: Gathered }) {
  const [kept, setKept] = useState<SweptView | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const isKept = kept === seen.view;
  const press = async (): Promise<void> => {
    const file = await viewFile(seen.view);
    const saved = file === null ? null : await savePicture(file);
    if (saved === null) return setFailed("The browser gives no room to draw it.");
    if (!saved.ok) return setFailed(saved.error.message);
    const view = { picture: saved.value, across: seen.view.across, seen: seen.share };
    keep("keptView", { cameraId, at: isoWithOffset(new Date()), view }, "What the phone saw");
    setFailed(null);
    setKept(seen.view);
  };
  return (
    <div>
      <Button className="min-h-[3.3rem]" disabled={isKept} onClick={() => void press()}>
        {isKept ? "Kept for the next shot" : "Keep this view with the next shot"}
      </Button>
      <p role="status" className="mt-1 text-[0.87rem] text-quiet" data-kept-view={isKept}>
        {isKept && "It goes with the next shot of this camera, and lies beside its sheet in Proof."}
      </p>
      {failed !== null && <p role="alert">The view is not kept. {failed}</p>}
    </div>
  );
}
