import { type RefObject, useEffect, useState } from "react";

/** Whether an element has come into the window, not only near it: what hangs on it is work. Once it has, that stays so. */
export function useOnceSeen(element: RefObject<Element | null>): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (element.current === null || seen) return;
    const watch = new IntersectionObserver((entries) => {
      if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
    });
    watch.observe(element.current);
    return () => watch.disconnect();
  }, [element, seen]);
  return seen;
}
