import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useState } from "react";
import type { Handle, Pull } from "../../../core/bench/benchDrawing/index.ts";
import { type DesignField, fieldRecord } from "../../../core/camera/container/index.ts";

/** A dragged size stops at a usual one within this many pixels. */
const SNAP_PIXELS = 6;

/** What was when the handle was taken: the drawing's scale, the sizes it pulls. */
interface Grip {
  readonly pixel: number;
  readonly across: number;
  readonly up: number;
}

/** A value at the hand, pixels: how far from the handle it stands, the room for it above, the card that shines round its letters. */
const TAG = { away: 30, room: 50, halo: 7 } as const;

/** A round handle: dragged by mouse or finger, moved by arrow keys (Shift: ten steps), centred by a double press or Home. */
export function DrawingHandle({
  handle,
  pixel,
  step,
  refused,
  sizeOf,
  words,
  onHold,
  onMove,
}: {
  readonly handle: Handle;
  readonly pixel: number;
  /** What an arrow key moves, mm. */
  readonly step: number;
  /** Whether a limit stops it. */
  readonly refused: boolean;
  readonly sizeOf: (field: DesignField) => number;
  readonly words: (value: number, field: DesignField) => string;
  readonly onHold: (holding: boolean) => void;
  readonly onMove: (field: DesignField, value: number, hole: number | undefined) => void;
}) {
  const { across, up, at, name } = handle;
  const pulls = [across, up].filter((pull) => pull !== null);
  const [held, setHeld] = useState(false);
  const bind = useDrag(({ first, last, movement: [right, down], altKey, memo }): Grip => {
    const grip: Grip =
      (memo as Grip | undefined) ??
      ({ pixel, across: across ? sizeOf(across.field) : 0, up: up ? sizeOf(up.field) : 0 } satisfies Grip);
    if (first) onHold(true);
    if (first || last) setHeld(!last);
    const snap = altKey ? 0 : SNAP_PIXELS * grip.pixel;
    if (across && right !== 0) {
      onMove(across.field, snapped(grip.across + right * grip.pixel * across.perMm, across, snap), handle.hole);
    }
    if (up && down !== 0) onMove(up.field, snapped(grip.up - down * grip.pixel * up.perMm, up, snap), handle.hole);
    if (last) onHold(false);
    return grip;
  });
  const centre = (): void => {
    // Edits under one label that follow each other at once are one step of undo.
    for (const { field, home } of pulls) if (home !== undefined) onMove(field, home, handle.hole);
  };
  const key = (event: KeyboardEvent): void => {
    if (event.key === "Home" && pulls.some(({ home }) => home !== undefined)) {
      event.preventDefault();
      centre();
      return;
    }
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
  const [pull] = pulls;
  const value = pull ? sizeOf(pull.field) : 0;
  const [x, y] = [at.x / pixel, at.y / pixel];
  const said = pulls.map(({ field }) => words(sizeOf(field), field)).join(" by ");
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={Math.round(value * 10) / 10}
      aria-valuetext={said}
      data-handle={handle.id}
      className="cursor-grab touch-none outline-none active:cursor-grabbing [&:focus-visible>circle:last-child]:[stroke-width:3.5px]"
      {...bind()}
      onKeyDown={key}
      onDoubleClick={centre}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={6.5} fill="var(--sb-card)" stroke="var(--sb-action)" strokeWidth={2} />
      {held && <ValueAtHand x={x} y={y} words={refused ? `${said}, no further` : said} refused={refused} />}
    </g>
  );
}

/** What is dragged, above the finger. */
function ValueAtHand({
  x,
  y,
  words,
  refused,
}: {
  readonly x: number;
  readonly y: number;
  readonly words: string;
  readonly refused: boolean;
}) {
  // Where there is no room above, below.
  const middle = y > TAG.room ? y - TAG.away : y + TAG.away;
  return (
    <text
      x={x}
      y={middle}
      textAnchor="middle"
      dominantBaseline="central"
      className="pointer-events-none font-semibold text-[0.93rem] tabular-nums [paint-order:stroke]"
      fill={refused ? "var(--sb-action)" : "var(--sb-ink)"}
      stroke="var(--sb-card)"
      strokeWidth={TAG.halo}
      strokeLinejoin="round"
      aria-hidden
      data-value-at-hand
    >
      {words}
    </text>
  );
}

/** The nearest usual size within reach, else a tenth of a millimetre. */
function snapped(value: number, { snaps, perMm }: Pull, reach: number): number {
  const near = snaps.filter((size) => Math.abs(size - value) <= reach * Math.abs(perMm));
  const [best] = near.sort((a, b) => Math.abs(a - value) - Math.abs(b - value));
  return best ?? Math.round(value * 10) / 10;
}
