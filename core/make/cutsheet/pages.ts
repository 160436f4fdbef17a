import {
  arcPoints,
  type CircleMark,
  type LineMark,
  label,
  line,
  type Mark,
  moved,
  type Point,
  quarterTurned,
  rectangle,
  type Scene,
  scaled,
} from "../../basis/drawing/index.ts";
import { checkRulers, uprightRuler } from "./checkRulers.ts";
import { nest } from "./nest.ts";
import { FOOT, OVERLAP, type Paper, PRINTER_MARGIN, SIDE } from "./paper.ts";
import type { Part } from "./part.ts";

/** What stands at the foot of every page. */
export interface PageTitle {
  readonly camera: string;
  readonly date: string;
}

/** A printed page and what is on it. */
export interface Page {
  readonly scene: Scene;
  readonly caption: string;
}

/** By how much a print is drawn larger each way, for a printer that shrinks by as much. */
export interface PrintScale {
  readonly across: number;
  readonly up: number;
}

export const TRUE_SCALE: PrintScale = { across: 1, up: 1 };

/** Which tile of how many a page is. */
interface TilePlace {
  readonly columns: number;
  readonly rows: number;
  readonly column: number;
  readonly row: number;
}

interface Placed {
  readonly page: number;
  readonly map?: TilePlace;
  readonly marks: readonly Mark[];
  readonly caption: string;
}

const GAP = 8;

/**
 * Parts laid on pages at true size: nested where they fit (turned where that helps), cut into overlapping tiles where
 * they don't, with a map of the tiles. Every page has its check rulers and title.
 *
 * @param parts at true size, mm
 * @param paper upright
 * @param title for the foot
 */
export function layOut(
  parts: readonly Part[],
  paper: Paper,
  title: PageTitle,
  { across, up }: PrintScale = TRUE_SCALE,
): readonly Page[] {
  const room = { ...paper, width: paper.width / across, height: paper.height / up };
  const area = { width: room.width - 2 * PRINTER_MARGIN - SIDE, height: room.height - 2 * PRINTER_MARGIN - FOOT };
  const fits = ({ width, height }: Part): boolean =>
    (width <= area.width && height <= area.height) || (height <= area.width && width <= area.height);
  const small = parts.filter(fits);
  const packed = nest(small, area, GAP).map(({ index, page, x, y, turned }): Placed => {
    const part = small[index] as Part;
    const marks = turned ? moved(quarterTurned(part.marks), part.height, 0) : part.marks;
    return { page, marks: moved(marks, x, y), caption: part.name };
  });
  let next = packed.reduce((most, { page }) => Math.max(most, page + 1), 0);
  const tiled: Placed[] = [];
  for (const part of parts.filter((each) => !fits(each))) {
    const tiles = tile(part, area, next);
    tiled.push(...tiles);
    next += tiles.length;
  }
  const placed = [...packed, ...tiled];
  return Array.from({ length: next }, (_, page) => {
    const mine = placed.filter((each) => each.page === page);
    const marks = [
      ...mine.flatMap((each) => moved(each.marks, PRINTER_MARGIN + SIDE, PRINTER_MARGIN)),
      ...checkRulers({ x: PRINTER_MARGIN, y: room.height - PRINTER_MARGIN - FOOT + 10 }),
      ...uprightRuler({ x: PRINTER_MARGIN, y: room.height - PRINTER_MARGIN - FOOT }),
      ...foot(room, title, page + 1, next),
      ...mine.flatMap(({ map }) =>
        map === undefined ? [] : tileMap(map, { x: MAP_LEFT, y: room.height - PRINTER_MARGIN - FOOT + 7 }),
      ),
    ];
    return {
      caption: mine.map((each) => each.caption).join(" · "),
      scene: {
        bounds: { x: 0, y: 0, width: paper.width, height: paper.height },
        marks: across === 1 && up === 1 ? marks : scaled(marks, across, up),
      },
    };
  });
}

/** Overlapping tiles of a part larger than a page, each cut off at its window and marked where the next one starts. */
function tile(part: Part, area: { width: number; height: number }, firstPage: number): readonly Placed[] {
  const strideX = area.width - OVERLAP;
  const strideY = area.height - OVERLAP;
  const columns = Math.max(1, Math.ceil((part.width - OVERLAP) / strideX));
  const rows = Math.max(1, Math.ceil((part.height - OVERLAP) / strideY));
  const name = (column: number, row: number): string => `${String.fromCharCode(65 + row)}${column + 1}`;
  return Array.from({ length: columns * rows }, (_, index) => {
    const column = index % columns;
    const row = Math.floor(index / columns);
    const window = { x: column * strideX, y: row * strideY, width: area.width, height: area.height };
    const marks = moved(clipped(part.marks, window), -window.x, -window.y);
    return {
      page: firstPage + index,
      caption: `${part.name}, tile ${name(column, row)} of ${columns * rows}`,
      map: { columns, rows, column, row },
      marks: [
        ...marks,
        ...joins(area, { left: column > 0, right: column + 1 < columns, top: row > 0, bottom: row + 1 < rows }),
        ...neighbourNames(area, column, row, columns, rows, name),
      ],
    };
  });
}

interface Sides {
  readonly left: boolean;
  readonly right: boolean;
  readonly top: boolean;
  readonly bottom: boolean;
}

/** The line on which two pages meet, in the middle of their overlap, with a cross at each end to lay on each other. */
function joins({ width, height }: { width: number; height: number }, sides: Sides): readonly Mark[] {
  const half = OVERLAP / 2;
  const upright = (x: number): readonly Mark[] => [
    line("guide", { x, y: 0 }, { x, y: height }),
    ...[15, height / 2, height - 15].flatMap((y) => cross({ x, y })),
  ];
  const level = (y: number): readonly Mark[] => [
    line("guide", { x: 0, y }, { x: width, y }),
    ...[15, width / 2, width - 15].flatMap((x) => cross({ x, y })),
  ];
  return [
    ...(sides.left ? upright(half) : []),
    ...(sides.right ? upright(width - half) : []),
    ...(sides.top ? level(half) : []),
    ...(sides.bottom ? level(height - half) : []),
  ];
}

function cross({ x, y }: Point): readonly Mark[] {
  return [line("cut", { x: x - 3, y }, { x: x + 3, y }), line("cut", { x, y: y - 3 }, { x, y: y + 3 })];
}

function neighbourNames(
  { width, height }: { width: number; height: number },
  column: number,
  row: number,
  columns: number,
  rows: number,
  name: (column: number, row: number) => string,
): readonly Mark[] {
  const small = (text: string, at: Point, turn = 0): Mark => label(text, at, 2.8, { layer: "stamp", turn });
  return [
    small(name(column, row), { x: width / 2, y: height - OVERLAP - 4 }),
    ...(column + 1 < columns ? [small(`to ${name(column + 1, row)}`, { x: width - 8, y: height / 3 }, 90)] : []),
    ...(column > 0 ? [small(`to ${name(column - 1, row)}`, { x: 8, y: height / 3 }, 90)] : []),
    ...(row + 1 < rows ? [small(`to ${name(column, row + 1)}`, { x: width / 3, y: height - 8 })] : []),
    ...(row > 0 ? [small(`to ${name(column, row - 1)}`, { x: width / 3, y: 8 })] : []),
  ];
}

/** Marks cut off at a window; labels are kept where their anchor is inside. */
function clipped(
  marks: readonly Mark[],
  window: { x: number; y: number; width: number; height: number },
): readonly Mark[] {
  const inside = ({ x, y }: Point): boolean =>
    x >= window.x && x <= window.x + window.width && y >= window.y && y <= window.y + window.height;
  return marks.flatMap((mark): Mark[] => {
    if (mark.kind === "label") return inside(mark.at) ? [mark] : [];
    if (mark.kind === "circle" && circleInside(mark.centre, mark.radius, window)) return [mark];
    const points = runOf(mark);
    return points.slice(1).flatMap((to, i): Mark[] => {
      const piece = clipPiece(points[i] as Point, to, window);
      return piece === null ? [] : [line(mark.layer, ...piece)];
    });
  });
}

/** The points a mark runs through, its end closed where it is. */
function runOf(mark: LineMark | CircleMark): readonly Point[] {
  if (mark.kind === "circle") return arcPoints(mark.centre, mark.radius, 0, 2 * Math.PI, 0.01);
  return mark.closed ? [...mark.points, mark.points[0] as Point] : mark.points;
}

/** A circle that a window's edge cuts becomes a run of chords, which can be cut. */
function circleInside(
  { x, y }: Point,
  radius: number,
  window: { x: number; y: number; width: number; height: number },
): boolean {
  return (
    x - radius >= window.x &&
    x + radius <= window.x + window.width &&
    y - radius >= window.y &&
    y + radius <= window.y + window.height
  );
}

/** Liang–Barsky: the part of a straight piece inside a window. */
function clipPiece(
  from: Point,
  to: Point,
  window: { x: number; y: number; width: number; height: number },
): readonly [Point, Point] | null {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  let [start, end] = [0, 1];
  const edges = [
    [-dx, from.x - window.x],
    [dx, window.x + window.width - from.x],
    [-dy, from.y - window.y],
    [dy, window.y + window.height - from.y],
  ] as const;
  for (const [p, q] of edges) {
    if (p === 0 && q < 0) return null;
    if (p < 0) start = Math.max(start, q / p);
    if (p > 0) end = Math.min(end, q / p);
  }
  if (start >= end) return null;
  const at = (share: number): Point => ({ x: from.x + share * dx, y: from.y + share * dy });
  return [at(start), at(end)];
}

/** Beside the check rulers, mm from the paper's left edge; and the largest size of the map. */
const MAP_LEFT = 131;
const MAP = { width: 15, height: 16 } as const;

/** All tiles of a part in small, this one filled. */
function tileMap({ columns, rows, column, row }: TilePlace, at: Point): readonly Mark[] {
  const cell = Math.min(MAP.width / columns, MAP.height / rows, 5);
  return Array.from({ length: columns * rows }, (_, index) => {
    const [i, j] = [index % columns, Math.floor(index / columns)];
    const layer = i === column && j === row ? "solid" : "cut";
    return rectangle(layer, { x: at.x + i * cell, y: at.y + j * cell, width: cell, height: cell });
  });
}

function foot(paper: Paper, title: PageTitle, page: number, pages: number): readonly Mark[] {
  const y = paper.height - PRINTER_MARGIN;
  const right = paper.width - PRINTER_MARGIN;
  return [
    rectangle("guide", { x: PRINTER_MARGIN, y: y - FOOT + 4, width: right - PRINTER_MARGIN, height: FOOT - 4 }),
    label(title.camera, { x: right - 3, y: y - 16 }, 4.2, { layer: "stamp", anchor: "end" }),
    label(`${title.date} · page ${page} of ${pages}`, { x: right - 3, y: y - 10 }, 3, { anchor: "end" }),
    label("Print at 100 %, not “fit to page”", { x: right - 3, y: y - 5 }, 3, { anchor: "end" }),
  ];
}
