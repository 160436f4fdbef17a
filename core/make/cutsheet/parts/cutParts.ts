import { dimension, line, type Mark, outline, type Point, rectangle } from "../../../basis/drawing/index.ts";
import type { PartName } from "../../plan/index.ts";
import type { CutOrder } from "../order.ts";
import { capParts } from "./capParts.ts";
import { cardParts } from "./cards.ts";
import { foldedParts } from "./foldedParts.ts";
import { gaugePart, holderParts, shutterPart, tabParts, tripodPart } from "./holderParts.ts";
import { dividerPart, drumParts, maskPart } from "./insideParts.ts";
import { type Part, TEXT, note as text } from "./part.ts";
import { trayParts } from "./trayPart.ts";

const CROSS = 5;
/** Overlap of a wrapped template, mm. */
const TAB = 12;

/** Width of the tape that holds the plate, on each of its sides, mm; common practice. */
const TAPE = 12;

/** How each part a kind may have is drawn; what the plan has no need of is left out. */
const PARTS: Readonly<Record<PartName, (order: CutOrder) => readonly Part[]>> = {
  folded: foldedParts,
  face: (order) => (order.plan.isBuilt ? [facePart(order)] : []),
  wall: (order) => (order.plan.isBuilt ? [unrolledWall(order)] : []),
  plate: (order) => (order.plan.hole.mount === "plate" && order.plan.hole.plate !== null ? [plateBlank(order)] : []),
  sheet: (order) => [sheetPart(order), ...gaugePart(order), ...holderParts(order)],
  divider: dividerPart,
  drum: drumParts,
  mask: (order) => [maskPart(order)],
  shutter: shutterPart,
  tripod: ({ plan }) => (plan.outside.foot ? [tripodPart()] : []),
  tabs: tabParts,
  cap: capParts,
  cards: (order) => [...trayParts(order), ...cardParts(order)],
};

/**
 * All parts of a camera, as its plan has them: outside, plate, sheet, inside, shutter and tabs, cap, cards to stick on.
 *
 * @returns parts with their marks at true size, mm
 * @example cutParts(cutOrderFor(box))[0].id // "face"
 */
export function cutParts(order: CutOrder): readonly Part[] {
  return order.plan.parts.flatMap((name) => PARTS[name](order));
}

function facePart(order: CutOrder): Part {
  const { plan, words } = order;
  const holes = plan.hole.places;
  const { across: width, high: height, face } = plan.container.body;
  // The template lies on the outside of the front, which is seen from the other side: left and right change places.
  const places = holes.map(({ x, y }): Point => ({ x: width / 2 - x, y: height / 2 - y }));
  const centred = holes.length === 1 && holes[0]?.x === 0 && holes[0]?.y === 0;
  const corners: readonly Point[] = [
    { x: 0, y: 0 },
    { x: width, y: height },
    { x: width, y: 0 },
    { x: 0, y: height },
  ];
  const round = face === "disc";
  const name = round ? "Lid of the can, outside" : "Front of the box, outside";
  return {
    id: "face",
    name,
    width,
    height,
    of: "card",
    marks: [
      round
        ? { kind: "circle", layer: "cut", centre: { x: width / 2, y: height / 2 }, radius: width / 2 }
        : rectangle("cut", { x: 0, y: 0, width, height }),
      ...(centred && !round ? [line("guide", ...corners.slice(0, 2)), line("guide", ...corners.slice(2))] : []),
      ...places.flatMap((at, hole) => holeMarks(order, at, hole)),
      text(round ? `${words(width)} across (inner size)` : `${words(width)} × ${words(height)} (inner size)`, {
        x: round ? width / 2 - 24 : 4,
        y: height - (round ? 12 : 4),
      }),
      text("TOP", { x: width / 2, y: 4 }, { anchor: "middle", layer: "stamp" }),
    ],
  };
}

function unrolledWall(order: CutOrder): Part {
  const { words } = order;
  const { container, hole: holes, piece } = order.plan;
  const [hole] = holes.places;
  const round = Math.PI * ((container.round?.diameter ?? 0) + 2 * container.wall);
  const tier = container.body.high;
  const height = tier * container.tiers;
  const levels = Array.from({ length: container.tiers }, (_, i) => tier * (i + 0.5));
  const sheetTop = tier / 2 - piece.y - piece.height / 2;
  return {
    id: "wall",
    name: "Wall, unrolled: wrap it round the outside",
    width: round + TAB,
    height,
    of: "card",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: round + TAB, height }),
      line("trim", { x: round, y: 0 }, { x: round, y: height }),
      line("guide", { x: round / 2, y: 0 }, { x: round / 2, y: height }),
      ...(piece.isOnWall
        ? [
            line("guide", { x: 0, y: sheetTop }, { x: round, y: sheetTop }),
            line("guide", { x: 0, y: sheetTop + piece.height }, { x: round, y: sheetTop + piece.height }),
            text("sheet’s lower edge, inside", { x: 4, y: Math.min(height - 2, sheetTop + piece.height - 2) }),
          ]
        : []),
      ...levels.flatMap((middle) => holeMarks(order, { x: round / 2, y: middle - (hole?.y ?? 0) })),
      text("TOP", { x: round / 2, y: 4 }, { anchor: "middle", layer: "stamp" }),
      text(`once round: ${words(round)}`, { x: 4, y: 5 }),
      text(
        "overlap",
        { x: round + TAB / 2, y: height / 2 },
        { anchor: "middle", turn: 90, within: { x: round, y: 0, width: TAB, height } },
      ),
    ],
  };
}

/** Opening to cut, centre cross, place of the plate; or the cross alone where the hole goes through the wall itself. */
function holeMarks({ plan, words }: CutOrder, at: Point, number = 0): readonly Mark[] {
  const { hole } = plan;
  const { opening = null } = hole.places[number] ?? {};
  if (opening === null || hole.plate === null) {
    return [
      ...cross(at),
      { kind: "circle", layer: "pinhole", centre: at, radius: hole.diameter / 2 },
      text(`hole through the wall: ${words(hole.diameter, 2)}`, { x: at.x + CROSS + 2, y: at.y - 2 }),
      text("a block of wood behind it", { x: at.x + CROSS + 2, y: at.y + 3 }),
    ];
  }
  const half = hole.plate / 2;
  return [
    { kind: "circle", layer: "cut", centre: at, radius: opening / 2 },
    ...cross(at),
    rectangle("guide", { x: at.x - half, y: at.y - half, width: hole.plate, height: hole.plate }),
    rectangle("guide", {
      x: at.x - half - TAPE / 2,
      y: at.y - half - TAPE / 2,
      width: hole.plate + TAPE,
      height: hole.plate + TAPE,
    }),
    text(`cut an opening ${words(opening)} wide`, { x: at.x + half + TAPE / 2 + 1.5, y: at.y - 2 }),
    text("inner square: plate; outer: its tape", { x: at.x + half + TAPE / 2 + 1.5, y: at.y + 3 }),
  ];
}

/** Where the middle of a hole goes. */
function cross({ x, y }: Point): readonly Mark[] {
  return [
    line("mark", { x: x - CROSS, y }, { x: x + CROSS, y }),
    line("mark", { x, y: y - CROSS }, { x, y: y + CROSS }),
  ];
}

function plateBlank({ plan, words }: CutOrder): Part {
  const { diameter, through, isMeasured, plate: side } = plan.hole;
  const wide = side ?? 0;
  const half = wide / 2;
  const diamond: readonly Point[] = [
    { x: half, y: 0 },
    { x: wide, y: half },
    { x: half, y: wide },
    { x: 0, y: half },
  ];
  const beside = wide + 3;
  return {
    id: "plate",
    name: "Plate blank",
    width: wide,
    height: wide,
    of: "plate metal",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: wide, height: wide }),
      outline("guide", diamond),
      line("guide", { x: half, y: 0 }, { x: half, y: wide }),
      line("guide", { x: 0, y: half }, { x: wide, y: half }),
      { kind: "circle", layer: "pinhole", centre: { x: half, y: half }, radius: diameter / 2 },
      text(`plate ${words(wide)} square, ${words(through)} thick`, { x: beside, y: 3 }),
      text(`${isMeasured ? "hole as measured" : "hole to make"}: ${words(diameter, 3)}`, { x: beside, y: 8 }),
      text("burnish the edges: cut metal is sharp", { x: beside, y: 13 }),
    ],
  };
}

/** The stock sheet with its cuts, in their order, and the pieces it gives. */
function sheetPart({ plan, words }: CutOrder): Part {
  const { piece } = plan;
  const { width, height } = piece.stock;
  const isCut = piece.cuts.length > 0;
  return {
    id: "sheet",
    name: isCut ? "Sheet with trim lines" : "Sheet, goes in whole",
    width,
    height,
    of: "photographic sheet",
    marks: [
      rectangle("cut", { x: 0, y: 0, width, height }),
      ...piece.cuts.flatMap(({ along, at }) =>
        along === "width"
          ? [
              ...lines(at, width).map((x) => line("trim", { x, y: 0 }, { x, y: height })),
              ...tapeMark({ x: 0, y: 0 }, { x: at, y: 0 }, -height / 3, words),
            ]
          : [
              ...lines(at, height).map((y) => line("trim", { x: 0, y }, { x: width, y })),
              ...tapeMark({ x: 0, y: 0 }, { x: 0, y: at }, width / 4, words),
            ],
      ),
      text(`${piece.stock.name === null ? "" : `${piece.stock.name}: `}${words(width)} × ${words(height)}`, {
        x: 4,
        y: 5,
      }),
      text(
        isCut
          ? `cut to ${words(piece.width)} × ${words(piece.height)}: put tape marks on the cutter before the light goes out`
          : "goes in whole: nothing to cut in the dark",
        { x: 4, y: 10 },
      ),
      ...(piece.fromOne > 1 ? [text(`gives ${piece.fromOne} pieces`, { x: 4, y: 15 })] : []),
    ],
  };
}

/** Cuts one after another, as often as a whole piece is left; the first always. */
function lines(step: number, whole: number): readonly number[] {
  const count = Math.max(1, Math.floor((whole - 0.05) / step));
  return Array.from({ length: count }, (_, i) => (i + 1) * step);
}

/** How far from the cutter's blade the tape mark goes. */
function tapeMark(from: Point, to: Point, offset: number, words: (mm: number) => string): readonly Mark[] {
  const across = Math.hypot(to.x - from.x, to.y - from.y);
  return dimension({ from, to, offset: -offset, text: `tape mark ${words(across)} from the blade`, size: TEXT });
}
