import { label, line, type Mark, moved, type Point } from "../../basis/drawing/index.ts";
import { clipped } from "./clip.ts";
import { OVERLAP } from "./paper.ts";
import type { Part } from "./part.ts";

/** Overlapping tiles of a part larger than a page, each cut off at its window and marked where the next one starts. */
export function tile(part: Part, area: { width: number; height: number }, firstPage: number): readonly Placed[] {
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

/** Which tile of how many a page is. */
export interface TilePlace {
  readonly columns: number;
  readonly rows: number;
  readonly column: number;
  readonly row: number;
}

export interface Placed {
  readonly page: number;
  readonly map?: TilePlace;
  readonly marks: readonly Mark[];
  readonly caption: string;
}
