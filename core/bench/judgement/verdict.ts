import type { Camera, DesignFault, DesignLight, Fix, Limit } from "../../camera/container/index.ts";
import type { HoleMend, JudgedHole } from "../../camera/holeToMake/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import type { Optimum } from "../../light/hole/index.ts";
import type { SolveResult } from "../../light/solve/index.ts";

/** How much a verdict matters: it won't work, it will disappoint, or it is good to know. */
export type Weight = "stop" | "warn" | "note";

/** One thing to know about a design, with the change that mends it. `wording/verdicts` says it. */
export interface Verdict {
  readonly id: string;
  readonly weight: Weight;
  readonly found: Finding;
  /** `null`: nothing that one press could do. */
  readonly fix: Fix<Mend> | null;
}

/** What was found, with its figures: lengths in mm, light in stops or as a share of 1. */
export type Finding =
  /** It can't be built as it is; what is allowed. */
  | { readonly code: "fault"; readonly fault: BuildFault; readonly allowed: Limit }
  /** Seen at a slant, plate or wall shade the sheet's ends, each so far, or its corners (0). */
  | { readonly code: "plate-cuts"; readonly wall: boolean; readonly thick: number; readonly blank: number }
  /** The body's opening has to be so wide. */
  | { readonly code: "opening-cuts"; readonly wide: number }
  | { readonly code: "out-of-sight" }
  | { readonly code: "dark-corners"; readonly stops: number }
  /** The hole is so far above the sheet's middle; below 0: below it. */
  | { readonly code: "hole-off-level"; readonly above: number }
  /** Through the gap between vane and wall a neighbour gets such a share of the light, from this angle off the axis on, radians. */
  | { readonly code: "cross-light"; readonly gap: number; readonly share: number; readonly from: number }
  | { readonly code: "stereo-near"; readonly nearest: number; readonly base: number }
  /** The two pictures run into each other; a wall so high is there (`null`: none), such a one is needed. */
  | {
      readonly code: "stereo-overlap";
      readonly overlap: number;
      readonly divider: number | null;
      readonly needed: number;
    }
  | { readonly code: "stereo-one-sided"; readonly overlap: number }
  | { readonly code: "holes-differ"; readonly first: number; readonly second: number; readonly stops: number }
  /** What shuts the can reaches too near the hole; `isKnown`: its reach was measured. */
  | {
      readonly code: "lid-over-hole";
      readonly made: boolean;
      readonly reach: number;
      readonly free: number;
      readonly toHole: number;
      readonly isKnown: boolean;
    }
  | { readonly code: "translucent" }
  | { readonly code: "one-layer" }
  /** Light that comes back from the walls, over the picture's own. */
  | { readonly code: "not-black"; readonly share: number }
  | { readonly code: "hole"; readonly judged: JudgedHole }
  /** The picture is small: so many line pairs across, a mm; a sheet of this size goes in too. */
  | {
      readonly code: "picture-small";
      readonly pairs: number;
      readonly perMm: number;
      readonly width: number;
      readonly height: number;
    };

/** What can't be built. */
export type BuildFault =
  | "covers-hole"
  | "long-where-it-stands"
  | "long"
  | "high"
  | "meets-wall"
  | "not-in-it"
  | "hole-outside"
  | "holes-meet"
  | "opening-small"
  | "slides-not";

/** The change that mends a design, as a button says it; lengths in mm. */
export type Mend =
  | HoleMend
  | { readonly code: "trim"; readonly width: number; readonly height: number }
  | { readonly code: "trim-long" | "trim-high" | "stand-at" | "bring-apart"; readonly to: number }
  | { readonly code: "sheet-back" | "sheet-inside" | "hole-opposite-sheet" | "no-opening" | "slide-nearest" }
  | { readonly code: "thinner-plate" | "widen-opening" | "lower-hole" | "eyes-apart" | "divider"; readonly to: number }
  | { readonly code: "hole-opposite" | "hole-level" | "felt" | "holes-even" | "covered" | "two-layers" | "paint" }
  | { readonly code: "baffle"; readonly height: number; readonly aside: number }
  | { readonly code: "use-sheet"; readonly name: string };

/** What a judge knows of a design. */
export interface Case {
  readonly camera: Camera;
  readonly light: DesignLight;
  readonly ideal: Optimum;
  /** Number of the hole that is looked at, and what is judged of it. */
  readonly hole: number;
  readonly judgedHole: JudgedHole;
  readonly result: SolveResult;
  readonly faults: readonly DesignFault[];
  /** Plate thicknesses that can be had, mm. */
  readonly plates: readonly number[];
  /** Sheets that can be had. */
  readonly formats: readonly SheetFormat[];
}

/** Looks at one question; says nothing when all is well. */
export type Judge = (judged: Case) => readonly Verdict[];
