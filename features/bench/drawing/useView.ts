import { useGesture } from "@use-gesture/react";
import { type RefObject, useState } from "react";
import { LARGEST_ZOOM, type View, WHOLE_VIEW } from "../../../core/bench/benchDrawing/index.ts";

const STEP = 1.25;

/** Zoom and pan of a drawing, by wheel with Ctrl, two fingers, a drag on empty card, buttons and keys. */
export interface ViewControl {
  readonly view: View;
  readonly zoomBy: (factor: number) => void;
  readonly whole: () => void;
  readonly key: (event: React.KeyboardEvent) => void;
}

/** Keeps the view of the drawing in `frame`. A drag that starts on a handle or a figure is not a pan. */
export function useView(frame: RefObject<HTMLDivElement | null>): ViewControl {
  const [view, setView] = useState<View>(WHOLE_VIEW);
  const place = ([x, y]: readonly [number, number]): { x: number; y: number } => {
    const box = frame.current?.getBoundingClientRect();
    return { x: x - (box?.left ?? 0), y: y - (box?.top ?? 0) };
  };
  useGesture(
    {
      // Without Ctrl the wheel scrolls the page, as it does everywhere; with it, it is a pinch.
      onPinch: ({ offset: [zoom], origin }) => {
        const at = place(origin);
        setView((now) => zoomed(now, zoom / now.zoom, at));
      },
      onDrag: ({ first, delta: [right, down], event, pinching, cancel }) => {
        const held =
          event.target instanceof Element && event.target.closest("[data-handle],[data-field],input,button") !== null;
        if (pinching || (first && held)) cancel();
        else setView((now) => panned(now, -right, -down));
      },
    },
    {
      target: frame,
      eventOptions: { passive: false },
      pinch: {
        from: () => [view.zoom, 0],
        scaleBounds: { min: 1, max: LARGEST_ZOOM },
        modifierKey: ["ctrlKey", "metaKey"],
      },
    },
  );
  const middle = (): { x: number; y: number } => {
    const box = frame.current?.getBoundingClientRect();
    return { x: (box?.width ?? 0) / 2, y: (box?.height ?? 0) / 2 };
  };
  const zoomBy = (factor: number): void => setView((now) => zoomed(now, factor, middle()));
  const whole = (): void => setView(WHOLE_VIEW);
  return {
    view,
    zoomBy,
    whole,
    key(event) {
      if (event.key === "+" || event.key === "=") zoomBy(STEP);
      else if (event.key === "-") zoomBy(1 / STEP);
      else if (event.key === "0") whole();
    },
  };
}

/** Zooms about a point of the viewport, in pixels: what is under it stays there. */
function zoomed(view: View, factor: number, at: { x: number; y: number }): View {
  const zoom = Math.min(LARGEST_ZOOM, Math.max(1, view.zoom * factor));
  if (zoom === 1) return WHOLE_VIEW;
  return {
    zoom,
    panX: view.panX + at.x / view.zoom - at.x / zoom,
    panY: view.panY + at.y / view.zoom - at.y / zoom,
  };
}

/** Moved by pixels on the screen; all of the drawing shown whole does not move. */
function panned(view: View, dx: number, dy: number): View {
  if (view.zoom === 1) return view;
  return { ...view, panX: view.panX + dx / view.zoom, panY: view.panY + dy / view.zoom };
}
