import { type RefObject, useLayoutEffect, useState } from "react";
import { noticePlace } from "./noticePlace.ts";

/** What can be pressed, dragged or typed in. */
const CONTROLS =
  'a[href], button, input, select, textarea, summary, [role="button"], [role="slider"], [role="tab"], [role="switch"], [role="radio"], [role="checkbox"]';
/** What is to be read. */
const WORDS = "p, label, h1, h2, h3, dt, dd, td, th, figcaption, [role=status], [role=alert]";
/** The page is looked at anew so long after it last moved or changed, ms. */
const RESTED = 150;

/** Where notices cover nothing that can be pressed, now and whenever the page has moved or changed. */
export function useNoticePlace(
  notices: RefObject<HTMLElement | null>,
  shown: boolean,
): { readonly left: number; readonly top: number } | null {
  const [place, setPlace] = useState<{ readonly left: number; readonly top: number } | null>(null);
  useLayoutEffect(() => {
    const box = notices.current;
    if (!shown || box === null) return;
    const look = (): void => {
      // What is about to be pressed or read stays where it is.
      if (box.matches(":hover, :focus-within")) return;
      const boxesOf = (query: string) =>
        [...document.querySelectorAll(query)]
          .filter((each) => !box.contains(each))
          .map((each) => each.getBoundingClientRect());
      const size = { width: box.offsetWidth, height: box.offsetHeight };
      const screen = { width: document.documentElement.clientWidth, height: window.innerHeight };
      const next = noticePlace(size, screen, boxesOf(CONTROLS), boxesOf(WORDS));
      setPlace((before) => (before?.left === next.left && before.top === next.top ? before : next));
    };
    let timer: ReturnType<typeof setTimeout> | undefined;
    const rested = (): void => {
      clearTimeout(timer);
      timer = setTimeout(look, RESTED);
    };
    look();
    const changes = new MutationObserver(rested);
    changes.observe(document.body, { childList: true, subtree: true });
    const sizes = new ResizeObserver(rested);
    sizes.observe(box);
    window.addEventListener("scroll", rested, { passive: true, capture: true });
    window.addEventListener("resize", rested);
    return () => {
      clearTimeout(timer);
      changes.disconnect();
      sizes.disconnect();
      window.removeEventListener("scroll", rested, { capture: true });
      window.removeEventListener("resize", rested);
    };
  }, [notices, shown]);
  return place;
}
