import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import type { Handle, Pull } from "../../../core/bench/benchDrawing/index.ts";
import { type DesignField, fieldRecord } from "../../../core/camera/container/index.ts";

/** A dragged size stops at a usual one within this many pixels. */
const SNAP_PIXELS = 6;

interface Grip {
  readonly x: number;
  readonly y: number;
  readonly pixel: number;
  readonly across: number;
  readonly up: number;
}

/** A round handle: dragged by mouse or finger, moved by arrow keys (Shift: ten steps). */
export function DrawingHandle({
  handle,
  pixel,
  step,
  sizeOf,
  words,
  onHold,
  onMove,
}: {
  readonly handle: Handle;
  readonly pixel: number;
  /** What an arrow key moves, mm. */
  readonly step: number;
  readonly sizeOf: (field: DesignField) => number;
  readonly words: (value: number, field: DesignField) => string;
  readonly onHold: (holding: boolean) => void;
  readonly onMove: (field: DesignField, value: number, hole: number | undefined) => void;
}) {
  const grip = useRef<Grip | null>(null);
  const { across, up, at, name } = handle;
  const fieldOf = across ?? up;
  const start = (event: PointerEvent<SVGGElement>): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = {
      x: event.clientX,
      y: event.clientY,
      pixel,
      across: across ? sizeOf(across.field) : 0,
      up: up ? sizeOf(up.field) : 0,
    };
    onHold(true);
  };
  const drag = (event: PointerEvent<SVGGElement>): void => {
    const from = grip.current;
    if (from === null) return;
    const snap = event.altKey ? 0 : SNAP_PIXELS * from.pixel;
    if (across && event.clientX !== from.x) {
      const pulled = from.across + (event.clientX - from.x) * from.pixel * across.perMm;
      onMove(across.field, snapped(pulled, across, snap), handle.hole);
    }
    if (up && event.clientY !== from.y) {
      const pulled = from.up + (from.y - event.clientY) * from.pixel * up.perMm;
      onMove(up.field, snapped(pulled, up, snap), handle.hole);
    }
  };
  const end = (): void => {
    if (grip.current === null) return;
    grip.current = null;
    onHold(false);
  };
  const key = (event: KeyboardEvent): void => {
    const ways: Readonly<Record<string, readonly [Pull | null, number]>> = {
      ArrowRight: [across, 1],
      ArrowLeft: [across, -1],
      ArrowUp: [up, 1],
      ArrowDown: [up, -1],
    };
    const [pull, sign] = ways[event.key] ?? [null, 0];
    if (pull === null) return;
    event.preventDefault();
    // A pull that turns goes by degrees, against the hand where the drawing does.
    const way = pull.perMm < 0 ? -1 : 1;
    const unit = fieldRecord(pull.field).quantity === "angle" ? 1 : step;
    onMove(pull.field, sizeOf(pull.field) + way * sign * unit * (event.shiftKey ? 10 : 1), handle.hole);
  };
  const value = fieldOf ? sizeOf(fieldOf.field) : 0;
  const [x, y] = [at.x / pixel, at.y / pixel];
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={Math.round(value * 10) / 10}
      aria-valuetext={[across, up]
        .flatMap((pull) => (pull ? [words(sizeOf(pull.field), pull.field)] : []))
        .join(" by ")}
      data-handle={handle.id}
      className="cursor-grab touch-none outline-none active:cursor-grabbing [&:focus-visible>circle:last-child]:[stroke-width:3.5px]"
      onPointerDown={start}
      onPointerMove={drag}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={key}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={6.5} fill="var(--sb-card)" stroke="var(--sb-action)" strokeWidth={2} />
    </g>
  );
}

/** The nearest usual size within reach, else a tenth of a millimetre. */
function snapped(value: number, { snaps, perMm }: Pull, reach: number): number {
  const near = snaps.filter((size) => Math.abs(size - value) <= reach * Math.abs(perMm));
  const [best] = near.sort((a, b) => Math.abs(a - value) - Math.abs(b - value));
  return best ?? Math.round(value * 10) / 10;
}
