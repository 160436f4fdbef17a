import { dimension, line, type Mark, outline, type Point, rectangle } from "../../basis/drawing/index.ts";
import {
  cameraBody,
  cameraKind,
  holeAt,
  holeMount,
  isTrail,
  measuredDiameter,
  PLATE_SIZE,
  USUAL_OPENING,
} from "../../camera/container/index.ts";
import { kindRecord, type PartName } from "../../camera/kinds/index.ts";
import { sheetOnWall } from "../../camera/lies/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { capParts } from "./capParts.ts";
import { cardParts } from "./cards.ts";
import { foldedParts } from "./foldedParts.ts";
import { shutterPart, tabParts, tripodPart } from "./holderParts.ts";
import { dividerPart, drumParts, maskPart } from "./insideParts.ts";
import type { CutOrder } from "./order.ts";
import { type Part, TEXT, note as text } from "./part.ts";

const CROSS = 5;
/** Overlap of a wrapped template, mm. */
const TAB = 12;

/** Width of the tape that holds the plate, on each of its sides, mm; common practice. */
const TAPE = 12;

/** How each part a kind may have is drawn. */
const PARTS: Readonly<Record<PartName, (order: CutOrder) => readonly Part[]>> = {
  folded: foldedParts,
  face: (order) => (holeMount(order.camera) === "bought" ? [] : [facePart(order)]),
  wall: (order) => (holeMount(order.camera) === "bought" ? [] : [unrolledWall(order)]),
  plate: (order) => (holeMount(order.camera) === "plate" ? [plateBlank(order)] : []),
  sheet: (order) => [sheetPart(order)],
  divider: dividerPart,
  drum: drumParts,
  mask: (order) => [maskPart(order)],
  shutter: ({ camera }) => (holeMount(camera) === "bought" ? [] : [shutterPart()]),
  tripod: ({ camera }) => (holeMount(camera) === "bought" || isTrail(camera) ? [] : [tripodPart()]),
  tabs: tabParts,
  cap: capParts,
  cards: cardParts,
};

/**
 * All parts of a camera, as its kind has them: outside, plate, sheet, inside, shutter and tabs, cap, cards to stick on.
 *
 * @returns parts with their marks at true size, mm
 * @example cutParts(cutOrderFor(box))[0].id // "face"
 */
export function cutParts(order: CutOrder): readonly Part[] {
  return kindRecord(cameraKind(order.camera)).parts.flatMap((name) => PARTS[name](order));
}

function facePart(order: CutOrder): Part {
  const { camera, words } = order;
  const { holes } = camera.chambers[0];
  const { across: width, high: height, face } = cameraBody(camera);
  // The template lies on the outside of the front, which is seen from the other side: left and right change places.
  const places = holes.map(({ x = 0, y = 0 }): Point => ({ x: width / 2 - x, y: height / 2 - y }));
  const centred = holes.length === 1 && (holes[0].x ?? 0) === 0 && (holes[0].y ?? 0) === 0;
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
  const { camera, words } = order;
  const { container } = camera;
  const [hole] = camera.chambers[0].holes;
  const { round: inside, tiers } = shapeOf(container);
  const round = Math.PI * ((inside?.diameter ?? 0) + 2 * container.wall);
  const tier = cameraBody(camera).high;
  const height = tier * tiers;
  const { film } = camera.chambers[0];
  const levels = Array.from({ length: tiers }, (_, i) => tier * (i + 0.5));
  const sheetTop = tier / 2 - (film.y ?? 0) - film.height / 2;
  const onWall = sheetOnWall(cameraKind(camera));
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
      ...(onWall
        ? [
            line("guide", { x: 0, y: sheetTop }, { x: round, y: sheetTop }),
            line("guide", { x: 0, y: sheetTop + film.height }, { x: round, y: sheetTop + film.height }),
            text("sheet’s lower edge, inside", { x: 4, y: Math.min(height - 2, sheetTop + film.height - 2) }),
          ]
        : []),
      ...levels.flatMap((middle) => holeMarks(order, { x: round / 2, y: middle - (hole.y ?? 0) })),
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
function holeMarks({ camera, words, diameter }: CutOrder, at: Point, number = 0): readonly Mark[] {
  const hole = holeAt(camera, number);
  if (holeMount(camera) === "wall") {
    return [
      ...cross(at),
      { kind: "circle", layer: "pinhole", centre: at, radius: diameter / 2 },
      text(`hole through the wall: ${words(diameter, 2)}`, { x: at.x + CROSS + 2, y: at.y - 2 }),
      text("a block of wood behind it", { x: at.x + CROSS + 2, y: at.y + 3 }),
    ];
  }
  const opening = hole.openingDiameter ?? USUAL_OPENING;
  const half = PLATE_SIZE / 2;
  return [
    { kind: "circle", layer: "cut", centre: at, radius: opening / 2 },
    ...cross(at),
    rectangle("guide", { x: at.x - half, y: at.y - half, width: PLATE_SIZE, height: PLATE_SIZE }),
    rectangle("guide", {
      x: at.x - half - TAPE / 2,
      y: at.y - half - TAPE / 2,
      width: PLATE_SIZE + TAPE,
      height: PLATE_SIZE + TAPE,
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

function plateBlank({ camera, diameter, words }: CutOrder): Part {
  const half = PLATE_SIZE / 2;
  const diamond: readonly Point[] = [
    { x: half, y: 0 },
    { x: PLATE_SIZE, y: half },
    { x: half, y: PLATE_SIZE },
    { x: 0, y: half },
  ];
  const thickness = camera.chambers[0].holes[0].plateThickness ?? 0;
  const measured = measuredDiameter(camera);
  const beside = PLATE_SIZE + 3;
  return {
    id: "plate",
    name: "Plate blank",
    width: PLATE_SIZE,
    height: PLATE_SIZE,
    of: "plate metal",
    marks: [
      rectangle("cut", { x: 0, y: 0, width: PLATE_SIZE, height: PLATE_SIZE }),
      outline("guide", diamond),
      line("guide", { x: half, y: 0 }, { x: half, y: PLATE_SIZE }),
      line("guide", { x: 0, y: half }, { x: PLATE_SIZE, y: half }),
      { kind: "circle", layer: "pinhole", centre: { x: half, y: half }, radius: diameter / 2 },
      text(`plate ${words(PLATE_SIZE)} square, ${words(thickness)} thick`, { x: beside, y: 3 }),
      text(`${measured === null ? "hole to make" : "hole as measured"}: ${words(diameter, 3)}`, {
        x: beside,
        y: 8,
      }),
      text("burnish the edges: cut metal is sharp", { x: beside, y: 13 }),
    ],
  };
}

function sheetPart({ camera, format, words }: CutOrder): Part {
  const { film } = camera.chambers[0];
  const lying = film.width >= film.height;
  const whole = format ?? { width: film.width, height: film.height };
  const [long, short] = [Math.max(whole.width, whole.height), Math.min(whole.width, whole.height)];
  const width = Math.max(lying ? long : short, film.width);
  const height = Math.max(lying ? short : long, film.height);
  const trimmed = width > film.width + 0.01 || height > film.height + 0.01;
  return {
    id: "sheet",
    name: trimmed ? "Sheet with trim lines" : "Sheet, goes in whole",
    width,
    height,
    of: "photographic sheet",
    marks: [
      rectangle("cut", { x: 0, y: 0, width, height }),
      ...(width > film.width + 0.01 ? [line("trim", { x: film.width, y: 0 }, { x: film.width, y: height })] : []),
      ...(height > film.height + 0.01 ? [line("trim", { x: 0, y: film.height }, { x: width, y: film.height })] : []),
      ...(width > film.width + 0.01 ? tapeMark({ x: 0, y: 0 }, { x: film.width, y: 0 }, -height / 3, words) : []),
      ...(height > film.height + 0.01 ? tapeMark({ x: 0, y: 0 }, { x: 0, y: film.height }, width / 4, words) : []),
      text(`${format ? `${format.name}: ` : ""}${words(width)} × ${words(height)}`, { x: 4, y: 5 }),
      text(
        trimmed
          ? `cut to ${words(film.width)} × ${words(film.height)}: put tape marks on the cutter before the light goes out`
          : "goes in whole: nothing to cut in the dark",
        { x: 4, y: 10 },
      ),
    ],
  };
}

/** How far from the cutter's blade the tape mark goes. */
function tapeMark(from: Point, to: Point, offset: number, words: (mm: number) => string): readonly Mark[] {
  const across = Math.hypot(to.x - from.x, to.y - from.y);
  return dimension({ from, to, offset: -offset, text: `tape mark ${words(across)} from the blade`, size: TEXT });
}
