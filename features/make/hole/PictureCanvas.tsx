import { type MouseEvent, type ReactNode, useEffect, useRef } from "react";
import type { PictureView, PixelPoint } from "../../../core/make/holeScan/index.ts";

/** A view of a scan with what is drawn over it, in the picture's own pixels; a press tells where. */
export function PictureCanvas({
  view,
  label,
  onPoint,
  children,
}: {
  readonly view: PictureView;
  readonly label: string;
  readonly onPoint?: ((at: PixelPoint) => void) | undefined;
  readonly children?: ReactNode;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { left, top, step, width, height, grey } = view;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const image = context.createImageData(width, height);
    for (let i = 0; i < grey.length; i++) {
      const value = grey[i] ?? 0;
      image.data.set([value, value, value, 255], 4 * i);
    }
    context.putImageData(image, 0, 0);
  }, [width, height, grey]);
  const point = (event: MouseEvent<HTMLElement>): void => {
    // A press of a key has no place.
    if (event.detail === 0) return;
    const box = event.currentTarget.getBoundingClientRect();
    onPoint?.({
      x: left + ((event.clientX - box.left) / box.width) * width * step - 0.5,
      y: top + ((event.clientY - box.top) / box.height) * height * step - 0.5,
    });
  };
  const drawn = (
    <>
      <canvas
        ref={canvas}
        width={width}
        height={height}
        className="block w-full"
        style={{ imageRendering: "pixelated" }}
      />
      <svg
        viewBox={`${left - 0.5} ${top - 0.5} ${width * step} ${height * step}`}
        className="absolute inset-0 h-full w-full"
        aria-hidden="true"
      >
        {children}
      </svg>
    </>
  );
  return onPoint ? (
    <button
      type="button"
      aria-label={label}
      className="relative block w-full cursor-crosshair self-start border border-ink"
      onClick={point}
    >
      {drawn}
    </button>
  ) : (
    <div role="img" aria-label={label} className="relative w-full self-start border border-ink">
      {drawn}
    </div>
  );
}
