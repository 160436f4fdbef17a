import type { CameraKind, Container } from "./camera.ts";

/** How the sheet of a kind of camera lies. */
export type SheetLies = "on the back" | "leaning" | "bowed" | "round the wall" | "on the far wall";

/** What tells the kinds of camera apart, as far as geometry is concerned. */
export interface Traits {
  readonly shape: Container["shape"];
  readonly lies: SheetLies;
  /** What a maker calls the inside of such a container. */
  readonly noun: "box" | "can" | "tin" | "canister" | "carton" | "drum";
}

const TRAITS: Readonly<Record<CameraKind, Traits>> = {
  "flat-box": { shape: "box", lies: "on the back", noun: "box" },
  "slanted-box": { shape: "box", lies: "leaning", noun: "box" },
  "curved-box": { shape: "box", lies: "bowed", noun: "box" },
  "stereo-box": { shape: "box", lies: "on the back", noun: "box" },
  "bought-box": { shape: "box", lies: "on the back", noun: "box" },
  "roll-carton": { shape: "box", lies: "on the back", noun: "carton" },
  "folded-box": { shape: "folded", lies: "on the back", noun: "box" },
  "curled-can": { shape: "cylinder", lies: "round the wall", noun: "can" },
  "far-wall-tin": { shape: "cylinder", lies: "on the far wall", noun: "tin" },
  canister: { shape: "cylinder", lies: "round the wall", noun: "canister" },
  "lid-can": { shape: "cylinder", lies: "on the back", noun: "can" },
  drum: { shape: "drum", lies: "bowed", noun: "drum" },
};

/** What kind of thing a kind of camera is. */
export function traitsOf(kind: CameraKind): Traits {
  return TRAITS[kind];
}

/** Whether the sheet of this kind runs along the inside of a round wall. */
export function sheetOnWall(kind: CameraKind): boolean {
  const { lies } = TRAITS[kind];
  return lies === "round the wall" || lies === "on the far wall";
}
