import { useEffect, useRef } from "react";
import type { Diary } from "../../../core/sun/index.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";

/** A diary as a raster: a column a day, a row a moment, morning at the top. */
export function DiaryRaster({ diary }: { readonly diary: Diary }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const ink = useInk();
  const { dates, hours, sun } = diary;
  useEffect(() => {
    const pen = canvas.current?.getContext("2d");
    if (!pen) return;
    pen.clearRect(0, 0, dates.length, hours.length);
    for (let day = 0; day < dates.length; day++)
      for (let row = 0; row < hours.length; row++) {
        const value = sun[day * hours.length + row] as number;
        if (!Number.isFinite(value)) continue;
        pen.fillStyle = ink.kraftPale;
        pen.fillRect(day, row, 1, 1);
        pen.globalAlpha = Math.min(1, value);
        pen.fillStyle = ink.ray;
        pen.fillRect(day, row, 1, 1);
        pen.globalAlpha = 1;
      }
  }, [dates, hours, sun, ink]);
  return (
    <canvas
      ref={canvas}
      width={dates.length}
      height={hours.length}
      role="img"
      aria-label="Sun and cloud by day and hour"
      data-raster
      className="h-56 w-full border border-line [image-rendering:pixelated]"
    />
  );
}
