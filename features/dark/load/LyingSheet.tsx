import { useMemo } from "react";
import { loadingDrawing } from "../../../core/bench/benchDrawing/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Medium } from "../../../core/light/exposure/index.ts";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";

/** As large as a phone shows it, CSS pixels. */
const SIZE = { width: 350, height: 430 } as const;

/** How the sheet lies in this camera, from above and from the side. */
export function LyingSheet({ camera, medium }: { readonly camera: Camera; readonly medium: Medium }) {
  const { scene, pixel } = useMemo(() => loadingDrawing(camera, medium, SIZE), [camera, medium]);
  return (
    <figure className="mx-auto w-full max-w-[26rem]" data-lying>
      <div style={{ aspectRatio: `${scene.bounds.width} / ${scene.bounds.height}` }}>
        <SvgScene
          scene={scene}
          pixel={pixel}
          title={`How the sheet lies in ${camera.name}: from above and from the side`}
        />
      </div>
      <figcaption className="text-center text-quiet">From above, and from the side. Emulsion to the hole.</figcaption>
    </figure>
  );
}
