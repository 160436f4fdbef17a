import { memo, useEffect, useRef } from "react";
import type { DevelopedPreview } from "../../core/bench/preview/index.ts";
import { tonePixels } from "./tonePixel.ts";

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
    const tones = picture[side];
    const image = new ImageData(width, height);
    const pixels = new Uint32Array(image.data.buffer);
    const colours = tonePixels(picture.tone, side);
    for (let i = 0; i < tones.length; i++) pixels[i] = colours[tones[i] as number] as number;
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
