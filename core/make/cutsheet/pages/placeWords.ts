import {
  brokenLines,
  type CircleMark,
  type LabelMark,
  labelBox,
  type Mark,
  type Point,
  type Rectangle,
  textWidth,
} from "../../../basis/drawing/index.ts";
import type { NoteMark } from "../parts/part.ts";
import { clipPiece } from "./clip.ts";

/** Where words may stand: a rectangle, or the disc in it; mm. */
export interface WordRoom extends Rectangle {
  readonly round: boolean;
}

/** Words in their places, and those for which there was none. */
export interface PlacedWords {
  readonly labels: readonly LabelMark[];
  readonly homeless: readonly NoteMark[];
}

/** White left round words, mm. */
const CLEAR = 0.5;
/** From line to line, as a share of the type's height. */
const LEADING = 1.2;
/** The smallest type that is read on a workbench, mm. */
const SMALLEST = 2.3;
/** In how many lines and how much smaller words are tried, best first. */
const WAYS: readonly (readonly [lines: number, share: number])[] = [
  [1, 1],
  [1, 0.85],
  [2, 1],
  [2, 0.85],
  [3, 0.85],
  [1, 0.72],
  [2, 0.72],
  [3, 0.72],
];
/** Places tried along the longer side of the room; none closer than this, mm. */
const STEPS = 60;
const LEAST_STEP = 1.5;

/**
 * Finds words their places: where they would best stand if that is free, else the nearest place that is, in smaller type, in
 * more lines or turned where they must; never over a line, other words, or the edge.
 *
 * @param notes words where they would best stand, the most important first
 * @param lines what they must not lie over
 * @param room where they may stand
 * @example placeWords([note("flap", { x: 1, y: 4 })], [], { x: 0, y: 0, width: 9, height: 9, round: false }).labels.length // 1
 */
export function placeWords(notes: readonly NoteMark[], lines: readonly Mark[], room: WordRoom): PlacedWords {
  const labels: LabelMark[] = [];
  const taken: Rectangle[] = [];
  const homeless: NoteMark[] = [];
  const strokes = lines.flatMap(strokesOf);
  const isFree = (box: Rectangle, own: WordRoom): boolean => {
    const grown = { x: box.x - CLEAR, y: box.y - CLEAR, width: box.width + 2 * CLEAR, height: box.height + 2 * CLEAR };
    return (
      liesIn(grown, own) && taken.every((other) => !overlap(grown, other)) && strokes.every((stroke) => !stroke(grown))
    );
  };
  for (const note of notes) {
    const own = note.within === undefined ? room : { ...common(room, note.within), round: room.round };
    const block = placed(note, own, (box) => isFree(box, own));
    if (block === null) {
      homeless.push(note);
      continue;
    }
    labels.push(...block);
    taken.push(...block.map(labelBox));
  }
  return { labels, homeless };
}

/** The lines of one note in the first place that is free. */
function placed(note: NoteMark, room: WordRoom, isFree: (box: Rectangle) => boolean): readonly LabelMark[] | null {
  const best = labelBox(note);
  const centre = { x: best.x + best.width / 2, y: best.y + best.height / 2 };
  if (isFree(best)) return [withoutRoom(note)];
  const turned = note.turn === 90 ? 90 : 0;
  const near = placesIn(room, centre);
  for (const turn of [turned, 90 - turned]) {
    for (const [count, share] of WAYS) {
      const size = Math.max(SMALLEST, note.size * share);
      if (share < 1 && size === note.size) continue;
      const words = linesOf(note.text, count, size, note.layer);
      if (words === null) continue;
      const block = blockSize(words, size, note.layer, turn);
      if (block.width > room.width || block.height > room.height) continue;
      const at = [centre, ...near].find(({ x, y }) =>
        isFree({ x: x - block.width / 2, y: y - block.height / 2, ...block }),
      );
      if (at !== undefined) return blockAt(withoutRoom(note), words, size, turn, at);
    }
  }
  return null;
}

/** A label as it is drawn: of where it may stand it says nothing more. */
function withoutRoom({ within: _within, ...label }: NoteMark): LabelMark {
  return label;
}

/** A lattice of places, those nearest to a point first. */
function placesIn(room: Rectangle, { x, y }: Point): readonly Point[] {
  const step = Math.max(LEAST_STEP, Math.max(room.width, room.height) / STEPS);
  const [columns, rows] = [Math.floor(room.width / step), Math.floor(room.height / step)];
  const far = (at: Point): number => Math.hypot(at.x - x, at.y - y);
  return Array.from({ length: (columns + 1) * (rows + 1) }, (_, i) => ({
    x: room.x + (i % (columns + 1)) * step,
    y: room.y + Math.floor(i / (columns + 1)) * step,
  })).sort((a, b) => far(a) - far(b));
}

/** Words in so many lines of nearly one length; `null` where there are too few words for it. */
function linesOf(text: string, count: number, size: number, layer: NoteMark["layer"]): readonly string[] | null {
  const whole = textWidth(text, size, layer);
  for (let width = whole / count; width <= whole; width += size) {
    const lines = brokenLines(text, size, width, layer);
    if (lines.length === count) return lines;
    if (lines.length < count) return null;
  }
  return count === 1 ? [text] : null;
}

function blockSize(
  lines: readonly string[],
  size: number,
  layer: NoteMark["layer"],
  turn: number,
): { readonly width: number; readonly height: number } {
  const width = Math.max(...lines.map((line) => textWidth(line, size, layer)));
  const height = size * (1 + LEADING * (lines.length - 1));
  return turn === 0 ? { width, height } : { width: height, height: width };
}

/** The lines of a block round its middle. */
function blockAt(
  note: LabelMark,
  lines: readonly string[],
  size: number,
  turn: number,
  { x, y }: Point,
): readonly LabelMark[] {
  const block = blockSize(lines, size, note.layer, turn);
  return lines.map((text, i): LabelMark => {
    // From the block's first edge to the middle of the letters; see `labelBox`.
    const down = size * (0.42 + LEADING * i);
    const at =
      turn === 0
        ? { x: x - block.width / 2, y: y - block.height / 2 + down }
        : { x: x - block.width / 2 + down, y: y + block.height / 2 };
    return { ...note, text, size, at, anchor: "start", turn };
  });
}

/** Whether a stroke runs through a box. */
type Stroke = (box: Rectangle) => boolean;

function strokesOf(mark: Mark): readonly Stroke[] {
  if (mark.kind === "label") return [];
  if (mark.kind === "circle") return [(box) => crossesCircle(box, mark)];
  const points = mark.closed ? [...mark.points, mark.points[0] as Point] : mark.points;
  return points.slice(1).map((to, i) => (box) => clipPiece(points[i] as Point, to, box) !== null);
}

/** A circle runs through a box that holds points within it and beyond it. */
function crossesCircle(box: Rectangle, { centre, radius }: CircleMark): boolean {
  const near = Math.hypot(
    Math.max(box.x - centre.x, 0, centre.x - box.x - box.width),
    Math.max(box.y - centre.y, 0, centre.y - box.y - box.height),
  );
  const far = Math.hypot(
    Math.max(Math.abs(box.x - centre.x), Math.abs(box.x + box.width - centre.x)),
    Math.max(Math.abs(box.y - centre.y), Math.abs(box.y + box.height - centre.y)),
  );
  return near <= radius && far >= radius;
}

function liesIn(box: Rectangle, room: WordRoom): boolean {
  if (box.x < room.x || box.y < room.y) return false;
  if (box.x + box.width > room.x + room.width || box.y + box.height > room.y + room.height) return false;
  if (!room.round) return true;
  const [x, y, r] = [room.x + room.width / 2, room.y + room.height / 2, room.width / 2];
  const across = Math.max(Math.abs(box.x - x), Math.abs(box.x + box.width - x));
  const high = Math.max(Math.abs(box.y - y), Math.abs(box.y + box.height - y));
  return Math.hypot(across, high) <= r;
}

function overlap(a: Rectangle, b: Rectangle): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}

function common(a: Rectangle, b: Rectangle): Rectangle {
  const [x, y] = [Math.max(a.x, b.x), Math.max(a.y, b.y)];
  return {
    x,
    y,
    width: Math.max(0, Math.min(a.x + a.width, b.x + b.width) - x),
    height: Math.max(0, Math.min(a.y + a.height, b.y + b.height) - y),
  };
}
