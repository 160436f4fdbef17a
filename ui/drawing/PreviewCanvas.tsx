import { memo, useEffect, useRef } from "react";
import type { DevelopedPreview } from "../../core/bench/preview/index.ts";
import { greyPixel } from "./greyPixel.ts";

/** A developed sheet on the screen. */
export const PreviewCanvas = memo(function PreviewCanvas({
  picture,
  side,
  label,
  fills = false,
}: {
  readonly picture: DevelopedPreview;
  readonly side: "negative" | "positive";
  readonly label: string;
  /** Whether it takes all the room there is; else it keeps its own shape, on a hairline. */
  readonly fills?: boolean;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, rows } = picture;
  const height = rows.to;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const grey = picture[side];
    const image = new ImageData(width, height);
    const pixels = new Uint32Array(image.data.buffer);
    for (let i = 0; i < grey.length; i++) pixels[i] = greyPixel(grey[i] as number);
    context.putImageData(image, 0, 0);
  }, [picture, side, width, height]);
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      role="img"
      aria-label={label}
      data-preview-width={width}
      className={fills ? "block h-full w-full" : "mx-auto block max-h-[34rem] max-w-full border border-line"}
      style={
        fills ? undefined : { aspectRatio: `${width} / ${height}`, width: `min(100%, calc(34rem * ${width / height}))` }
      }
    />
  );
});
