import { type ReactNode, useEffect, useRef } from "react";
import type { ScanView } from "../../core/negative/index.ts";

/** A view of a scan with what is drawn over it, in the scan's own pixels. */
export function ScanCanvas({
  view,
  label,
  className,
  children,
}: {
  readonly view: ScanView;
  readonly label: string;
  readonly className?: string;
  readonly children?: ReactNode;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { left, top, step, width, height, rgba } = view;
  useEffect(() => {
    canvas.current?.getContext("2d")?.putImageData(new ImageData(rgba, width, height), 0, 0);
  }, [rgba, width, height]);
  return (
    <figure className={className ?? "relative"} aria-label={label}>
      <canvas ref={canvas} width={width} height={height} className="block h-auto w-full" />
      <svg
        viewBox={`${left} ${top} ${width * step} ${height * step}`}
        className="absolute inset-0 h-full w-full"
        preserveAspectRatio="none"
      >
        <title>{label}</title>
        {children}
      </svg>
    </figure>
  );
}
