import type { Bill, BillThing } from "../../core/make/cutsheet/index.ts";
import type { KitRow } from "../../core/make/kit/index.ts";
import type { LengthWords, Seal } from "../../core/make/plan/index.ts";
import { type Sayings, say } from "../sayings.ts";

/** One thing to have at hand, as a list shows it. */
export interface SaidRow extends KitRow {
  readonly id: string;
}

/**
 * What a camera needs, in words.
 *
 * @param words writes lengths in the maker's unit
 */
export function saidBill(bill: Bill, words: LengthWords): readonly SaidRow[] {
  return bill.map((row) => ({ id: row.id, ...say(THINGS, row.thing, words), amount: amountWords(row, words) }));
}

type Named = Pick<SaidRow, "name" | "why">;

const THINGS: Sayings<BillThing, Named> = {
  container: ({ name }) => ({ name, why: "the container itself" }),
  film: () => ({ name: "Film, one length in its cartridge", why: "pulled across the mask" }),
  cartridge: () => ({ name: "Empty cartridge with a stub of film", why: "the film is wound into it" }),
  sheets: ({ stock, fromOne, offRoll }) => ({
    name: ofStock("Sheets for the first load", stock),
    why: `one piece for each picture${fromOne > 1 ? `; one sheet gives ${fromOne}` : ""}${
      offRoll ? "" : "; semi-matt if you can: glossy paper mirrors light back into the picture"
    }`,
  }),
  "trail-sheets": ({ stock }) => ({
    name: ofStock("Semi-matt paper", stock),
    why: "glossy paper leaves black lines in months-long exposures",
  }),
  "bought-hole": () => ({ name: "Bought hole in its plate", why: "one for each hole" }),
  plate: ({ side }, words) => ({ name: "Plate blank", why: `${words(side)} square, one for each hole; have a spare` }),
  drill: () => ({ name: "Drill", why: "the size of the hole" }),
  point: ({ tool }) => ({
    name: tool === "pin" ? "Pin or needle" : "Needle, pin or drill",
    why: "a fresh point for every hole",
  }),
  abrasive: () => ({ name: "Fine wet abrasive paper, about 1200 grit", why: "a piece the size of a stamp" }),
  flaps: ({ shared }) => ({
    name: "Black electrical tape",
    why: shared ? "one strip over both holes, opened together" : "a shutter flap for each hole",
  }),
  "hole-magnet": () => ({ name: "Flat magnet for the hole", why: "one for each hole" }),
  "hole-steel": () => ({ name: "Flat steel washer", why: "the magnet finds no steel on this wall" }),
  stopper: () => ({ name: "Lid of a small tube", why: "pressed over the hole" }),
  card: () => ({
    name: "Black card, A4",
    why: "parts that are cut from card, laid out on as few sheets as hold them",
  }),
  "large-card": ({ part, width, height }, words) => ({
    name: `Black card of ${words(width)} × ${words(height)} or more`,
    why: `${part}: it does not go on A4`,
  }),
  dowel: ({ across }, words) => ({
    name: `Dowel of ${words(across)}, a little longer than the drum`,
    why: "it turns the vanes",
  }),
  "sheet-magnets": () => ({ name: "Small flat magnets for the sheet", why: "one at each corner of the sheet" }),
  "rubber-strips": () => ({ name: "Wide rubber strips", why: "the sheet’s ends slide under them" }),
  "sheet-steel": () => ({
    name: "Tinned steel, a piece as large as the sheet",
    why: "the magnets find no steel on this wall",
  }),
  paint: () => ({ name: "Flat black paint", why: "two coats inside, lid too" }),
  lining: () => ({ name: "Black lining paper, A4", why: "walls and lid, laid out on as few sheets as hold them" }),
  seals: ({ tape, of }) => ({
    name: tape === "electrical" ? `Black electrical tape, ${of.join(" and ")}` : "Black cloth tape",
    why: of.map((seal) => SEALED[seal]).join(", "),
  }),
  nut: () => ({
    name: "1/4 in nut and a square of plywood or steel",
    why: "the foot for a tripod, if it is to stand on one",
  }),
  ties: () => ({ name: "Long cable ties", why: "to fix it where it may stay" }),
  board: ({ width, height }, words) => ({
    name: `Plywood, ${words(width)} × ${words(height)}`,
    why: "the board that the set stands on",
  }),
  "board-magnet": () => ({ name: "Flat magnet for the board", why: "one at each cross" }),
  "board-washer": () => ({ name: "Steel washer for a cap", why: "the board’s magnets hold it" }),
};

const SEALED: Readonly<Record<Seal["of"], string>> = {
  plate: "plate inside and out on all four sides",
  lid: "lid or seams twice round",
  cap: "cap",
  wrap: "all of it in two layers",
  "own openings": "the straw’s hole and the seam",
};

function ofStock(name: string, stock: string | null): string {
  return stock === null ? name : `${name}, ${stock}`;
}

function amountWords({ amount, unit }: Bill[number], words: LengthWords): string {
  switch (unit) {
    case "pieces":
      return amount === 1 ? "1" : String(Math.ceil(amount));
    case "mm":
      return amount >= 1000 ? words(amount, "far") : words(amount, 0);
    case "ml":
      return `${Math.max(1, Number(amount.toPrecision(2)))} ml`;
    default:
      return unit satisfies never;
  }
}
