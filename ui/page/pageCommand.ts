import { useEffect } from "react";
import { useLatest } from "./useLatest.ts";

/** Commands that a page may answer to, whoever gives them. */
export type PageCommand =
  | "undo"
  | "redo"
  | "duplicate"
  | "export-camera"
  | "keep-version"
  | "add-hole"
  | "show-preview"
  | "show-finder"
  | "show-curve";

const EVENT = "still-box:command";

/** Asks the open page to do something; the sender does not know the page. */
export function sendCommand(command: PageCommand): void {
  window.dispatchEvent(new CustomEvent<PageCommand>(EVENT, { detail: command }));
}

/** Lets a page answer to commands while it is shown. */
export function usePageCommand(answers: Partial<Record<PageCommand, () => void>>): void {
  const latest = useLatest(answers);
  useEffect(() => {
    const listen = (event: Event): void => latest.current[(event as CustomEvent<PageCommand>).detail]?.();
    window.addEventListener(EVENT, listen);
    return () => window.removeEventListener(EVENT, listen);
  }, []);
}
