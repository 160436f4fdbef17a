import { memo, Suspense, useEffect, useMemo, useRef, useState } from "react";
import { formats } from "../../../catalogue/formats.ts";
import type { LabelMark } from "../../../core/basis/drawing/index.ts";
import { formatLength } from "../../../core/basis/units/index.ts";
import {
  type BenchLayout,
  benchDrawing,
  type SnapSizes,
  type ViewName,
  type Viewport,
  viewOn,
} from "../../../core/bench/benchDrawing/index.ts";
import {
  type Camera,
  type DesignField,
  type DesignLight,
  fieldRecord,
  fieldValue,
  isDesignField,
} from "../../../core/camera/container/index.ts";
import { Check } from "../../../ui/controls/Check.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { dimensionFigure } from "../../../ui/drawing/dimensionFigure.ts";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";
import { useUnit } from "../../../ui/format/UnitContext.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import type { SetField } from "../design/edit.ts";
import { FigureEntry } from "../measures/FigureEntry.tsx";
import { useChangePicture, usePictureWish } from "../picture/PictureOfDesign.tsx";
import { DrawingHandle } from "./DrawingHandle.tsx";
import { useView } from "./useView.ts";

/** The picture is computed first: what shows it comes meanwhile. */
const PictureInDrawing = lazyPart(async () => ({
  default: (await import("../picture/PictureInDrawing.tsx")).PictureInDrawing,
}));

const SNAPS: SnapSizes = {
  widths: formats.flatMap(({ width, height }) => [width, height]),
  heights: formats.flatMap(({ width, height }) => [width, height]),
};
/** Narrower than this, pixels, the three views side by side would be too small to read and to hold. */
const SMALL = 520;
const VIEWS: readonly { readonly id: ViewName | "all"; readonly name: string }[] = [
  { id: "sheet", name: "Sheet" },
  { id: "print", name: "Picture" },
  { id: "plan", name: "Plan" },
  { id: "side", name: "Side" },
  { id: "all", name: "All" },
];
const FIRST_SIZE: Viewport = { width: 800, height: 560 };

/** The design to scale. Handles move sizes; a press on a figure types over it. */
export function Drawing({
  camera,
  medium,
  hole,
  setField,
  onHole,
  onHold,
}: {
  readonly camera: Camera;
  readonly medium: DesignLight;
  /** Number of the hole that is worked on. */
  readonly hole: number;
  readonly setField: SetField;
  readonly onHole: (hole: number) => void;
  /** Told when a handle is taken and let go. */
  readonly onHold: (holding: boolean) => void;
}) {
  const unit = useUnit();
  const frame = useRef<HTMLDivElement>(null);
  const [viewport, setViewport] = useState(FIRST_SIZE);
  const [held, setHeld] = useState<BenchLayout | null>(null);
  const [typing, setTyping] = useState<{ readonly label: LabelMark; readonly field: DesignField } | null>(null);
  useEffect(() => {
    const element = frame.current;
    if (element === null) return;
    const watch = new ResizeObserver(([entry]) => {
      if (entry) setViewport({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);

  const { lines } = usePictureWish();
  const control = useView(frame);
  const { zoomBy, whole, key } = control;
  // A phone shows one view at a time, as large as the screen; “All” is free to be enlarged and moved again.
  const isSmall = viewport.width < SMALL;
  const [part, setPart] = useState<ViewName | "all">("sheet");
  const alone = isSmall && part !== "all" ? part : null;
  const view = useMemo(
    () => (alone === null ? control.view : viewOn(camera, viewport, alone)),
    [alone, camera, viewport, control.view],
  );
  const { scene, handles, layout } = useMemo(
    () =>
      benchDrawing(camera, medium, viewport, SNAPS, (mm) => dimensionFigure(mm, unit), {
        hole,
        view,
        held,
        unit,
        lines,
      }),
    [camera, medium, viewport, unit, hole, view, held, lines],
  );
  const [refusals, setRefusals] = useState<Readonly<Partial<Record<DesignField, string | null>>>>({});
  const move = (field: DesignField, value: number, at: number | undefined): void => {
    if (at !== undefined && at !== hole) onHole(at);
    const refused = setField(field, value, at);
    setRefusals((before) => (before[field] === refused ? before : { ...before, [field]: refused }));
  };
  const refusal = Object.values(refusals).find((each) => each != null);

  return (
    <figure className="sheet relative" data-drawing data-zoom={view.zoom.toFixed(2)} onKeyDown={key}>
      {isSmall && (
        <div className="border-line border-b p-1.5">
          <Segments label="View" value={part} options={VIEWS} onChoose={setPart} />
        </div>
      )}
      <div
        ref={frame}
        className={cx(
          "relative h-[min(44rem,calc(100vh-22.5rem))] w-full [contain:strict] max-sm:h-76 sm:min-h-96 print:h-[27rem] print:min-h-0 print:[&_[data-handle]]:hidden",
          // Two fingers are the drawing's; one scrolls the page until there is something to move.
          alone === null && view.zoom > 1 ? "touch-none" : "[touch-action:pan-x_pan-y]",
        )}
      >
        <Suspense>
          <PictureInDrawing camera={camera} layout={layout} />
        </Suspense>
        <SvgScene
          scene={scene}
          haloed
          pixel={layout.pixel}
          title={`${camera.name}: plan, side and sheet, to scale`}
          onLabel={(label) => {
            const { field = "" } = label;
            if (isDesignField(field)) setTyping({ label, field });
          }}
        >
          {handles.map((handle) => (
            <DrawingHandle
              key={handle.id}
              handle={handle}
              pixel={layout.pixel}
              step={unit === "mm" ? 1 : 25.4 / 16}
              sizeOf={(field) => fieldValue(camera, field, handle.hole ?? hole) ?? 0}
              words={(value, field) =>
                fieldRecord(field).quantity === "angle" ? `${value.toFixed(1)}°` : formatLength(value, unit)
              }
              onHold={(holding) => {
                setHeld(holding ? layout : null);
                onHold(holding);
              }}
              onMove={move}
              refused={[handle.across, handle.up].some((pull) => pull !== null && refusals[pull.field] != null)}
            />
          ))}
        </SvgScene>
      </div>
      {typing && (
        <FigureEntry
          key={typing.field}
          {...typing}
          layout={layout}
          value={fieldValue(camera, typing.field, hole) ?? 0}
          onTake={(mm) => setField(typing.field, mm)}
          onClose={() => setTyping(null)}
        />
      )}
      <figcaption className="flex flex-wrap print:hidden justify-between gap-x-4 border-line border-t px-3 py-1 text-[0.83rem] text-quiet">
        <span>
          {refusal ??
            "Drag a round handle, or use the arrow keys; press it twice to centre it. Press a figure to type over it."}
        </span>
        <span className="flex items-center gap-1">
          <LinesCheck />
          {!isSmall && (
            <>
              <ZoomButton label="Smaller" sign="−" onPress={() => zoomBy(1 / 1.5)} />
              <ZoomButton label="Larger" sign="+" onPress={() => zoomBy(1.5)} />
            </>
          )}
          {!isSmall && view.zoom > 1 && <ZoomButton label="Show all of it" sign="all" onPress={whole} />}
        </span>
      </figcaption>
    </figure>
  );
}

/** Shows or hides the lines of stops lost. */
const LinesCheck = memo(function LinesCheck() {
  const { lines } = usePictureWish();
  const change = useChangePicture();
  return <Check label="stops lost" className="mr-2 min-h-6" checked={lines} onCheck={(on) => change({ lines: on })} />;
});

function ZoomButton({
  label,
  sign,
  onPress,
}: {
  readonly label: string;
  readonly sign: string;
  readonly onPress: () => void;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className="min-h-6 min-w-6 border border-line bg-card px-1 text-ink leading-none"
      onClick={onPress}
    >
      {sign}
    </button>
  );
}
