import type { BuildPlan } from "../plan/index.ts";
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
  readonly name: string;
  /** How much in all, in the unit. */
  readonly amount: number;
  readonly unit: "pieces" | "mm" | "ml";
  /** What it is reckoned from. */
  readonly why: string;
}

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
const HELD_BY: Readonly<Record<string, { readonly name: string; readonly amount: number; readonly why: string }>> = {
  magnets: { name: "Small flat magnets for the sheet", amount: 4, why: "one at each corner of the sheet" },
  strips: { name: "Wide rubber strips", amount: 2, why: "the sheet’s ends slide under them" },
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
    ...times(holeRows(order)),
    ...times(coverRows(plan)),
    ...cardRows(order, each),
    ...times(insideRows(order)),
    ...liningRows(plan, each),
    ...times(outsideRows(plan)),
    ...boardRows(order, count),
  ];
}

function containerRows({ name, container }: BuildPlan): Bill {
  // One that is folded from card is not found: its two squares are on the list.
  if (container.folded !== null) return [];
  return [row("container", name, 1, "the container itself")];
}

/** Sheets of stock: what one gives for several is cut from one. */
function pieceRows({ piece, isWound, purpose, loading, alike }: BuildPlan, each: number): Bill {
  if (isWound) {
    return [
      row("sheet", "Film, one length in its cartridge", each, "pulled across the mask"),
      row("cartridge", "Empty cartridge with a stub of film", each, "the film is wound into it"),
    ];
  }
  const trail = purpose === "trail";
  const chambers = alike > 1 ? 1 : loading.places.length;
  const size = piece.stock.name === null ? "" : `, ${piece.stock.name}`;
  const shared = piece.fromOne > 1 ? `; one sheet gives ${piece.fromOne}` : "";
  return [
    {
      id: "sheet",
      name: trail ? `Semi-matt paper${size}` : `Sheets for the first load${size}`,
      amount: Math.ceil((chambers * each) / piece.fromOne),
      unit: "pieces",
      why: trail
        ? "glossy paper leaves black lines in months-long exposures"
        : `one piece for each picture${shared}${piece.offRoll === null ? SEMI_MATT : ""}`,
    },
  ];
}

const SEMI_MATT = "; semi-matt if you can: glossy paper mirrors light back into the picture";
const TOOLS = { needle: "Needle, pin or drill", pin: "Pin or needle", drill: "Drill" } as const;

function holeRows({ plan, words }: CutOrder): Bill {
  const { tool, count, plate, mount } = plan.hole;
  const square = `${words(plate ?? 0)} square, one for each hole; have a spare`;
  return [
    ...(mount === "bought" && plate !== null
      ? [row("bought-hole", "Bought hole in its plate", count, "one for each hole")]
      : []),
    ...(mount === "plate" && plate !== null ? [row("plate", "Plate blank", count, square)] : []),
    ...(tool === "drill" ? [row("needle", TOOLS.drill, 1, "the size of the hole")] : []),
    ...(tool === "needle" || tool === "pin" ? [row("needle", TOOLS[tool], count, "a fresh point for every hole")] : []),
    ...(tool === "needle"
      ? [row("abrasive", "Fine wet abrasive paper, about 1200 grit", 1, "a piece the size of a stamp")]
      : []),
  ];
}

function coverRows({ cover, hole }: BuildPlan): Bill {
  const { way, count, tape, needsSteel } = cover;
  const flaps = hole.apart === null ? "a shutter flap for each hole" : "one strip over both holes, opened together";
  return [
    ...(tape > 0 ? [row("shutter-tape", "Black electrical tape", tape, flaps, "mm")] : []),
    ...(way === "magnet" ? [row("magnet", "Flat magnet for the hole", count, "one for each hole")] : []),
    ...(needsSteel ? [row("steel", "Flat steel washer", count, "the magnet finds no steel on this wall")] : []),
    ...(way === "stopper" ? [row("stopper", "Lid of a small tube", count, "pressed over the hole")] : []),
  ];
}

/** Parts that are cut from black card: together on sheets of A4, the larger ones by their size. */
function cardRows(order: CutOrder, each: number): Bill {
  const { words } = order;
  const parts = cutParts(order).filter(
    ({ id, of }) => !TEMPLATES.includes(id) && (of === "card" || FOLDED.includes(id)),
  );
  const count = (part: Part): number => (part.count ?? 1) * each;
  const small = parts.filter((part) => goesOn(part, A4));
  const sheets = sheetsFor(small.flatMap((part) => Array.from({ length: count(part) }, () => part)));
  return [
    ...(sheets > 0
      ? [row("card", "Black card, A4", sheets, "parts that are cut from card, laid out on as few sheets as hold them")]
      : []),
    ...parts
      .filter((part) => !small.includes(part))
      .map((part) =>
        row(
          `large-${part.id}`,
          `Black card of ${words(part.width)} × ${words(part.height)} or more`,
          count(part),
          `${part.name}: it does not go on A4`,
        ),
      ),
  ];
}

/** Squares to fold are black card, too. */
const FOLDED: readonly string[] = ["folded-outer", "folded-inner"];

/** How many sheets of A4 hold these pieces. */
function sheetsFor(pieces: readonly { readonly width: number; readonly height: number }[]): number {
  return nest(pieces, A4, KERF).reduce((most, { page }) => Math.max(most, page + 1), 0);
}

function insideRows({ plan: { black, container, holding }, words }: CutOrder): Bill {
  const held = holding === null ? undefined : HELD_BY[holding.by];
  return [
    ...(container.vanes === null
      ? []
      : [row("dowel", `Dowel of ${words(SHAFT)}, a little longer than the drum`, 1, "it turns the vanes")]),
    ...(held === undefined ? [] : [row("holder", held.name, held.amount, held.why)]),
    ...(holding?.by === "magnets" && holding.needsSteel
      ? [row("steel-back", "Tinned steel, a piece as large as the sheet", 1, "the magnets find no steel on this wall")]
      : []),
    ...(black === "paint"
      ? [row("paint", "Flat black paint", container.inside * PAINT_PER_MM2, "two coats inside, lid too", "ml")]
      : []),
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
  return [
    row("lining", "Black lining paper, A4", sheetsFor(all), "walls and lid, laid out on as few sheets as hold them"),
  ];
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
  const said = {
    plate: "plate inside and out on all four sides",
    lid: "lid or seams twice round",
    cap: "cap",
    wrap: "all of it in two layers",
    "own openings": "the straw’s hole and the seam",
  } as const;
  return [
    ...(length > 0
      ? [
          row(
            "black-tape",
            ways.tape === "electrical"
              ? `Black electrical tape, ${seals.map((seal) => seal.of).join(" and ")}`
              : "Black cloth tape",
            length,
            seals.map((seal) => said[seal.of]).join(", "),
            "mm",
          ),
        ]
      : []),
    ...(outside.foot
      ? [
          row(
            "nut",
            "1/4 in nut and a square of plywood or steel",
            1,
            "the foot for a tripod, if it is to stand on one",
          ),
        ]
      : []),
    ...(outside.ties > 0 ? [row("ties", "Long cable ties", outside.ties, "to fix it where it may stay")] : []),
  ];
}

/** What a numbered set is carried on: one board a set. */
function boardRows({ plan, words }: CutOrder, count: number): Bill {
  const { board } = plan.outside;
  if (board === null) return [];
  const each = board.places.length * count;
  return [
    row("board", `Plywood, ${words(board.width)} × ${words(board.height)}`, count, "the board that the set stands on"),
    row("board-magnet", "Flat magnet for the board", each, "one at each cross"),
    row("board-washer", "Steel washer for a cap", each, "the board’s magnets hold it"),
  ];
}

function row(id: BillRow["id"], name: string, amount: number, why: string, unit: BillRow["unit"] = "pieces"): BillRow {
  return { id, name, amount, unit, why };
}
