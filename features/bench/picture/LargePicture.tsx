import { useGesture } from "@use-gesture/react";
import { type KeyboardEvent, useLayoutEffect, useRef, useState } from "react";
import type { DevelopedPreview } from "../../../core/bench/preview/index.ts";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { PreviewCanvas } from "../../../ui/drawing/PreviewCanvas.tsx";

/** How large the picture is looked at; `free` is as the hand has made it. */
type Size = "whole" | "true" | "pixels" | "free";
const SIZES: readonly { readonly id: Size; readonly name: string }[] = [
  { id: "whole", name: "All of it" },
  { id: "true", name: "True size" },
  { id: "pixels", name: "Pixel by pixel" },
];
/** A millimetre of the page, CSS px (CSS Values 4: 96 px an inch). */
const PX_PER_MM = 96 / 25.4;
/** Larger than this many screen pixels a pixel of the picture shows nothing new. */
const LARGEST = 8;
/** What a press of + or − does. */
const STEP = 1.25;

/** A place of the picture that stays where it is in the window while the picture grows. */
interface Anchor {
  /** Shares of the picture. */
  readonly share: readonly [number, number];
  /** Pixels of the window. */
  readonly at: readonly [number, number];
}

/** The picture in a window of its own: whole, at the sheet's true size, pixel by pixel, or by wheel, fingers and keys. */
export function LargePicture({
  picture,
  side,
  sheetWidth,
  label,
}: {
  readonly picture: DevelopedPreview;
  readonly side: "negative" | "positive";
  /** Width of the sheet, mm. */
  readonly sheetWidth: number;
  readonly label: string;
}) {
  const frame = useRef<HTMLElement>(null);
  const sheet = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState<Size>("whole");
  const [free, setFree] = useState(0);
  const anchor = useRef<Anchor | null>(null);
  const widths = { true: sheetWidth * PX_PER_MM, pixels: picture.width, free };
  const width = size === "whole" ? null : widths[size];

  const placeOf = ([x, y]: readonly [number, number]): Anchor => {
    const drawn = sheet.current?.getBoundingClientRect() ?? new DOMRect();
    const window = frame.current?.getBoundingClientRect() ?? new DOMRect();
    return {
      share: [(x - drawn.left) / drawn.width, (y - drawn.top) / drawn.height],
      at: [x - window.left, y - window.top],
    };
  };
  const zoomTo = (wanted: number, origin: readonly [number, number]): void => {
    anchor.current = placeOf(origin);
    const least = Math.min(frame.current?.clientWidth ?? picture.width, picture.width) / 2;
    setFree(Math.min(LARGEST * picture.width, Math.max(least, wanted)));
    setSize("free");
  };
  const drawnWidth = (): number => sheet.current?.clientWidth ?? picture.width;
  const middle = (): readonly [number, number] => {
    const { left, top, width, height } = frame.current?.getBoundingClientRect() ?? new DOMRect();
    return [left + width / 2, top + height / 2];
  };
  useLayoutEffect(() => {
    const kept = anchor.current;
    anchor.current = null;
    if (width === null || kept === null || !frame.current || !sheet.current) return;
    const drawn = sheet.current;
    frame.current.scrollLeft = drawn.offsetLeft + kept.share[0] * drawn.clientWidth - kept.at[0];
    frame.current.scrollTop = drawn.offsetTop + kept.share[1] * drawn.clientHeight - kept.at[1];
  }, [width]);
  useGesture(
    {
      // Without Ctrl the wheel scrolls, as it does everywhere; with it, it is a pinch.
      onPinch: ({ offset: [wanted], origin, last }) => {
        // A wheel's pinch is only known to be over some time after its last turn: by then another size may be chosen.
        if (!last) zoomTo(wanted, origin);
      },
      onDrag: ({ delta: [right, down], pinching, event }) => {
        // Fingers scroll by themselves.
        if (pinching || !frame.current || (event as PointerEvent).pointerType !== "mouse") return;
        frame.current.scrollLeft -= right;
        frame.current.scrollTop -= down;
      },
    },
    {
      target: frame,
      eventOptions: { passive: false },
      pinch: {
        from: () => [drawnWidth(), 0],
        scaleBounds: { min: 1, max: LARGEST * picture.width },
        modifierKey: ["ctrlKey", "metaKey"],
      },
    },
  );
  const key = (event: KeyboardEvent): void => {
    const factor = { "+": STEP, "=": STEP, "-": 1 / STEP }[event.key];
    if (factor !== undefined) zoomTo(drawnWidth() * factor, middle());
    else if (event.key === "0") setSize("whole");
  };
  return (
    <>
      <Segments label="Size" value={size} options={SIZES} onChoose={setSize} className="mb-3 w-fit" />
      <section
        ref={frame}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reached by keyboard
        tabIndex={0}
        aria-label="The picture, to scroll and enlarge"
        onKeyDown={key}
        className="relative max-h-[calc(100vh-4rem)] cursor-grab overflow-auto border border-line [touch-action:pan-x_pan-y] active:cursor-grabbing"
      >
        <div
          ref={sheet}
          className="mx-auto"
          style={{
            width: width ?? `min(100%, calc((100vh - 5rem) * ${picture.width / picture.rows.to}))`,
            aspectRatio: `${picture.width} / ${picture.rows.to}`,
          }}
        >
          <PreviewCanvas picture={picture} side={side} fills label={label} />
        </div>
      </section>
      <p className="mt-1 text-[0.87rem] text-quiet">Larger by two fingers, by Ctrl and the wheel, or by + and −.</p>
    </>
  );
}
