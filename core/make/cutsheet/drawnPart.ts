import {
  type LabelMark,
  label,
  labelBox,
  type Mark,
  type Rectangle,
  type Scene,
  textWidth,
} from "../../basis/drawing/index.ts";
import { clipped, isInside } from "./pages/clip.ts";
import { placeWords } from "./pages/placeWords.ts";
import type { NoteMark, Part } from "./parts/part.ts";

/** Type of a part's name, and from line to line beside a part, mm. */
const NAME = 3;
const LINE = 4.2;
/** From a part's edge to the words outside of it, mm. */
const AWAY = 1.5;
/** Less than this is no difference, mm. */
const EXACT = 1e-6;

/**
 * A part as it is drawn: every word where it lies over nothing, the part's name and what found no room on it outside of its
 * edge.
 *
 * @returns marks at true size with the part's top left corner at (0, 0), and how far they reach, mm
 * @example drawnPart(tab).bounds.height > tab.height // true: its name stands below
 */
export function drawnPart(part: Part): Scene {
  const { lines, notes } = parted(part);
  const { labels, homeless } = placeWords(notes, lines, roomOf(part));
  const outside = wordsOutside(part, homeless);
  const reach = [{ x: 0, y: 0, width: part.width, height: part.height }, ...outside.map(labelBox)];
  return { bounds: around(reach), marks: [...lines, ...labels, ...outside] };
}

/** Words and what they must not lie over; a line that runs beyond the part (a plate wider than its lid) ends at its edge. */
export function parted({ width, height, marks }: Part): {
  readonly lines: readonly Mark[];
  readonly notes: readonly NoteMark[];
} {
  const piece = { x: -EXACT, y: -EXACT, width: width + 2 * EXACT, height: height + 2 * EXACT };
  const lines = marks.filter(({ kind }) => kind !== "label");
  return {
    lines: lines.flatMap((mark) => (isInside(mark, piece) ? [mark] : clipped([mark], piece))),
    notes: marks.filter((mark): mark is NoteMark => mark.kind === "label"),
  };
}

/** Where on a part words may stand: within its edge, a disc's being round. */
function roomOf({ width, height, marks }: Part) {
  const round = marks.some(
    (mark) => mark.kind === "circle" && mark.layer === "cut" && Math.abs(2 * mark.radius - width) < 1e-6,
  );
  return { x: 0, y: 0, width, height, round };
}

/** Below a part, or beside one that is low: its name, then what found no room on it. */
function wordsOutside({ name, width, height }: Part, homeless: readonly NoteMark[]): readonly LabelMark[] {
  const words = [
    { text: name, layer: "stamp" } as const,
    ...homeless.map(({ text, layer }) => ({ text, layer: layer === "stamp" ? layer : ("label" as const) })),
  ];
  const wide = Math.max(...words.map(({ text, layer }) => textWidth(text, NAME, layer)));
  const tall = AWAY + words.length * LINE;
  const below = Math.max(width, wide) * (height + tall);
  const beside = (width + 2 * AWAY + wide) * Math.max(height, tall);
  const from = beside < below ? { x: width + 2 * AWAY, y: 0.5 * LINE } : { x: 0, y: height + AWAY + 0.5 * LINE };
  return words.map(({ text, layer }, i) =>
    label(text, { x: from.x, y: from.y + i * LINE }, NAME, { anchor: "start", layer }),
  );
}

function around(boxes: readonly Rectangle[]): Rectangle {
  const [x, y] = [Math.min(...boxes.map((box) => box.x)), Math.min(...boxes.map((box) => box.y))];
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}
