import { useEffect, useEffectEvent } from "react";
import { tinykeys } from "tinykeys";
import { isTyping } from "./isTyping.ts";

/** Takes back and does again by the usual keys. */
export function useUndoKeys(undo: (() => void) | null, redo: (() => void) | null): void {
  const step = useEffectEvent((which: "undo" | "redo"): void => (which === "undo" ? undo : redo)?.());
  useEffect(() => {
    const key = (which: "undo" | "redo") => (event: KeyboardEvent) => {
      // What is being typed has an undo of its own.
      if (isTyping(event)) return;
      event.preventDefault();
      step(which);
    };
    return tinykeys(window, {
      "$mod+KeyZ": key("undo"),
      "$mod+Shift+KeyZ": key("redo"),
      "$mod+KeyY": key("redo"),
    });
  }, []);
}
