import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";
import { Button } from "./Button.tsx";
import { isTyping } from "./isTyping.ts";

/** Takes back, and does again, what was changed on this page. */
export function EditButtons({
  undo,
  redo,
}: {
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}) {
  const now = useRef({ undo, redo });
  now.current = { undo, redo };
  useEffect(() => {
    const key = (which: "undo" | "redo") => (event: KeyboardEvent) => {
      // What is being typed has an undo of its own.
      if (isTyping(event)) return;
      event.preventDefault();
      now.current[which]?.();
    };
    return tinykeys(window, {
      "$mod+KeyZ": key("undo"),
      "$mod+Shift+KeyZ": key("redo"),
      "$mod+KeyY": key("redo"),
    });
  }, []);
  return (
    <div className="flex gap-2">
      <Button disabled={undo === null} onClick={() => undo?.()}>
        Undo
      </Button>
      <Button disabled={redo === null} onClick={() => redo?.()}>
        Redo
      </Button>
    </div>
  );
}
