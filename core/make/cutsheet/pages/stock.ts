import { type Mark, rectangle } from "../../../basis/drawing/index.ts";
import { drawnPart } from "../drawnPart.ts";
import type { Part, PartMaterial } from "../parts/part.ts";
import { placedAt } from "./layOut.ts";
import { goesOn, nest } from "./nest.ts";

/** What a cutter cuts from: sheets of one material and size, mm. */
export interface StockSheet {
  readonly of: PartMaterial;
  readonly width: number;
  readonly height: number;
}

/** Parts of one material on sheets of stock. */
export interface StockPlan {
  /** Sheets side by side from left to right, their outlines on the `guide` layer, the parts in them; mm. */
  readonly marks: readonly Mark[];
  readonly sheets: number;
  /** Parts on them, in the camera's order. */
  readonly parts: readonly Part[];
  /** Parts of that material that are larger than a sheet. */
  readonly tooLarge: readonly Part[];
}

/** Between two parts, at the stock's edge, and between two sheets in the drawing, mm; common practice of laser cutters. */
const GAP = 5;
const EDGE = 5;
const APART = 20;

/** The materials that parts are of, each once, in the parts' order. */
export function materialsOf(parts: readonly Part[]): readonly PartMaterial[] {
  return [...new Set(parts.map(({ of }) => of))];
}

/**
 * Lays the parts of one material out on as few sheets of stock as can be managed, turned where that helps; each as often as
 * a camera needs it.
 *
 * @param parts at true size, mm; those of other materials are passed over
 * @param stock sheet to cut from, mm
 * @returns every part of the material, on a sheet or among those that are too large
 * @example onStock(cutParts(cutOrderFor(box)), { of: "card", width: 600, height: 400 }).sheets // 1
 */
export function onStock(parts: readonly Part[], { of, width, height }: StockSheet): StockPlan {
  const mine = parts
    .filter((part) => part.of === of)
    .flatMap((part) => {
      const drawn = { part, scene: drawnPart(part) };
      return Array.from({ length: part.count ?? 1 }, () => drawn);
    });
  const room = { width: width - 2 * EDGE, height: height - 2 * EDGE };
  const fits = ({ scene }: (typeof mine)[number]): boolean => goesOn(scene.bounds, room);
  const held = mine.filter(fits);
  const placed = nest(
    held.map(({ scene }) => scene.bounds),
    room,
    GAP,
  );
  const sheets = placed.reduce((most, { page }) => Math.max(most, page + 1), 0);
  const left = (sheet: number): number => sheet * (width + APART);
  return {
    marks: [
      ...Array.from({ length: sheets }, (_, i) => rectangle("guide", { x: left(i), y: 0, width, height })),
      ...placed.flatMap(({ index, page, x, y, turned }) =>
        placedAt((held[index] as (typeof held)[number]).scene, { x: left(page) + EDGE + x, y: EDGE + y }, turned),
      ),
    ],
    sheets,
    parts: held.map(({ part }) => part),
    tooLarge: [...new Set(mine.filter((each) => !fits(each)).map(({ part }) => part))],
  };
}
