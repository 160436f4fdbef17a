import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, type RefObject, useRef } from "react";
import type { Crop } from "../../../core/negative/index.ts";
import { type CropSide, croppedTo } from "./croppedTo.ts";

/** An arrow key moves an edge so far, as a share; with Shift ten times. */
const STEP = 0.005;
const EDGES: readonly {
  readonly side: CropSide;
  readonly name: string;
  readonly grows: "ArrowRight" | "ArrowLeft" | "ArrowDown" | "ArrowUp";
}[] = [
  { side: "left", name: "Left edge", grows: "ArrowRight" },
  { side: "right", name: "Right edge", grows: "ArrowLeft" },
  { side: "top", name: "Upper edge", grows: "ArrowDown" },
  { side: "bottom", name: "Lower edge", grows: "ArrowUp" },
];
const BACK = { ArrowRight: "ArrowLeft", ArrowLeft: "ArrowRight", ArrowDown: "ArrowUp", ArrowUp: "ArrowDown" } as const;
const CORNERS: readonly (readonly [CropSide, CropSide])[] = [
  ["left", "top"],
  ["right", "top"],
  ["left", "bottom"],
  ["right", "bottom"],
];

interface Cropping {
  readonly crop: Crop;
  /** The picture on the screen. */
  readonly box: RefObject<HTMLElement | null>;
  readonly onCrop: (crop: Crop, stroke: string) => void;
}

/** The edges of a crop over its picture, and its corners: taken hold of, or moved by arrow keys. */
export function CropEdges(cropping: Cropping) {
  return (
    <div className="absolute inset-0" data-crop-edges>
      {EDGES.map((edge) => (
        <Edge key={edge.side} {...edge} {...cropping} />
      ))}
      {CORNERS.map((sides) => (
        <Corner key={sides.join()} sides={sides} {...cropping} />
      ))}
    </div>
  );
}

function Edge({ side, name, grows, ...cropping }: (typeof EDGES)[number] & Cropping) {
  const { crop, onCrop } = cropping;
  const bind = useCropDrag([side], cropping);
  const latest = useRef(crop);
  latest.current = crop;
  const nudge = (event: KeyboardEvent): void => {
    const by = event.key === grows ? STEP : event.key === BACK[grows] ? -STEP : 0;
    if (by === 0) return;
    event.preventDefault();
    latest.current = croppedTo(latest.current, side, latest.current[side] + by * (event.shiftKey ? 10 : 1));
    onCrop(latest.current, `crop ${side} keys`);
  };
  const lies = side === "left" || side === "right";
  const percent = (share: number): string => `${100 * share}%`;
  const along = lies
    ? { top: percent(crop.top), bottom: percent(crop.bottom), [side]: percent(crop[side]) }
    : { left: percent(crop.left), right: percent(crop.right), [side]: percent(crop[side]) };
  return (
    <div
      {...bind()}
      role="slider"
      tabIndex={0}
      aria-label={`${name}, percent cut off`}
      aria-orientation={lies ? "horizontal" : "vertical"}
      aria-valuemin={0}
      aria-valuemax={90}
      aria-valuenow={Math.round(1000 * crop[side]) / 10}
      data-crop-edge={side}
      className={`absolute touch-none ${lies ? "w-7 cursor-ew-resize" : "h-7 cursor-ns-resize"}`}
      style={{ ...along, [lies ? "marginInline" : "marginBlock"]: "-14px" }}
      onKeyDown={nudge}
    >
      <span className={`absolute bg-action ${lies ? "inset-y-0 left-1/2 w-px" : "inset-x-0 top-1/2 h-px"}`} />
    </div>
  );
}

function Corner({ sides, ...cropping }: { readonly sides: readonly [CropSide, CropSide] } & Cropping) {
  const bind = useCropDrag(sides, cropping);
  const [across, down] = sides;
  const { crop } = cropping;
  const turned = (across === "left") === (down === "top");
  return (
    <div
      {...bind()}
      data-crop-corner={sides.join(" ")}
      className={`absolute size-7 touch-none ${turned ? "cursor-nwse-resize" : "cursor-nesw-resize"}`}
      style={{ [across]: `${100 * crop[across]}%`, [down]: `${100 * crop[down]}%`, margin: "-14px" }}
    >
      <span className="absolute inset-2 border-2 border-action bg-card" />
    </div>
  );
}

/** A hand on some sides of a crop. */
function useCropDrag(sides: readonly CropSide[], { crop, box, onCrop }: Cropping): ReturnType<typeof useDrag> {
  const stroke = useRef(0);
  return useDrag(
    ({ first, movement, memo, event }) => {
      event.stopPropagation();
      const start = (memo as Crop | undefined) ?? crop;
      if (first) stroke.current++;
      const { clientWidth = 1, clientHeight = 1 } = box.current ?? {};
      const shares = {
        left: movement[0] / clientWidth,
        right: -movement[0] / clientWidth,
        top: movement[1] / clientHeight,
        bottom: -movement[1] / clientHeight,
      };
      const moved = sides.reduce((now, side) => croppedTo(now, side, start[side] + shares[side]), start);
      onCrop(moved, `crop ${sides.join(" ")} ${stroke.current}`);
      return start;
    },
    { pointer: { keys: false } },
  );
}
