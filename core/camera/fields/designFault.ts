import type { DesignField } from "./designFields.ts";

/** What can't be built, at the field that would have to change. */
export interface DesignFault {
  readonly field: DesignField;
  readonly limit: Limit;
}

/** What a field allows, lengths in mm; `wording/limits` says it. */
export type Limit =
  /** Above 0, such as this. */
  | { readonly code: "above-zero"; readonly such: number }
  | { readonly code: "not-negative" }
  | { readonly code: "at-least"; readonly least: number }
  | { readonly code: "at-most"; readonly most: number }
  /** A whole number. */
  | { readonly code: "whole"; readonly least: number; readonly most: number }
  /** The sheet leans, degrees either way. */
  | { readonly code: "lean"; readonly most: number }
  /** The body's opening is as wide as the hole. */
  | { readonly code: "opening"; readonly least: number }
  | { readonly code: WidthLimit; readonly most: number }
  /** The inside, or the bow, is so small that no sheet goes in. */
  | { readonly code: "no-room" }
  /** The sheet slides so far round its wall, either way, and stays so far from the hole (`null`: it can't reach it). */
  | { readonly code: "slide"; readonly most: number; readonly fromHole: number | null }
  | { readonly code: "sideways" | "up-or-down"; readonly most: number }
  /** The sheet is as high as what it stands in. */
  | { readonly code: "high"; readonly noun: string; readonly most: number }
  /** On a round back a sheet so high can be so wide. */
  | { readonly code: "corners"; readonly across: number; readonly high: number; readonly most: number }
  /** So high that no width is left for its corners. */
  | { readonly code: "corners-high"; readonly across: number }
  | { readonly code: "apart"; readonly over: number }
  /** An opening so wide is larger than the face it is cut into. */
  | { readonly code: "opening-too-large"; readonly wide: number }
  /** So far from the middle of lid or face; the number of the hole where there are several. */
  | { readonly code: "hole-on-lid" | "hole-on-face"; readonly hole: number | null; readonly most: number }
  | { readonly code: "hole-height"; readonly hole: number | null; readonly least: number; readonly most: number }
  /** Two folded boxes slide, hole to sheet. */
  | { readonly code: "boxes-slide"; readonly least: number; readonly most: number }
  | { readonly code: "nothing-slides" }
  /** A drum's vanes meet so far from the hole. */
  | { readonly code: "vanes"; readonly meet: number }
  /** Leaning so far, the sheet needs an inside deeper than this. */
  | { readonly code: "leans-past"; readonly deep: number }
  /** A sheet so long goes once round an inside so wide. */
  | { readonly code: "once-round"; readonly long: number; readonly across: number }
  | { readonly code: "opening-first"; readonly hole: number; readonly opening: number };

/** What a sheet's width meets, by how it lies. */
export type WidthLimit = "back-width" | "far-wall" | "leaning-width" | "bowed-length" | "round-length";

/**
 * Turns millimetres into the maker's words, such as `66.5 mm`; with so many decimals, or as a distance (“far”: `2.1 m`), where
 * that is said.
 */
export type LengthWords = (mm: number, digits?: number | "far") => string;
