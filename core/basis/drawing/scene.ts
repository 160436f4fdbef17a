import type { Layer } from "./tokens.ts";

/** A point of a drawing: mm, x to the right, y down (as paper and screens have it). */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export interface Rectangle extends Point {
  readonly width: number;
  readonly height: number;
}

/** A run of straight pieces; curves are drawn fine enough not to show (see {@link arcPoints}). */
export interface LineMark {
  readonly kind: "line";
  readonly layer: Layer;
  readonly points: readonly Point[];
  readonly closed?: boolean;
}

export interface CircleMark {
  readonly kind: "circle";
  readonly layer: Layer;
  readonly centre: Point;
  readonly radius: number;
}

export interface LabelMark {
  readonly kind: "label";
  readonly layer: Layer;
  readonly at: Point;
  readonly text: string;
  /** Height of the type, mm. */
  readonly size: number;
  readonly anchor: "start" | "middle" | "end";
  /** Degrees counter-clockwise. */
  readonly turn?: number;
  /** The size this label states, where a viewer may let it be typed over. */
  readonly field?: string;
}

export type Mark = LineMark | CircleMark | LabelMark;

/** A drawing in mm: the one model that screen, print, PDF and DXF are made from. */
export interface Scene {
  readonly bounds: Rectangle;
  readonly marks: readonly Mark[];
}

/**
 * A stroke through points.
 *
 * @param points mm
 * @returns an open line mark
 * @example line("cut", { x: 0, y: 0 }, { x: 9, y: 0 }).points.length // 2
 */
export function line(layer: Layer, ...points: readonly Point[]): LineMark {
  return { kind: "line", layer, points };
}

/**
 * A closed outline through points.
 *
 * @param points mm; the last is joined to the first
 * @returns a closed line mark
 * @example outline("cut", [{ x: 0, y: 0 }, { x: 9, y: 0 }, { x: 9, y: 9 }]).points.length // 3
 */
export function outline(layer: Layer, points: readonly Point[]): LineMark {
  return { kind: "line", layer, points, closed: true };
}

/**
 * The outline of a rectangle.
 *
 * @param rectangle upper left corner and size, mm
 * @returns a closed line mark of four corners
 * @example rectangle("cut", { x: 0, y: 0, width: 9, height: 4 }).points.length // 4
 */
export function rectangle(layer: Layer, { x, y, width, height }: Rectangle): LineMark {
  return outline(layer, [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ]);
}

/**
 * Words at a point.
 *
 * @param at where they stand, mm
 * @param size height of letters, mm
 * @param more anchor, turn (degrees), layer, the field whose figure they are
 * @returns a label mark
 * @example label("TOP", { x: 5, y: 5 }, 3).text // "TOP"
 */
export function label(
  text: string,
  at: Point,
  size: number,
  more: Partial<Pick<LabelMark, "anchor" | "turn" | "layer" | "field">> = {},
): LabelMark {
  return { kind: "label", layer: "label", anchor: "middle", at, text, size, ...more };
}

/**
 * Points on an arc so close that no chord leaves the circle by more than `tolerance`.
 *
 * @param centre, radius mm
 * @param from, to angles in radians, clockwise from 3 o'clock as y points down
 * @param tolerance mm, > 0
 * @returns both ends included; mm
 * @example arcPoints({ x: 0, y: 0 }, 1, 0, 0, 0.1)[0].x // 1
 */
export function arcPoints(centre: Point, radius: number, from: number, to: number, tolerance = 0.02): readonly Point[] {
  const step = 2 * Math.acos(Math.max(-1, 1 - tolerance / Math.max(radius, tolerance)));
  const count = Math.max(2, Math.ceil(Math.abs(to - from) / step));
  return Array.from({ length: count + 1 }, (_, i) => {
    const angle = from + ((to - from) * i) / count;
    return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) };
  });
}

/**
 * The same marks moved by (dx, dy).
 *
 * @returns new marks; the given ones stay as they are
 * @example moved([line("cut", { x: 0, y: 0 })], 5, 7)[0].points[0].y // 7
 */
export function moved(marks: readonly Mark[], dx: number, dy: number): readonly Mark[] {
  const shift = ({ x, y }: Point): Point => ({ x: x + dx, y: y + dy });
  return marks.map((mark) => {
    if (mark.kind === "line") return { ...mark, points: mark.points.map(shift) };
    return mark.kind === "circle" ? { ...mark, centre: shift(mark.centre) } : { ...mark, at: shift(mark.at) };
  });
}

/**
 * The same marks turned a quarter clockwise about the origin: (x, y) → (−y, x).
 *
 * @returns new marks; labels turn along
 * @example quarterTurned([{ kind: "circle", layer: "cut", centre: { x: 1, y: 2 }, radius: 1 }])[0].centre // { x: -2, y: 1 }
 */
export function quarterTurned(marks: readonly Mark[]): readonly Mark[] {
  const turn = ({ x, y }: Point): Point => ({ x: -y, y: x });
  return marks.map((mark) => {
    if (mark.kind === "line") return { ...mark, points: mark.points.map(turn) };
    if (mark.kind === "circle") return { ...mark, centre: turn(mark.centre) };
    return { ...mark, at: turn(mark.at), turn: (mark.turn ?? 0) - 90 };
  });
}

/**
 * The same marks grown from the origin, type included. Circles grown unevenly become ellipses, drawn in short pieces.
 *
 * @param across, up factors > 0 for x and y
 * @returns new marks
 * @example scaled([line("cut", { x: 2, y: 3 })], 2)[0].points[0].y // 6
 */
export function scaled(marks: readonly Mark[], across: number, up: number = across): readonly Mark[] {
  const grow = ({ x, y }: Point): Point => ({ x: x * across, y: y * up });
  return marks.map((mark) => {
    if (mark.kind === "line") return { ...mark, points: mark.points.map(grow) };
    if (mark.kind === "label") return { ...mark, at: grow(mark.at), size: mark.size * Math.min(across, up) };
    if (across === up) return { ...mark, centre: grow(mark.centre), radius: mark.radius * across };
    return outline(
      mark.layer,
      arcPoints(mark.centre, mark.radius, 0, 2 * Math.PI, 0.01)
        .slice(1)
        .map(grow),
    );
  });
}
