import { useEffect, useRef } from "react";
import { toSrgb } from "../../core/basis/pictureValues/index.ts";
import { UNSEEN, type ViewInFrame } from "../../core/viewfinder/index.ts";

/** Light as a picture in grey; where nothing was seen the ground shows through. */
export function LightCanvas({
  picture,
  label,
  className,
}: {
  readonly picture: ViewInFrame;
  /** Empty where what stands round it says it. */
  readonly label: string;
  readonly className?: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height, luminance } = picture;
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const image = new ImageData(width, height);
    const pixels = new Uint32Array(image.data.buffer);
    for (let i = 0; i < pixels.length; i++) {
      const light = luminance[i] as number;
      if (light !== UNSEEN) pixels[i] = 0xff000000 | (Math.round(255 * toSrgb(light)) * 0x010101);
    }
    context.putImageData(image, 0, 0);
  }, [width, height, luminance]);
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      {...(label === "" ? { "aria-hidden": true } : { role: "img", "aria-label": label })}
      data-light
      className={className}
    />
  );
}
