import { type RefObject, useEffect, useState } from "react";

/** Whether an element has come near the window; once it has, it stays so. */
export function useOnceSeen(element: RefObject<Element | null>): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (element.current === null || seen) return;
    const watch = new IntersectionObserver(
      ([entry]) => {
        if (entry?.isIntersecting) setSeen(true);
      },
      { rootMargin: "200px" },
    );
    watch.observe(element.current);
    return () => watch.disconnect();
  }, [element, seen]);
  return seen;
}
