import type { BuildPlan, Seal, Ways } from "../plan/index.ts";
import type { CutOrder } from "./order.ts";
import { goesOn, nest } from "./pages/nest.ts";
import { cutParts } from "./parts/cutParts.ts";
import { SHAFT } from "./parts/insideParts.ts";
import type { Part } from "./parts/part.ts";

/** One thing to have at hand. */
export interface BillRow {
  readonly id:
    | "container"
    | `large-${string}`
    | "sheet"
    | "plate"
    | "bought-hole"
    | "card"
    | "black-tape"
    | "shutter-tape"
    | "magnet"
    | "steel"
    | "steel-back"
    | "stopper"
    | "holder"
    | "paint"
    | "lining"
    | "abrasive"
    | "needle"
    | "nut"
    | "dowel"
    | "cartridge"
    | "board"
    | "board-magnet"
    | "board-washer"
    | "ties";
  readonly thing: BillThing;
  /** How much in all, in the unit. */
  readonly amount: number;
  readonly unit: "pieces" | "mm" | "ml";
}

/** What is bought or found, with what it is worked out from; lengths in mm. `wording/make/billWords` says it. */
export type BillThing =
  | { readonly code: "container"; readonly name: string }
  /** Sheets for the first load, of this stock; so many from one; whether they come off a roll of film. */
  | { readonly code: "sheets"; readonly stock: string | null; readonly fromOne: number; readonly offRoll: boolean }
  | { readonly code: "trail-sheets"; readonly stock: string | null }
  /** A plate's blank, so long a side. */
  | { readonly code: "plate"; readonly side: number }
  | { readonly code: "point"; readonly tool: "needle" | "pin" }
  /** Tape over each hole, or one strip over two. */
  | { readonly code: "flaps"; readonly shared: boolean }
  /** A part that does not go on A4, by its name. */
  | { readonly code: "large-card"; readonly part: string; readonly width: number; readonly height: number }
  | { readonly code: "dowel"; readonly across: number }
  | { readonly code: "seals"; readonly tape: Ways["tape"]; readonly of: readonly Seal["of"][] }
  | { readonly code: "board"; readonly width: number; readonly height: number }
  | { readonly code: PlainThing };

/** Things of which there is one sort. */
export type PlainThing =
  | "film"
  | "cartridge"
  | "bought-hole"
  | "drill"
  | "abrasive"
  | "hole-magnet"
  | "hole-steel"
  | "stopper"
  | "card"
  | "sheet-magnets"
  | "rubber-strips"
  | "sheet-steel"
  | "paint"
  | "lining"
  | "nut"
  | "ties"
  | "board-magnet"
  | "board-washer";

export type Bill = readonly BillRow[];

/** Parts that are templates on paper, though they are drawn as card: they are stuck on the container, not cut from card. */
const TEMPLATES: readonly string[] = ["face", "wall"];
/** Flat black paint for two coats: 200 ml/m². Common practice. */
const PAINT_PER_MM2 = 200 / 1e6;
/** A4, mm (ISO 216): what does not fit on it is asked for by its size. */
const A4 = { width: 297, height: 210 } as const;
/** Between two parts on a sheet of card, mm; common practice. */
const KERF = 1;
/** Magnets that hold a sheet, strips of rubber, pieces of tinned steel under them. */
const HELD_BY: Readonly<Record<string, { readonly code: PlainThing; readonly amount: number }>> = {
  magnets: { code: "sheet-magnets", amount: 4 },
  strips: { code: "rubber-strips", amount: 2 },
};

/**
 * What a number of cameras needs, with amounts. A set counts as many cameras as it has. Tools and what is used up by the
 * piece are counted once a camera, card by laying all parts out on sheets of A4.
 *
 * @param order the camera
 * @param count how many, ≥ 1
 * @returns rows with amounts for all of them
 * @example billOfMaterials(cutOrderFor(box), 2)[0].amount // 2
 */
export function billOfMaterials(order: CutOrder, count: number): Bill {
  const { plan } = order;
  const each = count * plan.alike;
  const times = (rows: Bill): Bill => rows.map((row) => ({ ...row, amount: row.amount * each }));
  return [
    ...times(containerRows(plan)),
    ...pieceRows(plan, each),
    ...times(holeRows(plan)),
    ...times(coverRows(plan)),
    ...cardRows(order, each),
    ...times(insideRows(plan)),
    ...liningRows(plan, each),
    ...times(outsideRows(plan)),
    ...boardRows(plan, count),
  ];
}

function containerRows({ name, container }: BuildPlan): Bill {
  // One that is folded from card is not found: its two squares are on the list.
  if (container.folded !== null) return [];
  return [row("container", { code: "container", name })];
}

/** Sheets of stock: what one gives for several is cut from one. */
function pieceRows({ piece, isWound, purpose, loading, alike }: BuildPlan, each: number): Bill {
  if (isWound) {
    return [row("sheet", { code: "film" }, each), row("cartridge", { code: "cartridge" }, each)];
  }
  const chambers = alike > 1 ? 1 : loading.places.length;
  const { fromOne, stock } = piece;
  const thing: BillThing =
    purpose === "trail"
      ? { code: "trail-sheets", stock: stock.name }
      : { code: "sheets", stock: stock.name, fromOne, offRoll: piece.offRoll !== null };
  return [row("sheet", thing, Math.ceil((chambers * each) / fromOne))];
}

function holeRows({ hole }: BuildPlan): Bill {
  const { tool, count, plate, mount } = hole;
  return [
    ...(mount === "bought" && plate !== null ? [row("bought-hole", { code: "bought-hole" }, count)] : []),
    ...(mount === "plate" && plate !== null ? [row("plate", { code: "plate", side: plate }, count)] : []),
    ...(tool === "drill" ? [row("needle", { code: "drill" })] : []),
    ...(tool === "needle" || tool === "pin" ? [row("needle", { code: "point", tool }, count)] : []),
    ...(tool === "needle" ? [row("abrasive", { code: "abrasive" })] : []),
  ];
}

function coverRows({ cover, hole }: BuildPlan): Bill {
  const { way, count, tape, needsSteel } = cover;
  return [
    ...(tape > 0 ? [row("shutter-tape", { code: "flaps", shared: hole.apart !== null }, tape, "mm")] : []),
    ...(way === "magnet" ? [row("magnet", { code: "hole-magnet" }, count)] : []),
    ...(needsSteel ? [row("steel", { code: "hole-steel" }, count)] : []),
    ...(way === "stopper" ? [row("stopper", { code: "stopper" }, count)] : []),
  ];
}

/** Parts that are cut from black card: together on sheets of A4, the larger ones by their size. */
function cardRows(order: CutOrder, each: number): Bill {
  const parts = cutParts(order).filter(
    ({ id, of }) => !TEMPLATES.includes(id) && (of === "card" || FOLDED.includes(id)),
  );
  const count = (part: Part): number => (part.count ?? 1) * each;
  const small = parts.filter((part) => goesOn(part, A4));
  const sheets = sheetsFor(small.flatMap((part) => Array.from({ length: count(part) }, () => part)));
  return [
    ...(sheets > 0 ? [row("card", { code: "card" }, sheets)] : []),
    ...parts
      .filter((part) => !small.includes(part))
      .map((part) => {
        const { id, name, width, height } = part;
        return row(`large-${id}`, { code: "large-card", part: name, width, height }, count(part));
      }),
  ];
}

/** Squares to fold are black card, too. */
const FOLDED: readonly string[] = ["folded-outer", "folded-inner"];

/** How many sheets of A4 hold these pieces. */
function sheetsFor(pieces: readonly { readonly width: number; readonly height: number }[]): number {
  return nest(pieces, A4, KERF).reduce((most, { page }) => Math.max(most, page + 1), 0);
}

function insideRows({ black, container, holding }: BuildPlan): Bill {
  const held = holding === null ? undefined : HELD_BY[holding.by];
  return [
    ...(container.vanes === null ? [] : [row("dowel", { code: "dowel", across: SHAFT })]),
    ...(held === undefined ? [] : [row("holder", { code: held.code }, held.amount)]),
    ...(holding?.by === "magnets" && holding.needsSteel ? [row("steel-back", { code: "sheet-steel" })] : []),
    ...(black === "paint" ? [row("paint", { code: "paint" }, container.inside * PAINT_PER_MM2, "ml")] : []),
  ];
}

function liningRows({ black, container }: BuildPlan, each: number): Bill {
  if (black !== "paper") return [];
  const { across, high, depth } = container.body;
  const round = container.round;
  const walls =
    round === null
      ? [
          [across, high],
          [across, high],
          [depth, high],
          [depth, high],
          [across, depth],
          [across, depth],
        ]
      : [
          [Math.PI * round.diameter, round.height],
          [round.diameter, round.diameter],
          [round.diameter, round.diameter],
        ];
  const pieces = walls.flatMap(([width = 0, height = 0]) => onA4({ width, height }));
  const all = Array.from({ length: each }, () => pieces).flat();
  return [row("lining", { code: "lining" }, sheetsFor(all))];
}

/** A wall in pieces that go on A4, the long way along it. */
function onA4({
  width,
  height,
}: {
  readonly width: number;
  readonly height: number;
}): readonly { readonly width: number; readonly height: number }[] {
  const [long, short] = [Math.max(width, height), Math.min(width, height)];
  const [columns, rows] = [Math.ceil(long / A4.width), Math.ceil(short / A4.height)];
  return Array.from({ length: columns * rows }, () => ({ width: long / columns, height: short / rows }));
}

function outsideRows({ seals, outside, ways }: BuildPlan): Bill {
  const length = seals.reduce((sum, seal) => sum + seal.length, 0);
  const of = seals.map((seal) => seal.of);
  return [
    ...(length > 0 ? [row("black-tape", { code: "seals", tape: ways.tape, of }, length, "mm")] : []),
    ...(outside.foot ? [row("nut", { code: "nut" })] : []),
    ...(outside.ties > 0 ? [row("ties", { code: "ties" }, outside.ties)] : []),
  ];
}

/** What a numbered set is carried on: one board a set. */
function boardRows({ outside }: BuildPlan, count: number): Bill {
  const { board } = outside;
  if (board === null) return [];
  const { width, height, places } = board;
  return [
    row("board", { code: "board", width, height }, count),
    row("board-magnet", { code: "board-magnet" }, places.length * count),
    row("board-washer", { code: "board-washer" }, places.length * count),
  ];
}

function row(id: BillRow["id"], thing: BillThing, amount = 1, unit: BillRow["unit"] = "pieces"): BillRow {
  return { id, thing, amount, unit };
}
