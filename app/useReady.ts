import { useEffect } from "react";

/** Marks the document as alive: what was sent as text can now be used. For tests and for whoever watches from outside. */
export function useReady(): void {
  useEffect(() => {
    document.documentElement.dataset.ready = "";
  }, []);
}
