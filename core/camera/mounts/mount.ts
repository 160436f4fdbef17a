import type { ChamberFilm } from "../container/model/camera.ts";
import type { WidthLimit } from "../fields/designFault.ts";
import type { Body, ShapeFacts } from "../shapes/shape.ts";
import type { Room, Stand } from "./room.ts";

/** What is done in the dark to load a sheet; in words in `wording/make/loadingSteps`. */
export type LoadingStep =
  | "trim"
  | "gauge"
  | "emulsion"
  | "back"
  | "lean"
  | "bow"
  | "gap"
  | "mark"
  | "tabs"
  | "hold"
  | "strips"
  | "magnets"
  | "slot"
  | "liner"
  | "chambers"
  | "tray"
  | "set"
  | "behind"
  | "roll"
  | "write"
  | "feel"
  | "lid"
  | "collar";

/** One way for a sheet to lie in a container. */
export interface SheetMount {
  /** In a maker's words: “flat”, “bowed”. */
  readonly words: string;
  /** Beside the measures: where heights count from, what stays where. */
  readonly hint: string;
  /** Whether it runs along the inside of a round wall: it stands on the bottom, slides round, has the hole in its wall. */
  readonly onWall: boolean;
  readonly bent: boolean;
  /** Whether it can be moved sideways on its back. */
  readonly aside: boolean;
  /** Whether its corners come round beside the hole: such cameras fade there, which is no fault of a design. */
  readonly fades: boolean;
  /** Whether its ends could reach the hole. */
  readonly meetsHole: boolean;
  /** How it is put in, in the dark. */
  readonly loading: LoadingStep;
  /** The largest sheet. */
  readonly room: (body: Body, shape: ShapeFacts, stand: Stand) => Room;
  /**
   * Where it stands in a body.
   *
   * @param away how far the hole stands before the inside of the front, mm
   */
  readonly seat: (body: Body, shape: ShapeFacts, film: ChamberFilm, away: number) => Partial<ChamberFilm>;
  /** What a sheet meets that is wider than the room. */
  readonly widthLimit: WidthLimit;
}
