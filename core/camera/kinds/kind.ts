import type { RollSpec } from "../container/model/rollSpec.ts";
import type { DesignField, FieldValues } from "../fields/designFields.ts";

/** The shapes a container can have; what each is stands in `camera/shapes`. */
export type ShapeName = "box" | "cylinder" | "folded" | "drum";

/** How a sheet can lie; what each means stands in `camera/lies`. */
export type MountName = "on the back" | "leaning" | "bowed" | "round the wall" | "on the far wall";

/** Parts that are cut for a camera, in the order of the cut sheet; drawn in `make/cutsheet`. */
export type PartName =
  | "folded"
  | "face"
  | "wall"
  | "plate"
  | "sheet"
  | "divider"
  | "drum"
  | "mask"
  | "shutter"
  | "tripod"
  | "tabs"
  | "cap"
  | "cards";

/** Steps of building, in the order they are done; written in `wording/make/buildSteps`, measured in `make/steps`. */
export type StepName =
  | "opaque"
  | "rinse"
  | "fold"
  | "trace"
  | "opening"
  | "black"
  | "hole"
  | "plate"
  | "divider"
  | "vanes"
  | "baffles"
  | "mask"
  | "cartridges"
  | "holder"
  | "tabs"
  | "shutter"
  | "cap"
  | "lid"
  | "rest"
  | "tripod"
  | "tray"
  | "cutter"
  | "label"
  | "light-test"
  | "put-up";

/** Which layouts the finder makes of a kind; made in `bench/finder`. */
export type FinderFamily =
  | "flat"
  | "pair"
  | "bowed"
  | "slid"
  | "round wall"
  | "far wall"
  | "under the lid"
  | "between the vanes";

/** What can be seen of a design whose file does not name its kind. */
export interface Seen {
  readonly holes: number;
  /** Whether film is wound across it. */
  readonly rolled: boolean;
  readonly bent: boolean;
  readonly leaning: boolean;
  /** Whether the sheet is longer than half round the wall. */
  readonly pastHalf: boolean;
}

/** What people have in their hand when they begin, in the order they are asked. */
export const KIND_FAMILIES = [
  "a box",
  "a can or tin",
  "something small",
  "film on a roll",
  "several at once",
  "folded from card",
] as const;

/** All that is particular to one kind of camera. */
export interface Kind {
  readonly id: string;
  /** For the maker who chooses. */
  readonly name: string;
  readonly sentence: string;
  /** With which others it is offered. */
  readonly family: (typeof KIND_FAMILIES)[number];
  readonly source: string;
  readonly shape: ShapeName;
  readonly mount: MountName;
  /** What a maker calls its inside. */
  readonly noun: string;
  /** Sizes that are measured of a new one, in the order of the form. */
  readonly asked: readonly DesignField[];
  /** A usual one: sizes of the container, its wall, where its hole is; mm and degrees. */
  readonly usual: FieldValues;
  /** Catalogue ids of what a usual one is made of and takes. */
  readonly material: string;
  readonly format: string;
  /** What it is loaded with at first: paper, or film where film is wound or held in strips. */
  readonly loads: "paper" | "film";
  /** Sizes of the container that can be typed on the Bench. */
  readonly measures: readonly DesignField[];
  /** Where its hole can be moved. */
  readonly holePlace: readonly DesignField[];
  /** What its hole is in at first, where that is not a plate. */
  readonly holeMount?: "wall" | "bought";
  /** Whether it is bought whole, with its hole and cover, and only used. */
  readonly comesReady?: boolean;
  /** What shuts its top, where the hole is in its wall: its own lid, unless a cap is usual. */
  readonly closedBy?: "cap";
  /** Whether two holes look at one sheet. */
  readonly pair?: boolean;
  /** Film wound across it. */
  readonly roll?: RollSpec;
  /** Whether that film goes from cartridge to cartridge: neither end has to be handled in the dark. */
  readonly cartridges?: boolean;
  /** Openings that its container came with, beside the lid: a drink carton has one for a straw, and a glued seam. */
  readonly comesOpen?: boolean;
  /** How many make a usual numbered set, each with one shot. */
  readonly set?: number;
  /** The size by which its sheet comes nearer or goes farther without another container; `null`: it stays. */
  readonly moves: DesignField | null;
  /** Whether such a camera is left out of doors, tied to something. */
  readonly tiedOutside: boolean;
  readonly parts: readonly PartName[];
  readonly steps: readonly StepName[];
  readonly finder: FinderFamily | null;
  /** Of its picture on the Shelf: how far the lid reaches down, share of the height; whether a rim shows at its foot. */
  readonly silhouette: { readonly lid: number; readonly foot?: boolean };
  /** Tells it in a file that does not say; `null`: only by name. */
  readonly known: ((seen: Seen) => boolean) | null;
}

/** A kind whose name the compiler knows. */
export type KindOf<Id extends string> = Kind & { readonly id: Id };
