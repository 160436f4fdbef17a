import { brokenLines, type LabelMark, label, line, type Mark, rectangle } from "../../basis/drawing/index.ts";

/** Writes lines down a page and remembers how far it has come; mm. */
export interface TextFlow {
  readonly marks: Mark[];
  y: number;
  readonly left: number;
  readonly width: number;
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
  if (box) flow.marks.push(rectangle("mark", { x: flow.left + indent, y: flow.y + 0.2, width: 3.2, height: 3.2 }));
  for (const text of brokenLines(words, size, flow.width - (left - flow.left), layer)) {
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
  flow.marks.push(line("mark", { x: flow.left, y: flow.y }, { x: flow.left + flow.width, y: flow.y }));
  flow.y += 3;
}
