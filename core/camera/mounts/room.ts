import type { ChamberFilm } from "../container/model/camera.ts";

/** The largest sheet a wall takes, mm. */
export interface Room {
  readonly width: number;
  readonly height: number;
  /** The longest diagonal, where the back is a disc. */
  readonly diagonal?: number;
}

/** How a sheet stands, as far as the room for it depends on that. */
export type Stand = Pick<ChamberFilm, "tiltX" | "tiltY" | "radius" | "distance" | "x">;
