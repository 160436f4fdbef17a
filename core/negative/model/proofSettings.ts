import type { FilmSpec, HoleSpec } from "../../light/solve/index.ts";
import type { NegativeMedium } from "./negativeCurve.ts";
import type { Encoding } from "./negativeScan.ts";

/** How a sheet's picture is laid flat; all but `lay` need the camera. */
export type ProjectionId = "lay" | "straight" | "round" | "even";

/** What the maker set of a tone; `null` is found. */
export interface ToneChoice {
  readonly low: number | null;
  readonly high: number | null;
  readonly gamma: number | null;
}

/** Settings of `POST /api/proof` and `POST /api/judge` (FORMAT): millimetres, pixels, degrees, log₁₀ lx·s. */
export interface ProofSettings {
  readonly medium: NegativeMedium;
  readonly encoding?: Encoding | undefined;
  /** Which picture of a file that holds several, from 0; not said: the largest. */
  readonly page?: number | undefined;
  readonly sheet: {
    readonly width: number;
    readonly height: number;
    readonly seen?: "emulsion" | "back" | undefined;
    readonly corners?: readonly (readonly [x: number, y: number])[] | null | undefined;
  };
  /** Light of the unexposed sheet, linear, 0 to 1; `null`: found. */
  readonly white?: number | null | undefined;
  readonly camera?: { readonly hole: HoleSpec; readonly film: FilmSpec } | null | undefined;
  /** Judging: only places with so many stops less than the axis, or less, count; `null`: all. Needs a camera. */
  readonly within?: number | null | undefined;
  readonly evenLight?: boolean | undefined;
  readonly projection?: ProjectionId | undefined;
  readonly towards?: { readonly azimuth?: number | undefined; readonly elevation?: number | undefined } | undefined;
  readonly sharpen?: boolean | undefined;
  /** Red, green and blue are inverted each by itself: trails of the sun. */
  readonly colour?: boolean | undefined;
  readonly tone?: Partial<ToneChoice> | undefined;
  readonly output?:
    | {
        readonly kind?: "picture" | "exposure" | undefined;
        readonly width?: number | undefined;
        readonly bits?: 8 | 16 | undefined;
      }
    | undefined;
}
