import type { CameraKind } from "../../kinds/registry.ts";

interface ContainerCommon {
  readonly kind?: CameraKind | undefined;
  /** Thickness of the wall at the hole, mm, ≥ 0. */
  readonly wall: number;
  readonly material?: string | undefined;
  readonly insideBlack?: boolean | undefined;
  /** Which side of the wall the plate with the hole is on; inside where nothing is said. */
  readonly plateSide?: "inside" | "outside" | undefined;
  /** Whether a lamp behind the wall shows through. */
  readonly translucent?: boolean | undefined;
  /** Layers of tape at lid and corners. */
  readonly tapeLayers?: number | undefined;
}

/** A box: inner sizes in mm; the hole is in the front, the sheet on the wall opposite, `depth` away. */
export interface BoxContainer extends ContainerCommon {
  readonly shape: "box";
  readonly width: number;
  readonly height: number;
  readonly depth: number;
}

/** A can, tin or canister: inner sizes in mm; the hole is in its wall (or, for `lid-can`, in its lid). */
export interface CylinderContainer extends ContainerCommon {
  readonly shape: "cylinder";
  readonly diameter: number;
  readonly height: number;
}

/** Two open boxes folded from square card, one slid into the other (PHYSICS section 7); mm. */
export interface FoldedContainer extends ContainerCommon {
  readonly shape: "folded";
  /** Side S of the outer box's square card. */
  readonly sheet: number;
  /** Thickness of one layer of the card. */
  readonly paper: number;
  /** Air between the two boxes, each side. */
  readonly clearance: number;
  /** How far the boxes must overlap to keep light out. */
  readonly overlap: number;
}

/** A drum turned before its holes: tiers of chambers round an upright axis; inner sizes in mm. */
export interface DrumContainer extends ContainerCommon {
  readonly shape: "drum";
  readonly diameter: number;
  readonly height: number;
  readonly tiers: number;
  /** Chambers in each tier. */
  readonly sectors: number;
  /** Air between the vanes' edges and the drum's wall. */
  readonly gap: number;
  /** Strips that stand beside each hole and keep light from the neighbours; `null`: none. */
  readonly baffle?: { readonly aside: number; readonly height: number } | null | undefined;
}

export type Container = BoxContainer | CylinderContainer | FoldedContainer | DrumContainer;

/** The container of a shape. */
export type ContainerOf<Name extends Container["shape"]> = Extract<Container, { readonly shape: Name }>;
