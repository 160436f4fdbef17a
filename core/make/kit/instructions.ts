import { type Mark, moved, type Rectangle, scaled } from "../../basis/drawing/index.ts";
import type { Part } from "../cutsheet/index.ts";
import type { BuildStep } from "../steps/index.ts";
import { type TextFlow, write } from "./textPage.ts";

/** Letter heights tried, mm: the largest with which all steps find room on one page is taken. */
const LETTERS = [3.8, 3.5, 3.2, 3, 2.8, 2.6, 2.4, 2.2] as const;
const SMALLEST = 2.2;
/** Side of a step's picture, the least height of a step that has one, air below each step and between columns, mm. */
const PICTURE = 20;
const PICTURED = 16;
const AIR = { below: 2, between: 4 } as const;

/**
 * Every step with its picture, its measure and its caution, on one page if letters of 2.2 mm can do it, else on more.
 *
 * @param room the part of a page that is free, mm
 * @returns marks of each page
 */
export function instructions(
  steps: readonly BuildStep[],
  parts: readonly Part[],
  room: Rectangle,
): readonly (readonly Mark[])[] {
  for (const size of LETTERS) {
    for (const columns of [1, 2]) {
      const filled = inColumns(steps, parts, room, size, columns);
      if (filled.length <= columns || (size === SMALLEST && columns === 2)) return pagesOf(filled, columns);
    }
  }
  return [];
}

function pagesOf(filled: readonly (readonly Mark[])[], columns: number): readonly (readonly Mark[])[] {
  return Array.from({ length: Math.ceil(filled.length / columns) }, (_, page) =>
    filled.slice(page * columns, (page + 1) * columns).flat(),
  );
}

/** The steps down as many columns as they need, each where it stands on its page. */
function inColumns(
  steps: readonly BuildStep[],
  parts: readonly Part[],
  room: Rectangle,
  size: number,
  columns: number,
): readonly (readonly Mark[])[] {
  const wide = (room.width + AIR.between) / columns;
  const filled: Mark[][] = [];
  // Below every page: the first step opens the first column.
  let y = Number.POSITIVE_INFINITY;
  for (const [index, step] of steps.entries()) {
    const part = parts.find(({ id }) => id === step.part);
    const column = Math.max(0, filled.length - 1);
    let drawn = stepMarks(
      step,
      index + 1,
      part,
      { x: room.x + (column % columns) * wide, y },
      wide - AIR.between,
      size,
    );
    if (!(drawn.end <= room.y + room.height)) {
      const at = { x: room.x + (filled.length % columns) * wide, y: room.y };
      drawn = stepMarks(step, index + 1, part, at, wide - AIR.between, size);
      filled.push([]);
    }
    filled[filled.length - 1]?.push(...drawn.marks);
    y = drawn.end + AIR.below;
  }
  return filled;
}

function stepMarks(
  step: BuildStep,
  number: number,
  part: Part | undefined,
  at: { readonly x: number; readonly y: number },
  width: number,
  size: number,
): { readonly marks: readonly Mark[]; readonly end: number } {
  const beside = part === undefined ? 0 : PICTURE + 3;
  const flow: TextFlow = { marks: [], y: at.y, left: at.x + beside, width: width - beside };
  write(flow, `${number}  ${step.title}`, { size: size + 0.6, layer: "stamp" });
  write(flow, step.what, { size });
  if (step.caution !== null) write(flow, `Careful: ${step.caution}`, { size, layer: "stamp" });
  if (part === undefined) return { marks: flow.marks, end: flow.y };
  return { marks: [...flow.marks, ...picture(part, at.x, at.y)], end: Math.max(flow.y, at.y + PICTURED) };
}

/** A part in small, without its words. */
function picture(part: Part, x: number, y: number): readonly Mark[] {
  const factor = Math.min(PICTURE / part.width, PICTURED / part.height);
  const lines = part.marks.filter(({ kind, layer }) => kind !== "label" && layer !== "dimension");
  return moved(scaled(lines, factor), x, y);
}
