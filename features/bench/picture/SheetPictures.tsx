import { memo } from "react";
import { RESPONSE_WORDS } from "../../../catalogue/responseWords.ts";
import type { Rectangle } from "../../../core/basis/drawing/index.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import { type BenchLayout, sheetOnPage } from "../../../core/bench/benchDrawing/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";
import { usePictureInHand } from "./PictureOfDesign.tsx";

/** White rim of a print, and the line under its picture, pixels. */
const RIM = 7;
const CAPTION = 17;
/** A picture under this height would show nothing, pixels. */
const LEAST_PRINT = 56;

/** The picture in the drawing: developed on its sheet, seen from the back like all of that view, and beside it as a print. */
export const SheetPictures = memo(function SheetPictures({
  camera,
  layout,
}: {
  readonly camera: Camera;
  readonly layout: BenchLayout;
}) {
  const { picture, progress, scene, seconds, response, isFaulty } = usePictureInHand();
  const said = RESPONSE_WORDS[response];
  const sceneName = scene?.name ?? "Your own picture";
  const { width, height } = camera.chambers[0].film;
  const print = printPlace(onScreen(layout.print, layout), width / height);
  return (
    <div
      className="pointer-events-none absolute inset-0 overflow-hidden"
      data-preview={isFaulty ? "none" : progress === null && picture ? "fine" : "coarse"}
    >
      {picture && !isFaulty && (
        <>
          <div className="absolute -scale-x-100" style={onScreen(sheetOnPage(camera, layout), layout)} data-on-sheet>
            <PreviewCanvas
              picture={picture}
              side="negative"
              fills
              label={`The ${said.noun} of “${sceneName}”, developed, seen from its back`}
            />
          </div>
          {print && (
            <div
              className="absolute flex flex-col border border-line bg-[#f7f4ec] text-[#3a3733]"
              style={{ ...print, padding: RIM, paddingBottom: 0 }}
              data-print
            >
              <div className="min-h-0 grow">
                <PreviewCanvas
                  picture={picture}
                  side="positive"
                  fills
                  label={`${said.upright} of “${sceneName}” through ${camera.name}`}
                />
              </div>
              <p className="truncate text-[11px] leading-[17px]">
                {sceneName}
                {response === "printing-out" ? "" : `, ${formatTime(seconds)}`}
              </p>
            </div>
          )}
        </>
      )}
    </div>
  );
});

type Box = { readonly left: number; readonly top: number; readonly width: number; readonly height: number };

/** A part of the drawing in pixels of its frame. */
function onScreen({ x, y, width, height }: Rectangle, { bounds, pixel }: BenchLayout): Box {
  return {
    left: (x - bounds.x) / pixel,
    top: (y - bounds.y) / pixel,
    width: width / pixel,
    height: height / pixel,
  };
}

/** A print of this shape with its rim, as large as goes into a place, to its right; `null` where it would be too small. */
function printPlace({ left, top, width, height }: Box, shape: number): Box | null {
  const high = Math.min(height - RIM - CAPTION, (width - 2 * RIM) / shape);
  if (high < LEAST_PRINT) return null;
  const wide = high * shape + 2 * RIM;
  return { left: left + width - wide, top, width: wide, height: high + RIM + CAPTION };
}
