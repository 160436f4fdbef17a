import { type RefObject, useEffect, useState } from "react";

/** Whether an element is on the screen; true until the browser has told. */
export function useInSight(element: RefObject<Element | null>): boolean {
  const [inSight, setInSight] = useState(true);
  useEffect(() => {
    const { current } = element;
    if (current === null) return;
    const watch = new IntersectionObserver(([entry]) => setInSight(entry?.isIntersecting ?? true));
    watch.observe(current);
    return () => watch.disconnect();
  }, [element]);
  return inSight;
}
