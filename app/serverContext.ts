import type { Result } from "../core/basis/units/index.ts";
import type { Fault } from "../core/light/solve/index.ts";
import type { HoleAnswer, HoleRefusal } from "../core/make/holeScan/index.ts";
import type { JudgeAnswer, ProofSettings } from "../core/negative/index.ts";
import type { SunRequest } from "../core/sun/index.ts";
import type { HoleOrder } from "../workers/jobs/hole/holeJob.ts";
import type { ProofAnswer } from "../workers/jobs/proof/proofFile.ts";

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

/** Why a negative was not looked at. */
export type NegativeTrouble =
  | { readonly kind: "fault"; readonly fault: Fault }
  | Exclude<PictureTrouble, { readonly kind: "file" | "hole" }>;

/** A negative's file with its settings, away from the thread that answers requests. */
type WithNegative<T> = (bytes: Uint8Array<ArrayBuffer>, settings: ProofSettings) => Promise<Result<T, NegativeTrouble>>;

/** Why a fan of the sun was not reckoned. */
export type SunTrouble = Exclude<PictureTrouble, { readonly kind: "file" | "hole" }>;

/** Heavy work, in threads of their own. */
export interface Pictures {
  readonly measure: MeasurePicture;
  readonly proof: WithNegative<ProofAnswer>;
  readonly judge: WithNegative<JudgeAnswer>;
  /** The fan of the sun, as JSON in UTF-8. */
  readonly sun: (request: SunRequest) => Promise<Result<Uint8Array<ArrayBuffer>, SunTrouble>>;
}

/** What the server hands to loaders, actions and the renderer with each request. */
declare module "react-router" {
  interface AppLoadContext {
    /** Marks this answer's own scripts and styles: others are not run. */
    readonly nonce: string;
    /** Whether browsers may keep the pages for use without a network. */
    readonly offline?: boolean;
    /** Not there under `npm run dev`, which has no pool of threads. */
    readonly pictures?: Pictures;
  }
}
