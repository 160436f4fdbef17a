import { useSyncExternalStore } from "react";
import { INK, type Inks } from "../../core/basis/drawing/index.ts";
import { onRedLight, redLevel } from "../dark/redLight.ts";

const DARK = "(prefers-color-scheme: dark)";

function follow(change: () => void): () => void {
  const list = window.matchMedia(DARK);
  list.addEventListener("change", change);
  const end = onRedLight(change);
  return () => {
    list.removeEventListener("change", change);
    end();
  };
}

function inks(): Inks {
  if (redLevel() !== null) return INK.red;
  return window.matchMedia(DARK).matches ? INK.dark : INK.light;
}

/** The inks of the theme that the system asks for, or that was chosen for the dark, for what can't read CSS properties. */
export function useInk(): Inks {
  return useSyncExternalStore(follow, inks, () => INK.light);
}
