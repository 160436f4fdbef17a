import { memo } from "react";
import { INK, type Rectangle } from "../../core/basis/drawing/index.ts";
import { type BenchLayout, sheetOnPage } from "../../core/bench/benchDrawing/index.ts";
import type { DevelopedPreview } from "../../core/bench/preview/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { PreviewCanvas } from "./PreviewCanvas.tsx";

/** White rim of a print, and the line under its picture, pixels of the drawing. */
const RIM = 7;
const CAPTION = 17;
/** A print is paper, whatever the screen is. */
const PAPER = { background: INK.light.card, color: INK.light.ink } as const;
/** A picture under this height would show nothing, pixels. */
const LEAST_PRINT = 56;

/** A picture in a drawing of its camera: developed on its sheet, seen from the back like all of that view, and as a print. */
export const SheetPictures = memo(function SheetPictures({
  camera,
  layout,
  picture,
  state,
  sheetWords,
  printWords,
  caption,
}: {
  readonly camera: Camera;
  readonly layout: BenchLayout;
  readonly picture: DevelopedPreview | null;
  readonly state: "none" | "coarse" | "fine";
  /** What lies on the sheet, and what the print shows: for those who hear the page. */
  readonly sheetWords: string;
  readonly printWords: string;
  /** Written under the print. */
  readonly caption: string;
}) {
  const { width, height } = camera.chambers[0].film;
  const print = printPlace(layout, width / height);
  return (
    <div
      className="pointer-events-none absolute inset-0 grid place-content-center overflow-hidden [container-type:size]"
      data-preview={state}
    >
      {/* Fitted into the frame as the drawing itself is, also where paper makes the frame another shape. */}
      <div className="relative" style={fittedIn(layout)}>
        {picture && state !== "none" && (
          <>
            <div className="absolute -scale-x-100" style={placed(sheetOnPage(camera, layout), layout)} data-on-sheet>
              <PreviewCanvas picture={picture} side="negative" fills label={sheetWords} />
            </div>
            {print && (
              <div
                className="absolute flex flex-col border border-line"
                style={{ ...placed(print, layout), ...PAPER, padding: RIM, paddingBottom: 0 }}
                data-print
              >
                <div className="min-h-0 grow">
                  <PreviewCanvas picture={picture} side="positive" fills label={printWords} />
                </div>
                <p className="truncate text-[11px] leading-[17px]">{caption}</p>
              </div>
            )}
          </>
        )}
      </div>
    </div>
  );
});

function fittedIn({ bounds }: BenchLayout) {
  const shape = bounds.width / bounds.height;
  return { width: `min(100cqw, ${100 * shape}cqh)`, aspectRatio: shape };
}

/** A part of the drawing in its frame, whatever the frame's size on the screen. */
function placed({ x, y, width, height }: Rectangle, { bounds }: BenchLayout) {
  const share = (length: number, whole: number): string => `${(100 * length) / whole}%`;
  return {
    left: share(x - bounds.x, bounds.width),
    top: share(y - bounds.y, bounds.height),
    width: share(width, bounds.width),
    height: share(height, bounds.height),
  };
}

/** A print of this shape with its rim, as large as goes into its place, to the right; `null` where it would be too small. */
function printPlace({ print, pixel }: BenchLayout, shape: number): Rectangle | null {
  const high = Math.min(print.height - (RIM + CAPTION) * pixel, (print.width - 2 * RIM * pixel) / shape);
  if (high < LEAST_PRINT * pixel) return null;
  const width = high * shape + 2 * RIM * pixel;
  return { x: print.x + print.width - width, y: print.y, width, height: high + (RIM + CAPTION) * pixel };
}
