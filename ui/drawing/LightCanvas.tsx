import { useEffect, useRef } from "react";
import type { ViewInFrame } from "../../core/viewfinder/index.ts";
import { lightImage } from "./lightImage.ts";

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
  const { width, height } = picture;
  useEffect(() => canvas.current?.getContext("2d")?.putImageData(lightImage(picture), 0, 0), [picture]);
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
