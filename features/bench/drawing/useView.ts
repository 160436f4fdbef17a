import { type RefObject, useEffect, useRef, useState } from "react";
import { type View, WHOLE_VIEW } from "../../../core/bench/benchDrawing/index.ts";

const MOST = 12;
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
  const fingers = useRef(new Map<number, { x: number; y: number }>());
  useEffect(() => {
    const element = frame.current;
    if (element === null) return;
    const place = (event: { clientX: number; clientY: number }): { x: number; y: number } => {
      const box = element.getBoundingClientRect();
      return { x: event.clientX - box.left, y: event.clientY - box.top };
    };
    const wheel = (event: WheelEvent): void => {
      // Without Ctrl the wheel scrolls the page, as it does everywhere.
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      const at = place(event);
      setView((now) => zoomed(now, Math.exp(-event.deltaY / 300), at));
    };
    const down = (event: PointerEvent): void => {
      if (event.target instanceof Element && event.target.closest("[data-handle],[data-field],input,button")) return;
      fingers.current.set(event.pointerId, place(event));
    };
    const move = (event: PointerEvent): void => {
      const before = fingers.current.get(event.pointerId);
      if (before === undefined) return;
      const now = place(event);
      const other = [...fingers.current].find(([id]) => id !== event.pointerId)?.[1];
      fingers.current.set(event.pointerId, now);
      if (other === undefined) {
        setView((old) => panned(old, before.x - now.x, before.y - now.y));
        return;
      }
      const span = (a: { x: number; y: number }): number => Math.hypot(a.x - other.x, a.y - other.y) || 1;
      const middle = { x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 };
      setView((old) => zoomed(old, span(now) / span(before), middle));
    };
    const up = (event: PointerEvent): void => void fingers.current.delete(event.pointerId);
    element.addEventListener("wheel", wheel, { passive: false });
    element.addEventListener("pointerdown", down);
    window.addEventListener("pointermove", move);
    window.addEventListener("pointerup", up);
    window.addEventListener("pointercancel", up);
    return () => {
      element.removeEventListener("wheel", wheel);
      element.removeEventListener("pointerdown", down);
      window.removeEventListener("pointermove", move);
      window.removeEventListener("pointerup", up);
      window.removeEventListener("pointercancel", up);
    };
  }, [frame]);
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
  const zoom = Math.min(MOST, Math.max(1, view.zoom * factor));
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
