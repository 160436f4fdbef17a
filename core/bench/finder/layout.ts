import type { HoleRule } from "../../camera/container/index.ts";
import type { CameraKind } from "../../camera/kinds/index.ts";
import type { FilmSpec } from "../../light/solve/index.ts";

/** Which side of the container the hole goes in. */
export type Face = "front" | "side" | "top" | "wall" | "lid";

/** The inside as the hole of a layout sees it: across, up, deep; mm. */
export interface Inside {
  readonly across: number;
  readonly high: number;
  readonly depth: number;
}

/** One thing that a container could become. */
export interface Layout {
  readonly kind: CameraKind;
  readonly face: Face;
  readonly inside: Inside;
  readonly film: FilmSpec;
  readonly format: { readonly id: string; readonly name: string };
  /** Share of the bought sheet that is used. */
  readonly used: number;
  readonly holes: readonly { readonly x: number; readonly y: number }[];
  readonly rule: Exclude<HoleRule, "own">;
  readonly diameter: number;
  readonly plateThickness: number;
}

/** What a layout would do. */
export interface Merits {
  /** Angle across, degrees. */
  readonly view: number;
  readonly fNumber: number;
  /** Full-sun time, s. */
  readonly seconds: number;
  /** Stops lost at the worst corner of a picture; `null`: dark. */
  readonly corner: number | null;
  /** Line pairs along the picture's short side. */
  readonly pairs: number;
  /** Area of paper bought for it, mm². */
  readonly paper: number;
}

/** What a maker cares for: weights from 0 to 1; `wide` from −1 (long) to 1 (wide). */
export interface Wish {
  readonly wide: number;
  readonly sharp: number;
  readonly fast: number;
  readonly even: number;
  readonly whole: number;
  readonly cheap: number;
}

/** A layout in the order of a wish. */
export interface Found {
  readonly layout: Layout;
  readonly merits: Merits;
  /** 0 to 1. */
  readonly score: number;
  /** Layouts like it, differing in hole only, that came behind it. */
  readonly others: number;
}
