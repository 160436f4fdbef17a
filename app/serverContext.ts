import type { Result } from "../core/basis/units/index.ts";
import type { HoleAnswer, HoleRefusal } from "../core/make/holeScan/index.ts";
import type { HoleOrder } from "../workers/hole.ts";

/** Why a picture was not measured. */
export type PictureTrouble =
  | { readonly kind: "file"; readonly message: string }
  | { readonly kind: "hole"; readonly refusal: HoleRefusal }
  /** Too many are waiting already. */
  | { readonly kind: "busy" }
  /** It took longer, or more memory, than is given to one picture. */
  | { readonly kind: "too-much" };

/** Measures a hole in a picture, away from the thread that answers requests; the answer is `null` without a resolution. */
export type MeasurePicture = (
  order: Pick<HoleOrder, "bytes" | "dpi" | "at" | "encoding">,
) => Promise<Result<HoleAnswer | null, PictureTrouble>>;

/** What the server hands to loaders, actions and the renderer with each request. */
declare module "react-router" {
  interface AppLoadContext {
    /** Marks this answer's own scripts and styles: others are not run. */
    readonly nonce: string;
    /** Whether browsers may keep the pages for use without a network. */
    readonly offline?: boolean;
    /** Not there under `npm run dev`, which has no pool of threads. */
    readonly measurePicture?: MeasurePicture;
  }
}
