import { type ReactNode, useRef } from "react";
import { useInSight } from "../../../ui/useInSight.ts";
import { useRested } from "../../../ui/useRested.ts";

/**
 * A part of the Bench beside the drawing: laid out only when it comes into sight. In sight it follows the hand, out of
 * sight it follows when the hand rests.
 */
export function Aside<T>({ now, children }: { readonly now: T; readonly children: (shown: T) => ReactNode }) {
  const element = useRef<HTMLDivElement>(null);
  const shown = useRested(now, useInSight(element));
  return (
    <div ref={element} className="min-w-0 [contain-intrinsic-size:auto_36rem] [content-visibility:auto]">
      {children(shown)}
    </div>
  );
}
