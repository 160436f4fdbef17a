import { type LabelMark, label, line, type Mark, rectangle } from "../../basis/drawing/index.ts";

/** Mean width of a letter as a share of its height; of the plain face, measured on our own sentences, rounded up. */
const LETTER = 0.47;

/** Writes lines down a page and remembers how far it has come; mm. */
export interface TextFlow {
  readonly marks: Mark[];
  y: number;
  readonly left: number;
  readonly width: number;
}

/** Words broken into lines that fit a width. */
function brokenLines(words: string, size: number, width: number): readonly string[] {
  const most = Math.max(8, Math.floor(width / (size * LETTER)));
  const lines: string[] = [];
  let current = "";
  for (const word of words.split(" ")) {
    if (current !== "" && current.length + 1 + word.length > most) {
      lines.push(current);
      current = word;
    } else current = current === "" ? word : `${current} ${word}`;
  }
  return [...lines, current];
}

/** A paragraph, with an optional tick box before it. */
export function write(
  flow: TextFlow,
  words: string,
  {
    size = 3.4,
    box = false,
    indent = 0,
    layer = "label",
  }: { size?: number; box?: boolean; indent?: number; layer?: LabelMark["layer"] } = {},
): void {
  const left = flow.left + indent + (box ? 6 : 0);
  if (box) flow.marks.push(rectangle("cut", { x: flow.left + indent, y: flow.y + 0.2, width: 3.2, height: 3.2 }));
  for (const text of brokenLines(words, size, flow.width - (left - flow.left))) {
    flow.marks.push(label(text, { x: left, y: flow.y + size * 0.6 }, size, { anchor: "start", layer }));
    flow.y += size * 1.35;
  }
  flow.y += size * 0.35;
}

/** A stamped heading over a hairline. */
export function heading(flow: TextFlow, words: string): void {
  flow.y += 2;
  flow.marks.push(label(words, { x: flow.left, y: flow.y + 2.5 }, 4.6, { anchor: "start", layer: "stamp" }));
  flow.y += 6;
  flow.marks.push(line("cut", { x: flow.left, y: flow.y }, { x: flow.left + flow.width, y: flow.y }));
  flow.y += 3;
}
