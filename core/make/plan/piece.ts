import { type Camera, cameraBody, cameraKind, HOLE_GAP } from "../../camera/container/index.ts";
import { mountOf } from "../../camera/mounts/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import { springs } from "./springs.ts";
import type { Ways } from "./ways.ts";

/** The piece of paper or film that goes in: what it is cut from, where it lies; lengths in mm. */
export interface PiecePlan {
  readonly width: number;
  readonly height: number;
  /** From the middle of the wall it lies on. */
  readonly x: number;
  readonly y: number;
  readonly isOnWall: boolean;
  /** Whether straight lines bend on it. */
  readonly isBent: boolean;
  /** From the hole to its middle. */
  readonly distance: number;
  /** The stock sheet it is cut from, lying as the piece does; the piece itself where it goes in whole. */
  readonly stock: { readonly name: string | null; readonly width: number; readonly height: number };
  /** Cuts in their order: this far from the blade, across which side. */
  readonly cuts: readonly Cut[];
  /** How long it is cut from a roll of film, against a gauge; strips may hide its ends. `null`: it is not. */
  readonly offRoll: number | null;
  /** How many pieces one stock sheet gives. */
  readonly fromOne: number;
  /** What its ends leave free of the wall at the hole, and what was asked for at least; `null`: they don't come near it. */
  readonly gap: { readonly free: number; readonly wanted: number } | null;
}

/** One cut: the mark on the cutter stands so far from the blade. */
export interface Cut {
  readonly along: "width" | "height";
  readonly at: number;
}

/** What is left free at the hole, by the answer to the question; mm, common practice. */
const GAPS: Readonly<Record<Ways["gap"], number>> = { ten: HOLE_GAP, wide: 15 };
/** Sizes that differ less are one size, mm. */
const SAME = 0.05;

/** The gaps that makers may ask for, by way, mm. */
export const SHEET_GAPS: Readonly<Record<string, number>> = GAPS;

/** The piece that goes in. */
export function piecePlan(camera: Camera, ways: Ways, formats: readonly SheetFormat[]): PiecePlan {
  const { film } = camera.chambers[0];
  const { width, height } = film;
  const mount = mountOf(cameraKind(camera));
  const format = formats.find(({ id }) => id === film.format) ?? null;
  const whole = formats.find(({ id }) => id === format?.cutFrom) ?? format;
  const stock = lyingAs(film, whole ?? { width, height });
  const cuts: readonly Cut[] = [
    ...(stock.width > width + SAME ? [{ along: "width", at: width } as const] : []),
    ...(stock.height > height + SAME ? [{ along: "height", at: height } as const] : []),
  ];
  const round = Math.PI * cameraBody(camera).across;
  return {
    width,
    height,
    x: film.x ?? 0,
    y: film.y ?? 0,
    isOnWall: mount.onWall,
    isBent: mount.bent,
    distance: film.distance,
    stock: { name: whole?.name ?? null, ...stock },
    cuts,
    offRoll: format?.kind === "frame" && camera.chambers[0].roll == null ? (format.piece ?? width) : null,
    fromOne: cuts.length === 0 ? 1 : Math.max(1, piecesFrom(stock, film)),
    gap: mount.meetsHole && springs(camera) ? { free: Math.max(0, round - width), wanted: GAPS[ways.gap] } : null,
  };
}

/** Whether two cuts are made against one mark. */
export function sameMark(one: Cut, other: Cut): boolean {
  return Math.abs(one.at - other.at) <= SAME;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

/** A stock sheet turned so that the piece comes out of it, lying as the piece does where both ways do. */
function lyingAs(piece: Size, sheet: Size): Size {
  const [long, short] = [Math.max(sheet.width, sheet.height), Math.min(sheet.width, sheet.height)];
  const same = piece.width >= piece.height ? { width: long, height: short } : { width: short, height: long };
  const holds = ({ width, height }: Size): boolean => width >= piece.width - SAME && height >= piece.height - SAME;
  const other = { width: same.height, height: same.width };
  const taken = holds(same) || !holds(other) ? same : other;
  return { width: Math.max(taken.width, piece.width), height: Math.max(taken.height, piece.height) };
}

/**
 * How many pieces straight cuts from edge to edge give, all lying one way.
 *
 * @example piecesFrom({ width: 178, height: 127 }, { width: 44.5, height: 44.5 }) // 8
 */
export function piecesFrom(sheet: Size, piece: Size): number {
  const rows = (a: number, b: number): number => Math.floor((a + SAME) / b);
  return Math.max(
    rows(sheet.width, piece.width) * rows(sheet.height, piece.height),
    rows(sheet.width, piece.height) * rows(sheet.height, piece.width),
  );
}
