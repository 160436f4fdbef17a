import { type ReactNode, useRef } from "react";
import { useInSight } from "../../../ui/page/useInSight.ts";
import { useRested } from "../../../ui/page/useRested.ts";

/** Parts of the Bench beside the drawing are laid out only when they come into sight. */
const ASIDE = "min-w-0 [contain-intrinsic-size:auto_36rem] [content-visibility:auto]";

/** One of these parts: in sight it follows the hand, out of sight it follows when the hand rests. */
export function Aside<T>({ now, children }: { readonly now: T; readonly children: (shown: T) => ReactNode }) {
  const element = useRef<HTMLDivElement>(null);
  const shown = useRested(now, useInSight(element));
  return (
    <div ref={element} className={ASIDE}>
      {children(shown)}
    </div>
  );
}
