import { line, rectangle } from "../../basis/drawing/index.ts";
import { note, type Part } from "./part.ts";

/** Shutter of electrical tape, mm: strip, folded handle, scrap of backing paper; common practice. */
const SHUTTER = { wide: 19, long: 55, handle: 10, scrap: 15 } as const;
/** Paper tabs that pull a curled sheet out, mm; common practice. */
const TAB = { wide: 12, long: 60, fold: 15 } as const;

/**
 * A plate for a tripod, mm: plywood or steel, with a clear hole for the screw of the smaller thread, 1/4 in, 20 turns to
 * the inch. ISO 1222:2010 (thread 1/4-20 UNC, 6.35 mm across; from memory); the clearance is common practice.
 */
const TRIPOD = { side: 50, hole: 6.6 } as const;

/** The shutter flap. */
export function shutterPart(): Part {
  const { wide, long, handle, scrap } = SHUTTER;
  return {
    id: "shutter",
    name: "Shutter flap: electrical tape",
    width: long,
    height: wide,
    of: "tape",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: long, height: wide }),
      line("trim", { x: handle, y: 0 }, { x: handle, y: wide }),
      rectangle("guide", { x: (long + handle - scrap) / 2, y: (wide - scrap) / 2, width: scrap, height: scrap }),
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

/** Tabs for a sheet that is curled round a wall. */
export function tabParts(): readonly Part[] {
  return [tabPart(1), tabPart(2)];
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
