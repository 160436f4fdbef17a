import { formatTime } from "../../../core/basis/units/index.ts";
import type { BenchLayout } from "../../../core/bench/benchDrawing/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { SheetPictures } from "../../../ui/drawing/SheetPictures.tsx";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import { usePictureInHand } from "./PictureOfDesign.tsx";

/** The picture of the design that is on the Bench, in its drawing. */
export function PictureInDrawing({ camera, layout }: { readonly camera: Camera; readonly layout: BenchLayout }) {
  const { picture, progress, scene, seconds, response, isFaulty } = usePictureInHand();
  const said = RESPONSE_WORDS[response];
  const sceneName = scene?.name ?? "Your own picture";
  return (
    <SheetPictures
      camera={camera}
      layout={layout}
      picture={picture}
      state={isFaulty ? "none" : progress === null && picture ? "fine" : "coarse"}
      sheetWords={
        response === "printing-out"
          ? `The sheet of “${sceneName}” with the sun’s tracks, seen from its back`
          : `The ${said.noun} of “${sceneName}”, developed, seen from its back`
      }
      printWords={`${said.upright} of “${sceneName}” through ${camera.name}`}
      caption={response === "printing-out" ? `${sceneName}, inverted` : `${sceneName}, ${formatTime(seconds)}`}
    />
  );
}
