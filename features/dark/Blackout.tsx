import { useRef } from "react";

/** A second tap that comes sooner was a drop of water, ms. */
const BOUNCE = 700;
/** Held so long, the screen comes back, ms. */
const LIGHT_AFTER = 3000;

/** Nothing but black, for film: no screen's light is safe for it. A tap is felt and does what is said; sound tells the rest. */
export function Blackout({
  label,
  status,
  onTap,
  onLight,
}: {
  /** For who hears the screen: what a tap does. */
  readonly label: string;
  readonly status: string;
  readonly onTap: () => void;
  /** It was held: the screen is wanted back. */
  readonly onLight: () => void;
}) {
  const last = useRef(Number.NEGATIVE_INFINITY);
  const down = useRef(0);
  return (
    <button
      type="button"
      data-blackout
      aria-label={label}
      className="fixed inset-0 z-[2147483646] cursor-none bg-[#000] outline-none"
      onPointerDown={(event) => {
        down.current = event.timeStamp;
      }}
      onClick={(event) => {
        if (event.detail > 0 && event.timeStamp - down.current >= LIGHT_AFTER) {
          onLight();
          return;
        }
        if (event.timeStamp - last.current < BOUNCE) return;
        last.current = event.timeStamp;
        navigator.vibrate?.(200);
        onTap();
      }}
    >
      <span className="sr-only" role="status">
        {status}
      </span>
    </button>
  );
}
