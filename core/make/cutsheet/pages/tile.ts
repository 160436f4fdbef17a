import { line, type Mark, moved, type Point, type Rectangle } from "../../../basis/drawing/index.ts";
import { parted } from "../drawnPart.ts";
import { type NoteMark, note, type Part } from "../parts/part.ts";
import { clipped } from "./clip.ts";
import { OVERLAP } from "./paper.ts";
import { placeWords } from "./placeWords.ts";

/** How far from a seam its neighbour's name stands at most, mm. */
const BAND = 20;

/** Overlapping tiles of a part larger than a page, each cut off at its window and marked where the next one starts. */
export function tile(part: Part, area: { width: number; height: number }, firstPage: number): readonly Placed[] {
  const strideX = area.width - OVERLAP;
  const strideY = area.height - OVERLAP;
  const columns = Math.max(1, Math.ceil((part.width - OVERLAP) / strideX));
  const rows = Math.max(1, Math.ceil((part.height - OVERLAP) / strideY));
  const name = (column: number, row: number): string => `${String.fromCharCode(65 + row)}${column + 1}`;
  const { lines: drawn, notes } = parted(part);
  // The first tile in which a word would stand whole by its beginning; in the overlap two would do.
  const tileOf = ({ x, y }: Point): number => {
    const place = (at: number, stride: number, count: number): number =>
      Math.min(count - 1, Math.max(0, Math.floor((at - OVERLAP / 2) / stride)));
    return place(y, strideY, rows) * columns + place(x, strideX, columns);
  };
  return Array.from({ length: columns * rows }, (_, index) => {
    const column = index % columns;
    const row = Math.floor(index / columns);
    const window = { x: column * strideX, y: row * strideY, width: area.width, height: area.height };
    const sides = { left: column > 0, right: column + 1 < columns, top: row > 0, bottom: row + 1 < rows };
    const lines = [...clipped(drawn, window), ...moved(joins(area, sides), window.x, window.y)];
    const words = [
      ...neighbourNames(window, sides, (right, down) => name(column + right, row + down), part.name),
      ...notes.filter(({ at }) => tileOf(at) === index),
    ];
    const { labels } = placeWords(words, lines, { ...window, round: false });
    return {
      page: firstPage + index,
      caption: `${part.name}, tile ${name(column, row)} of ${columns * rows}`,
      map: { columns, rows, column, row },
      marks: moved([...lines, ...labels], -window.x, -window.y),
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
  return [line("mark", { x: x - 3, y }, { x: x + 3, y }), line("mark", { x, y: y - 3 }, { x, y: y + 3 })];
}

/** Which tile this is, and along each seam the one that lies there. */
function neighbourNames(
  { x, y, width, height }: Rectangle,
  sides: Sides,
  name: (right: number, down: number) => string,
  part: string,
): readonly NoteMark[] {
  const small = (text: string, at: Point, within: Rectangle, turn = 0): NoteMark =>
    note(text, at, { size: 2.8, layer: "stamp", anchor: "middle", turn, within });
  const [right, foot] = [x + width, y + height];
  const upright = { width: BAND, y, height };
  const level = { height: BAND, x, width };
  return [
    ...(sides.right
      ? [small(`to ${name(1, 0)}`, { x: right - 8, y: y + height / 3 }, { x: right - BAND, ...upright }, 90)]
      : []),
    ...(sides.left ? [small(`to ${name(-1, 0)}`, { x: x + 8, y: y + height / 3 }, { x, ...upright }, 90)] : []),
    ...(sides.bottom
      ? [small(`to ${name(0, 1)}`, { x: x + width / 3, y: foot - 8 }, { y: foot - BAND, ...level })]
      : []),
    ...(sides.top ? [small(`to ${name(0, -1)}`, { x: x + width / 3, y: y + 8 }, { y, ...level })] : []),
    note(`${name(0, 0)} · ${part}`, { x: x + width / 2, y: foot - OVERLAP - 4 }, { anchor: "middle", layer: "stamp" }),
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
