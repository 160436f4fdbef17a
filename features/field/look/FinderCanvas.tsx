import { type PointerEvent, useEffect, useRef } from "react";
import { RADIANS } from "../../../core/basis/units/index.ts";
import type { PicturePoint, Pose } from "../../../core/viewfinder/index.ts";
import { arrowStep } from "../../../ui/controls/arrowStep.ts";
import { drawFinder, type FinderScene } from "./drawFinder.ts";
import { dragged } from "./finderView.ts";

/** An arrow key turns by so much: a degree. */
const STEP = RADIANS;

/** The phone's view with the box's frame over it; the frame is dragged by a finger or moved by the arrow keys. */
export function FinderCanvas({
  image,
  live,
  sceneNow,
  onTurn,
}: {
  readonly image: CanvasImageSource | null;
  /** Whether it changes by itself: then it is drawn anew for every frame of the screen. */
  readonly live: boolean;
  /** What is over it now. */
  readonly sceneNow: () => FinderScene;
  /** The frame is moved by so much over what is seen, radians. */
  readonly onTurn: (by: Pick<Pose, "azimuth" | "elevation">) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const latest = useRef(sceneNow);
  latest.current = sceneNow;
  const from = useRef<PicturePoint | null>(null);
  const { phone } = sceneNow();
  useEffect(() => {
    const element = canvas.current;
    const context = element?.getContext("2d");
    if (!element || !context) return;
    const draw = (): void => {
      const wide = Math.round(element.clientWidth * Math.min(2, window.devicePixelRatio));
      const high = Math.round((wide * element.clientHeight) / Math.max(1, element.clientWidth));
      if (wide !== element.width || high !== element.height) {
        element.width = wide;
        element.height = high;
      }
      drawFinder(context, image, latest.current());
    };
    if (!live) return draw();
    let going = requestAnimationFrame(function again() {
      draw();
      going = requestAnimationFrame(again);
    });
    return () => cancelAnimationFrame(going);
  });
  /** A place on the canvas, in pixels of the phone's picture from its middle. */
  const placeOf = (event: PointerEvent): PicturePoint => {
    const box = canvas.current?.getBoundingClientRect();
    const unit = (latest.current().scale * (box?.width ?? 1)) / phone.width;
    // Measured from the middle of what is drawn: there the phone looks straight ahead.
    return [
      (event.clientX - (box?.left ?? 0) - (box?.width ?? 0) / 2) / unit,
      (event.clientY - (box?.top ?? 0) - (box?.height ?? 0) / 2) / unit,
    ];
  };
  return (
    <div
      role="application"
      aria-label="What the box will see, over the phone’s view. Drag the frame, or move it by the arrow keys."
      // biome-ignore lint/a11y/noNoninteractiveTabindex: it is dragged by hand, and moved by the arrow keys
      tabIndex={0}
      data-finder={live ? "live" : image === null ? "empty" : "still"}
      className="touch-none bg-ink"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = placeOf(event);
      }}
      onPointerMove={(event) => {
        if (from.current === null) return;
        const to = placeOf(event);
        onTurn(dragged(from.current, to, phone.focalLength));
        from.current = to;
      }}
      onPointerUp={() => {
        from.current = null;
      }}
      onPointerCancel={() => {
        from.current = null;
      }}
      onKeyDown={(event) => {
        const step = arrowStep(event);
        if (step === null) return;
        event.preventDefault();
        onTurn({ azimuth: step[0] * STEP, elevation: -step[1] * STEP });
      }}
    >
      <canvas
        ref={canvas}
        className="mx-auto block max-w-full"
        style={{
          aspectRatio: `${phone.width} / ${phone.height}`,
          width: `min(100%, calc(62vh * ${phone.width / phone.height}))`,
        }}
      />
    </div>
  );
}
