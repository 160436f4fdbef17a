import { line, outline, rectangle } from "../../../basis/drawing/index.ts";
import { type BuildPlan, FLAP } from "../../plan/index.ts";
import type { CutOrder } from "../order.ts";
import { board, many } from "./insideParts.ts";
import { note, type Part } from "./part.ts";

/** Paper tabs that pull a curled sheet out, mm; common practice. */
const TAB = { wide: 12, long: 60, fold: 15 } as const;

/**
 * A plate for a tripod, mm: plywood or steel, with a clear hole for the screw of the smaller thread, 1/4 in, 20 turns to
 * the inch. ISO 1222:2010 (thread 1/4-20 UNC, 6.35 mm across; from memory); the clearance is common practice.
 */
const TRIPOD = { side: 50, hole: 6.6 } as const;

/** What covers the hole, where it is cut: a flap of tape, or a slide of card with its rails. */
export function shutterPart({ plan, words }: CutOrder): readonly Part[] {
  const { way } = plan.cover;
  if (way === "tape" || way === "thumb") return [tapeFlap(plan)];
  if (way !== "slide") return [];
  const { wide } = FLAP;
  const { long } = plan.cover;
  return [
    board("shutter", "Slide, and two rails for it: card", long, wide + 2 * RAIL, [
      line("cut", { x: 0, y: RAIL }, { x: long, y: RAIL }),
      line("cut", { x: 0, y: wide + RAIL }, { x: long, y: wide + RAIL }),
      note(`slide ${words(long)} × ${words(wide)}`, { x: long / 2, y: wide / 2 + RAIL }, { anchor: "middle" }),
    ]),
  ];
}

/** Width of a rail, mm; common practice. */
const RAIL = 6;

function tapeFlap({ cover, hole }: BuildPlan): Part {
  const { wide, handle, scrap } = FLAP;
  const { long } = cover;
  const middle = (long + handle) / 2;
  const scraps = hole.apart === null ? [middle] : [middle - hole.apart / 2, middle + hole.apart / 2];
  return {
    id: "shutter",
    name: "Shutter flap: electrical tape",
    width: long,
    height: wide,
    of: "tape",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: long, height: wide }),
      line("trim", { x: handle, y: 0 }, { x: handle, y: wide }),
      ...scraps.map((x) =>
        rectangle("guide", { x: x - scrap / 2, y: (wide - scrap) / 2, width: scrap, height: scrap }),
      ),
      note(
        "fold under",
        { x: handle / 2, y: wide / 2 },
        { turn: 90, anchor: "middle", within: { x: 0, y: 0, width: handle, height: wide } },
      ),
      note("square: black backing paper, facing the hole", { x: long / 2, y: wide + 4 }),
    ],
  };
}

/** A plate for what is large enough to stand on a tripod. */
export function tripodPart(): Part {
  const { side, hole } = TRIPOD;
  const middle = { x: side / 2, y: side / 2 };
  return {
    id: "tripod",
    name: "Foot for a tripod: plywood or steel",
    width: side,
    height: side,
    of: "plywood",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: side, height: side }),
      { kind: "circle", layer: "cut", centre: middle, radius: hole / 2 },
      line("guide", { x: middle.x, y: 12 }, { x: middle.x, y: side - 10 }),
      line("guide", { x: 0, y: middle.y }, { x: side, y: middle.y }),
      note("1/4-20 nut (ISO 1222)", { x: middle.x, y: 8 }, { anchor: "middle", size: 2.8 }),
      note("glue it under the camera", { x: middle.x, y: side - 6 }, { anchor: "middle", size: 2.8 }),
    ],
  };
}

/** Tabs for a sheet that stands on a wall. */
export function tabParts({ plan }: CutOrder): readonly Part[] {
  return plan.holding === null ? [] : [tabPart(1), tabPart(2)];
}

/** How far a gauge reaches past the film to be held by, and its stop, mm; common practice. */
const GAUGE = { hold: 20, stop: 6 } as const;

/** For film that is cut in the dark: as long as the piece, with a stop to feel the film's end against. */
export function gaugePart({ plan, words }: CutOrder): readonly Part[] {
  const { offRoll, height } = plan.piece;
  if (offRoll === null) return [];
  const [long, wide] = [offRoll + GAUGE.stop, height + GAUGE.hold];
  return [
    board("gauge", "Gauge to cut the film by: stiff card, two layers", long, wide, [
      rectangle("guide", { x: 0, y: 0, width: GAUGE.stop, height: wide }),
      note("stop", { x: GAUGE.stop / 2, y: wide / 2 }, { turn: 90, anchor: "middle" }),
      note(`film ${words(offRoll)} from the stop to this end: cut along it`, { x: long - 2, y: 5 }, { anchor: "end" }),
      note(
        "glue a strip of card on the stop, to feel the film’s end by",
        { x: GAUGE.stop + 2, y: wide - 4 },
        { size: 2.4 },
      ),
    ]),
  ];
}

/** A liner's tab, past the sheet's edge, mm; common practice. */
const TAB_OF_LINER = 20;
/** How deep a stop is, its flap included, mm; common practice. */
const STOP = 18;

/** What is cut to hold the sheet: wedges and a board to lean on, stops to bow between, liners for a drum's chambers. */
export function holderParts({ plan, words }: CutOrder): readonly Part[] {
  const { holding, container } = plan;
  switch (holding?.by) {
    case "a sloped back": {
      const { high, long, wide } = holding;
      const foot = Math.sqrt(Math.max(0, long ** 2 - high ** 2));
      return [
        {
          id: "slope",
          name: "Wedge of the sloped back: two",
          count: 2,
          width: foot,
          height: high,
          of: "card",
          marks: [
            outline("cut", [
              { x: 0, y: high },
              { x: foot, y: high },
              { x: foot, y: 0 },
            ]),
            note(`${words(long)} along the slope, ${words(high)} at its end`, { x: foot / 2, y: high + 4 }),
          ],
        },
        board("slope-board", "Board of the sloped back", long, wide, [
          note("the sheet lies on it", { x: long / 2, y: wide / 2 }, { anchor: "middle" }),
        ]),
      ];
    }
    case "stops": {
      const { high } = container.body;
      return [
        many(2, "stop", () => "Stop at the sheet’s end: two", STOP, high, [
          line("trim", { x: STOP / 2, y: 0 }, { x: STOP / 2, y: high }),
          note(
            `${words(holding.forward)} before the back`,
            { x: STOP / 4, y: high / 2 },
            { turn: 90, anchor: "middle", within: { x: 0, y: 0, width: STOP / 2, height: high } },
          ),
        ]),
      ];
    }
    case "a liner a chamber": {
      const [wide, high] = [holding.wide, holding.high + TAB_OF_LINER];
      return [
        many(holding.chambers, "liner", (count) => `Liner of a chamber: ${count} in all`, wide, high, [
          line("guide", { x: 0, y: TAB_OF_LINER }, { x: wide, y: TAB_OF_LINER }),
          note("tab to pull it out by", { x: wide / 2, y: TAB_OF_LINER / 2 }, { anchor: "middle" }),
          note("the sheet is taped on here", { x: wide / 2, y: high / 2 }, { anchor: "middle" }),
        ]),
      ];
    }
    default:
      return [];
  }
}

function tabPart(number: number): Part {
  return {
    id: `tab-${number}`,
    name: `Paper tab ${number}`,
    width: TAB.long,
    height: TAB.wide,
    of: "paper",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: TAB.long, height: TAB.wide }),
      line("trim", { x: TAB.fold, y: 0 }, { x: TAB.fold, y: TAB.wide }),
      note("fold round the sheet’s edge", { x: TAB.fold + 2, y: TAB.wide / 2 }),
    ],
  };
}
