import { cameraKind, DRILLED_FROM, holeMount, isTrail, PLATE_SIZE, toBlacken } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { capTapeLength } from "./capParts.ts";
import type { CutOrder } from "./order.ts";
import type { Part } from "./part.ts";
import { cutParts } from "./parts.ts";

/** One thing to have at hand. */
export interface BillRow {
  readonly id:
    | "container"
    | `large-${string}`
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
    return tiers * sectors;
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

/** A4, mm (ISO 216): what does not fit on it is asked for by its size. */
const A4 = { long: 297, short: 210 } as const;
/** A shutter's strip, mm; common practice. */
const FLAP = 55;

/**
 * What a number of cameras needs, with amounts. A set counts as many cameras as it has.
 *
 * @param order the camera
 * @param count how many, ≥ 1
 * @returns rows with amounts for all of them
 * @example billOfMaterials(cutOrderFor(box), 2)[0].amount // 2
 */
export function billOfMaterials(order: CutOrder, count: number): Bill {
  const { camera } = order;
  const each = count * (camera.set?.count ?? 1);
  const parts = cutParts(order);
  const rows = [...containerRows(order), ...holeRows(order), ...insideRows(order, parts), ...outsideRows(order, parts)];
  return rows.map((row) => ({
    ...row,
    amount: row.amount * each,
  }));
}

function containerRows({ camera }: CutOrder): Bill {
  const { roll } = camera.chambers[0];
  return [
    { id: "container", name: camera.name, amount: 1, unit: "pieces", why: "the container itself" },
    roll
      ? { id: "sheet", name: "Film, one length", amount: 1, unit: "pieces", why: "pulled across the mask" }
      : {
          id: "sheet",
          name: isTrail(camera) ? "Semi-matt paper, one sheet" : "Sheets for the first load",
          amount: camera.chambers.length,
          unit: "pieces",
          why: isTrail(camera)
            ? "glossy paper leaves black lines in months-long exposures"
            : "one for each picture; semi-matt if you can: glossy paper mirrors light back into the picture",
        },
  ];
}

/** Holes to make: one for each place and tier. */
function holesToMake({ camera }: CutOrder): number {
  return camera.chambers[0].holes.length * shapeOf(camera.container).tiers;
}

function holeRows(order: CutOrder): Bill {
  const mount = holeMount(order.camera);
  if (mount === "bought") return [];
  const holes = holesToMake(order);
  const tool: BillRow = {
    id: "needle",
    name: mount === "wall" ? (order.diameter < DRILLED_FROM ? "Pin or needle" : "Drill") : "Needle, pin or drill",
    amount: 1,
    unit: "pieces",
    why: "a fresh point for every hole",
  };
  const flap: BillRow = {
    id: "shutter-tape",
    name: "Black electrical tape",
    amount: FLAP * holes,
    unit: "mm",
    why: "a shutter flap for each hole",
  };
  if (mount === "wall") return [tool, flap];
  return [
    {
      id: "plate",
      name: "Plate blank",
      amount: holes,
      unit: "pieces",
      why: `${order.words(PLATE_SIZE)} square, one for each hole; have a spare`,
    },
    tool,
    {
      id: "abrasive",
      name: "Fine wet abrasive paper, about 1200 grit",
      amount: 1,
      unit: "pieces",
      why: "a piece the size of a stamp",
    },
    flap,
  ];
}

function insideRows(order: CutOrder, all: readonly Part[]): Bill {
  const { camera, words } = order;
  const parts = all.filter(({ id }) => CARD.includes(id));
  const large = parts.filter(({ width, height }) => !onA4(width, height));
  const small = parts.filter((part) => !large.includes(part)).reduce((sum, part) => sum + cardArea(part, order), 0);
  // What was chosen in building is what is to be had; the usual ways are those of `catalogue/makingQuestions`.
  const { black = "paint" } = camera.making?.choices ?? {};
  const inside = toBlacken(camera) ? shapeOf(camera.container).paintedInside : 0;
  return [
    ...(small > 0
      ? [
          {
            id: "card",
            name: "Black card",
            amount: small * WASTE,
            unit: "mm²",
            why: "parts that are cut from card, with 15 % waste",
          } as const,
        ]
      : []),
    ...large.map(
      (part): BillRow => ({
        id: `large-${part.id}`,
        name: `Black card of ${words(part.width)} × ${words(part.height)} or more`,
        amount: COUNTS[part.id]?.(order) ?? 1,
        unit: "pieces",
        why: `${part.name}: it does not go on A4`,
      }),
    ),
    ...(inside > 0 && black === "paint"
      ? [
          {
            id: "paint",
            name: "Flat black paint",
            amount: inside * PAINT_PER_MM2,
            unit: "ml",
            why: "two coats inside, lid too",
          } as const,
        ]
      : []),
    ...(inside > 0 && black === "paper"
      ? [
          {
            id: "lining",
            name: "Black lining paper",
            amount: inside * WASTE,
            unit: "mm²",
            why: "walls and lid, with 15 % waste",
          } as const,
        ]
      : []),
  ];
}

function outsideRows(order: CutOrder, parts: readonly Part[]): Bill {
  const { camera } = order;
  const mount = holeMount(camera);
  const { tape = "cloth" } = camera.making?.choices ?? {};
  const plateTape = mount === "plate" ? holesToMake(order) * 8 * (PLATE_SIZE + 2 * PAST_PLATE) : 0;
  const cap = parts.some(({ id }) => id === "cap-tape") ? capTapeLength(order) : 0;
  const seal = mount === "bought" && !isTrail(camera) ? 0 : shapeOf(camera.container).sealTape(order.rim);
  const what = [...(plateTape > 0 ? ["plate"] : []), "lid"].join(" and ");
  const tapeRow: BillRow = {
    id: "black-tape",
    name: tape === "electrical" ? `Black electrical tape, ${what}` : "Black cloth tape",
    amount: plateTape + seal + cap,
    unit: "mm",
    why: [
      ...(plateTape > 0 ? ["plate inside and out on all four sides"] : []),
      "lid or seams twice round",
      ...(cap > 0 ? ["cap"] : []),
    ].join(", "),
  };
  return [
    ...(tapeRow.amount > 0 ? [tapeRow] : []),
    ...(isTrail(camera) || kindRecord(cameraKind(camera)).tiedOutside
      ? [
          {
            id: "ties",
            name: "Long cable ties",
            amount: 2,
            unit: "pieces",
            why: "to fix it where it may stay",
          } as const,
        ]
      : []),
  ];
}

function onA4(width: number, height: number): boolean {
  return Math.max(width, height) <= A4.long && Math.min(width, height) <= A4.short;
}

function cardArea(part: Part, order: CutOrder): number {
  return part.width * part.height * (COUNTS[part.id]?.(order) ?? 1);
}
