import type { Container, ContainerOf, DrumContainer, FoldedContainer } from "../container/model/containers.ts";
import type { DesignFault } from "../fields/designFault.ts";
import type { DesignField, FieldValues } from "../fields/designFields.ts";
import type { ShapeName } from "../kinds/kind.ts";
import type { Stand } from "../mounts/room.ts";

/** The outline of an inside from above. */
export type Plan = "rectangle" | "round" | "sector";

/** The inside of one chamber in the camera's axes, mm: how far along z, along x, along y. */
export interface Body {
  readonly depth: number;
  readonly across: number;
  readonly high: number;
  /** What its outline is from above. */
  readonly plan: Plan;
  /** The side the hole is in. */
  readonly face: "rectangle" | "disc" | "wall";
}

/** What is common to containers when one is made from a maker's measures. */
export type Common = Pick<Container, "kind" | "wall" | "material" | "insideBlack">;

/** What there is to know of one container by its shape. */
export interface ShapeFacts {
  /** @param onWall whether the sheet is on a round wall; @param distance where a sliding sheet stands, mm */
  readonly body: (onWall: boolean, distance: number) => Body;
  /** Whether the distance from hole to sheet is a measure of its own, rather than where the back is. */
  readonly slides: boolean;
  /** The distances between which two boxes slide, mm; `null` where there is nothing to slide. */
  readonly reach: readonly [nearest: number, farthest: number] | null;
  /** Where the sheet stands in a new one when nobody says, mm. */
  readonly usualDistance: number;
  /** The size one pulls at its far wall. */
  readonly far: (onWall: boolean) => DesignField;
  /** Which of its sizes the dimension lines state, along z, along x and up; without one along, hole to sheet is. */
  readonly dimensions: (onWall: boolean) => {
    readonly along?: DesignField;
    readonly across?: DesignField;
    readonly high?: DesignField;
  };
  /** The longest sheet, along the curve, that can stand bowed in it, mm. */
  readonly longestArc: (stand: Stand) => number;
  readonly faults: (distance: number) => readonly DesignFault[];
  /** Diameter and height of what is round outside, mm. */
  readonly round: { readonly diameter: number; readonly height: number } | null;
  /** Levels of chambers one above the other. */
  readonly tiers: number;
  /** Names of its chambers. */
  readonly chambers: () => readonly string[];
  /** The container itself where it has vanes, or is folded. */
  readonly vanes: DrumContainer | null;
  readonly folded: FoldedContainer | null;
  /** Whether it is of metal where nothing is said. */
  readonly usuallyMetal: boolean;
  /** Tape for lid and seams, mm, given the rim as measured. */
  readonly sealTape: (rim: number | null) => number;
  /** The surface inside, lid and all, that would be painted, mm². */
  readonly paintedInside: number;
  /** The container with its inside named anew, when the hole moves to another of its faces; the same where there is one only. */
  readonly turned: (inside: { readonly across: number; readonly high: number; readonly depth: number }) => Container;
}

/** A shape of container. */
export interface Shape<Name extends ShapeName> {
  readonly plan: (onWall: boolean) => Plan;
  /** From measures; those left out are usual ones. */
  readonly from: (sizes: FieldValues, common: Common) => ContainerOf<Name>;
  readonly facts: (container: ContainerOf<Name>) => ShapeFacts;
}

/** Past the ends of a collar of tape, mm; common practice. */
export const PAST_COLLAR = 30;
