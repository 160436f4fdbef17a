import {
  fitted,
  label,
  type Mark,
  moved,
  type Point,
  quarterTurned,
  rectangle,
  type Scene,
  scaled,
} from "../../../basis/drawing/index.ts";
import { drawnPart } from "../drawnPart.ts";
import type { Part } from "../parts/part.ts";
import { checkRulers, uprightRuler } from "./checkRulers.ts";
import { goesOn, nest } from "./nest.ts";
import { FOOT, type Paper, PRINTER_MARGIN, SIDE } from "./paper.ts";
import { type Placed, type TilePlace, tile } from "./tile.ts";

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

const GAP = 8;
/** Type of the camera's name at the foot, mm. */
const NAME = 4.2;

/**
 * Parts laid on pages at true size: nested where they fit (turned where that helps), cut into overlapping tiles where
 * they don't, with a map of the tiles. Every page has its check rulers and title.
 *
 * @param parts at true size, mm
 * @param paper upright
 * @param title for the foot
 * @returns pages in the order they are printed
 * @example layOut(cutParts(cutOrderFor(box)), PAPERS[0], { camera: "Tin", what: "" }).length // 3
 */
export function layOut(
  parts: readonly Part[],
  paper: Paper,
  title: PageTitle,
  { across, up }: PrintScale = TRUE_SCALE,
): readonly Page[] {
  const room = { ...paper, width: paper.width / across, height: paper.height / up };
  const area = { width: room.width - 2 * PRINTER_MARGIN - SIDE, height: room.height - 2 * PRINTER_MARGIN - FOOT };
  const drawn = parts.map((part) => ({ part, scene: drawnPart(part) }));
  const fits = ({ scene }: (typeof drawn)[number]): boolean => goesOn(scene.bounds, area);
  const small = drawn.filter(fits);
  const packed = nest(
    small.map(({ scene }) => scene.bounds),
    area,
    GAP,
  ).map(({ index, page, x, y, turned }): Placed => {
    const { part, scene } = small[index] as (typeof drawn)[number];
    return { page, marks: placedAt(scene, { x, y }, turned), caption: part.name };
  });
  let next = packed.reduce((most, { page }) => Math.max(most, page + 1), 0);
  const tiled: Placed[] = [];
  for (const { part } of drawn.filter((each) => !fits(each))) {
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

/** A drawing with the top left corner of what it reaches at a place, turned a quarter clockwise or not. */
export function placedAt({ bounds, marks }: Scene, { x, y }: Point, turned: boolean): readonly Mark[] {
  return turned
    ? moved(quarterTurned(marks), x + bounds.y + bounds.height, y - bounds.x)
    : moved(marks, x - bounds.x, y - bounds.y);
}

/** Beside the check rulers, mm from the paper's left edge; and the largest size of the map. */
const MAP_LEFT = 131;
const MAP = { width: 15, height: 16 } as const;

/** All tiles of a part in small, this one filled. */
function tileMap({ columns, rows, column, row }: TilePlace, at: Point): readonly Mark[] {
  const cell = Math.min(MAP.width / columns, MAP.height / rows, 5);
  return Array.from({ length: columns * rows }, (_, index) => {
    const [i, j] = [index % columns, Math.floor(index / columns)];
    const layer = i === column && j === row ? "solid" : "mark";
    return rectangle(layer, { x: at.x + i * cell, y: at.y + j * cell, width: cell, height: cell });
  });
}

function foot(paper: Paper, title: PageTitle, page: number, pages: number): readonly Mark[] {
  const y = paper.height - PRINTER_MARGIN;
  const right = paper.width - PRINTER_MARGIN;
  const name = fitted(title.camera, NAME, right - 3 - MAP_LEFT - MAP.width - 2, "stamp");
  return [
    rectangle("guide", { x: PRINTER_MARGIN, y: y - FOOT + 4, width: right - PRINTER_MARGIN, height: FOOT - 4 }),
    label(name, { x: right - 3, y: y - 16 }, NAME, { layer: "stamp", anchor: "end" }),
    label(`${title.date} · page ${page} of ${pages}`, { x: right - 3, y: y - 10 }, 3, { anchor: "end" }),
    label("Print at 100 %, not “fit to page”", { x: right - 3, y: y - 5 }, 3, { anchor: "end" }),
  ];
}
