import { type ReactNode, useEffect, useRef, useState } from "react";
import { buttonClass } from "./Button.tsx";

/** How long it has to be held, ms. */
const HOLD = 1000;

/** A button that has to be held: for what must not happen by a slip of a wet hand. */
export function HoldButton({
  hint,
  className,
  onHeld,
  children,
}: {
  /** What goes on all the same. */
  readonly hint: string;
  readonly className?: string;
  readonly onHeld: () => void;
  readonly children: ReactNode;
}) {
  const [held, setHeld] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const latest = useRef(onHeld);
  latest.current = onHeld;
  const begin = (): void => {
    if (timer.current !== null) return;
    setHeld(true);
    timer.current = setTimeout(() => {
      timer.current = null;
      setHeld(false);
      latest.current();
    }, HOLD);
  };
  const end = (): void => {
    if (timer.current !== null) clearTimeout(timer.current);
    timer.current = null;
    setHeld(false);
  };
  useEffect(
    () => () => {
      if (timer.current !== null) clearTimeout(timer.current);
    },
    [],
  );
  return (
    <button
      type="button"
      className={buttonClass("quiet", className)}
      data-held={held || undefined}
      onPointerDown={begin}
      onPointerUp={end}
      onPointerLeave={end}
      onPointerCancel={end}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={(event) => (event.key === "Enter" || event.key === " ") && begin()}
      onKeyUp={end}
      onBlur={end}
    >
      {held ? "Keep holding…" : children}
      {!held && <span className="text-quiet">({hint})</span>}
    </button>
  );
}
