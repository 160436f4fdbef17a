import { useEffect, useState } from "react";
import { INK } from "../core/basis/drawing/index.ts";

const DARK = "(prefers-color-scheme: dark)";

/** The inks of the theme that the system asks for, for what can't read CSS properties. */
export function useInk(): (typeof INK)["light" | "dark"] {
  const [dark, setDark] = useState(() => window.matchMedia(DARK).matches);
  useEffect(() => {
    const list = window.matchMedia(DARK);
    const change = (): void => setDark(list.matches);
    list.addEventListener("change", change);
    return () => list.removeEventListener("change", change);
  }, []);
  return dark ? INK.dark : INK.light;
}
