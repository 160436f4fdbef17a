import { cameraKind, PLATE_SIZE } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import type { CutOrder } from "./order.ts";
import type { Part } from "./part.ts";
import { cutParts } from "./parts.ts";

/** One thing to have at hand. */
export interface BillRow {
  readonly id:
    | "container"
    | "sheet"
    | "plate"
    | "card"
    | "black-tape"
    | "shutter-tape"
    | "paint"
    | "lining"
    | "abrasive"
    | "needle"
    | "ties";
  readonly name: string;
  /** How much in all, in the unit. */
  readonly amount: number;
  readonly unit: "pieces" | "mm" | "mm²" | "ml";
  /** What it is reckoned from. */
  readonly why: string;
}

export type Bill = readonly BillRow[];

/** Parts that are cut from card. */
const CARD: readonly string[] = [
  "divider",
  "vane",
  "disc",
  "baffle",
  "mask",
  "cap-collar",
  "cap-disc",
  "folded-outer",
  "folded-inner",
];
/** How many of a part a camera needs, where it is not one. */
const COUNTS: Readonly<Record<string, (order: CutOrder) => number>> = {
  vane: ({ camera }) => {
    const { tiers = 1, sectors = 1 } = shapeOf(camera.container).vanes ?? {};
    return tiers * (sectors % 2 === 0 ? sectors / 2 : sectors);
  },
  disc: ({ camera }) => shapeOf(camera.container).tiers + 1,
  baffle: ({ camera }) => 2 * shapeOf(camera.container).tiers,
};
/** Tape past a plate's corners on each strip, mm; common practice. */
const PAST_PLATE = 12;
/** Flat black paint for two coats: 200 ml/m². Common practice. */
const PAINT_PER_MM2 = 200 / 1e6;
/** Share of card lost in cutting; common practice. */
const WASTE = 1.15;

/**
 * What a number of cameras needs, with amounts.
 *
 * @param order the camera
 * @param count how many, ≥ 1
 * @returns rows with amounts for all of them
 */
export function billOfMaterials(order: CutOrder, count: number): Bill {
  const { camera } = order;
  const parts = cutParts(order);
  const holes = camera.chambers[0].holes.length;
  const sheets = camera.chambers.length * (camera.chambers[0].roll ? 0 : 1);
  const card = parts.filter(({ id }) => CARD.includes(id)).reduce((sum, part) => sum + cardArea(part, order), 0);
  const plateTape = holes * 8 * (PLATE_SIZE + 2 * PAST_PLATE);
  // What was chosen in building is what is to be had; the usual ways are those of `catalogue/makingQuestions`.
  const { black = "paint", tape = "cloth" } = camera.making?.choices ?? {};
  const { sealTape, paintedInside } = shapeOf(camera.container);
  const inside = camera.container.insideBlack === false ? 0 : paintedInside;
  const row = (id: BillRow["id"], name: string, amount: number, unit: BillRow["unit"], why: string): BillRow => ({
    id,
    name,
    amount: amount * count,
    unit,
    why,
  });
  return [
    row("container", camera.name, 1, "pieces", "the container itself"),
    row("plate", "Plate blank", holes, "pieces", `${PLATE_SIZE} mm square, one for each hole; have a spare`),
    row("needle", "Needle, pin or drill", 1, "pieces", "a fresh point for every hole"),
    row("abrasive", "Fine wet abrasive paper, about 1200 grit", 1, "pieces", "a piece the size of a stamp"),
    ...(sheets > 0
      ? [row("sheet", "Sheets for the first load", sheets, "pieces", "one a chamber")]
      : [row("sheet", "Film, one length", 1, "pieces", "pulled across the mask")]),
    ...(card > 0
      ? [row("card", "Black card", card * WASTE, "mm²", "parts that are cut from card, with 15 % waste")]
      : []),
    row(
      "black-tape",
      tape === "electrical" ? "Black electrical tape, plate and lid" : "Black cloth tape",
      plateTape + sealTape(order.rim) + capTape(parts),
      "mm",
      "plate inside and out on all four sides, lid or seams twice round, cap",
    ),
    row("shutter-tape", "Black electrical tape", 55 * holes, "mm", "the shutter flap"),
    ...(inside > 0 && black === "paint"
      ? [row("paint", "Flat black paint", inside * PAINT_PER_MM2, "ml", "two coats inside, lid too")]
      : []),
    ...(inside > 0 && black === "paper"
      ? [row("lining", "Black lining paper", inside * WASTE, "mm²", "walls and lid, with 15 % waste")]
      : []),
    ...(kindRecord(cameraKind(camera)).tiedOutside
      ? [row("ties", "Long cable ties", 2, "pieces", "to fix it where it may stay")]
      : []),
  ];
}

function cardArea(part: Part, order: CutOrder): number {
  return part.width * part.height * (COUNTS[part.id]?.(order) ?? 1);
}

function capTape(parts: readonly Part[]): number {
  const tape = parts.find(({ id }) => id === "cap-tape");
  return tape === undefined ? 0 : 4 * tape.width;
}
