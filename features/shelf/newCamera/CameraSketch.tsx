import { useMemo } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { formatFNumber, sayTime } from "../../../core/basis/units/index.ts";
import { benchDrawing } from "../../../core/bench/benchDrawing/index.ts";
import { sunlit } from "../../../core/bench/preview/index.ts";
import { type Camera, isTrail, solveRequest } from "../../../core/camera/container/index.ts";
import { FULL_SUN_EV, sheetTime } from "../../../core/light/exposure/index.ts";
import { solve } from "../../../core/light/solve/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { dimensionFigure } from "../../../ui/drawing/dimensionFigure.ts";
import { SheetPictures } from "../../../ui/drawing/SheetPictures.tsx";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { usePreview } from "../../../ui/drawing/usePreview.ts";
import { useLengthWords, useUnit } from "../../../ui/format/UnitContext.ts";

const SIZE = { width: 640, height: 460 };
/** Pixels on the picture's longer side: as large as it is shown. */
const FINE = 560;

/** What the container becomes, drawn to scale while one types; pale while an entry can't be used. */
export function CameraSketch({ camera, stale }: { readonly camera: Camera | null; readonly stale: boolean }) {
  const unit = useUnit();
  const words = useLengthWords();
  const drawn = useMemo(() => {
    if (camera === null) return null;
    const medium = mediumById(camera.chambers[0].film.medium);
    const result = solve(solveRequest(camera, medium));
    return {
      medium,
      // What hangs for weeks is not counted in seconds.
      light: isTrail(camera)
        ? "weeks to months in the sun"
        : `${sayTime(sheetTime(FULL_SUN_EV, result.fNumber, medium))} in full sun`,
      drawing: benchDrawing(camera, medium, SIZE, { widths: [], heights: [] }, (mm) => dimensionFigure(mm, unit), {
        unit,
      }),
      result,
    };
  }, [camera, unit]);
  const request = useMemo(
    () => (camera === null || drawn === null ? null : sunlit(camera, drawn.medium, FINE)),
    [camera, drawn],
  );
  const { picture, progress } = usePreview(request, FINE);
  return (
    <div>
      <figure className={cx("sheet", stale && "opacity-60")}>
        <div className="relative aspect-[64/46]">
          {drawn && camera && (
            <>
              <SheetPictures
                camera={camera}
                layout={drawn.drawing.layout}
                picture={picture}
                state={progress === null && picture ? "fine" : "coarse"}
                sheetWords="The sheet it will make, as it lies, seen from its back"
                printWords="The picture it will make"
                caption={isTrail(camera) ? "Bean rows, half a year" : "Bean rows, full sun"}
              />
              <SvgScene
                scene={drawn.drawing.scene}
                pixel={drawn.drawing.layout.pixel}
                title="The camera to scale"
                haloed
              />
            </>
          )}
        </div>
        <figcaption className="border-line border-t px-4 py-2">
          {stale
            ? "The last sizes that work. Mend the marked entries to go on."
            : drawn &&
              `A hole of ${words(drawn.result.focalLength / drawn.result.fNumber, 3)} makes it ${formatFNumber(drawn.result.fNumber)}: ${drawn.result.view.horizontal.toFixed(0)}° wide, ${drawn.light}.`}
        </figcaption>
      </figure>
    </div>
  );
}
