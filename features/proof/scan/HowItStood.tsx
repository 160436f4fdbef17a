import { useMemo } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { loadingDrawing } from "../../../core/bench/benchDrawing/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";

const SIZE = { width: 300, height: 200 } as const;

/** How the sheet stood in its camera: what its top is told by. */
export function HowItStood({ negative, camera }: { readonly negative: Negative; readonly camera: Camera | null }) {
  const medium = mediumById(negative.medium);
  const drawing = useMemo(() => (camera === null ? null : loadingDrawing(camera, medium, SIZE)), [camera, medium]);
  if (drawing === null) return null;
  return (
    <figure>
      <div style={{ aspectRatio: `${SIZE.width} / ${SIZE.height}` }} className="max-w-[20rem]">
        <SvgScene scene={drawing.scene} pixel={drawing.pixel} title="How the sheet stood in the camera" />
      </div>
      <figcaption className="text-[0.83rem] text-quiet">
        As it stood in {camera?.name}. The picture lies upside down on it: the sky is at the sheet’s lower edge.
      </figcaption>
    </figure>
  );
}
