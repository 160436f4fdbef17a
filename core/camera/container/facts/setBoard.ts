import { kindRecord } from "../../kinds/index.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import { isTrail } from "./purpose.ts";

/** Between two of a set and at the board's edge, mm; common practice. */
const GAP = 6;

/** Where one of a numbered set stands on its board, from the board's middle: to the right, and forward; mm. */
export interface BoardPlace {
  readonly x: number;
  readonly y: number;
}

/** A board on which a numbered set stands, as square as its number lets it; mm. */
export interface SetBoard {
  readonly width: number;
  readonly height: number;
  /** In their numbers' order, row by row from the front. */
  readonly places: readonly BoardPlace[];
}

/**
 * The board for so many of one container.
 *
 * @param count how many, ≥ 1
 * @param across outer diameter or width of one, mm, > 0
 * @example setBoard(9, 30).places[4] // { x: 0, y: 0 }
 */
export function setBoard(count: number, across: number): SetBoard {
  const columns = Math.ceil(Math.sqrt(count));
  const rows = Math.ceil(count / columns);
  const step = across + GAP;
  const places = Array.from({ length: count }, (_, i) => ({
    x: ((i % columns) - (columns - 1) / 2) * step,
    y: ((rows - 1) / 2 - Math.floor(i / columns)) * step,
  }));
  return { width: columns * step + GAP, height: rows * step + GAP, places };
}

/**
 * The board that a numbered set is carried on: small ones that make pictures have one.
 *
 * @returns `null` for a single camera, for tins and boxes, and for what hangs apart for weeks
 * @example boardOf(box) // null
 */
export function boardOf(camera: Camera): SetBoard | null {
  const { set, container } = camera;
  const isCarried = !isTrail(camera) && kindRecord(cameraKind(camera)).steps.includes("tray");
  if (set == null || set.count < 2 || !isCarried || !("diameter" in container)) return null;
  return setBoard(set.count, container.diameter + 2 * container.wall);
}

/** Where the cameras of a design stand when they are opened together: each of a set on its board, else the one. */
export function standingPlaces(camera: Camera): readonly BoardPlace[] {
  return boardOf(camera)?.places ?? [{ x: 0, y: 0 }];
}
