import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useRef } from "react";

/** A place of a picture, px. */
export type PicturePlace = readonly [x: number, y: number];

/** A ring over a picture that marks a corner: dragged, or moved by arrow keys. Inside an SVG of the picture's pixels. */
export function CornerHandle({
  name,
  corner,
  radius,
  ink = "var(--sb-action)",
  perPixel,
  onMove,
  onHold,
}: {
  readonly name: string;
  readonly corner: PicturePlace;
  /** Pixels of the picture. */
  readonly radius: number;
  readonly ink?: string;
  /** Pixels of the picture in one of the screen. */
  readonly perPixel: () => number;
  /** `stroke` is the same for all of one pull. */
  readonly onMove: (to: PicturePlace, stroke: string) => void;
  readonly onHold: (held: boolean) => void;
}) {
  const stroke = useRef(0);
  // Keys may come quicker than the page is drawn.
  const latest = useRef(corner);
  latest.current = corner;
  const bind = useDrag(
    ({ first, last, movement: [mx, my], memo }) => {
      const start = (memo as PicturePlace | undefined) ?? corner;
      if (first) {
        stroke.current++;
        onHold(true);
      }
      onMove([start[0] + mx * perPixel(), start[1] + my * perPixel()], `${name} ${stroke.current}`);
      if (last) onHold(false);
      return start;
    },
    { pointer: { keys: false } },
  );
  const nudge = (event: KeyboardEvent): void => {
    const step = event.shiftKey ? 10 : 1;
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const to: PicturePlace = [latest.current[0] + step * (by[0] ?? 0), latest.current[1] + step * (by[1] ?? 0)];
    latest.current = to;
    onMove(to, `${name} keys`);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a handle of a drawing is no button
    <circle
      {...bind()}
      cx={corner[0]}
      cy={corner[1]}
      r={radius}
      fill="var(--sb-card)"
      fillOpacity={0.35}
      stroke={ink}
      strokeWidth={radius / 5}
      className="cursor-move touch-none"
      tabIndex={0}
      role="button"
      aria-label={`Corner: ${name}. Arrow keys move it by a pixel, with Shift by ten.`}
      data-corner={name}
      onKeyDown={nudge}
      onFocus={() => onHold(true)}
      onBlur={() => onHold(false)}
    />
  );
}
