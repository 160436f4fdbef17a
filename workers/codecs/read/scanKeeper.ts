import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { NegativeScan } from "../../../core/negative/index.ts";
import { negativeOf } from "./grey.ts";
import { tooSmall } from "./limits.ts";
import { type Decoders, readRaw } from "./readScan.ts";

/** A scan by its name: a worker keeps the last one it unpacked, and asks for the file of another. */
export interface OfScan {
  readonly key: string;
  readonly bytes: Uint8Array<ArrayBuffer> | null;
  /** Which picture of the file, from 0, where it holds several. */
  readonly page?: number | undefined;
}

/** A worker holds another scan: this one's file is to be sent along. */
export interface SendScan {
  readonly kind: "send";
}

/** A scan, unpacked. */
export interface KeptScan {
  readonly scan: NegativeScan;
  readonly dpi: number | null;
}

/**
 * Keeps the scan that was unpacked last.
 *
 * @returns the scan asked for; `null` where its file must be sent; or why it can't be read
 */
export function scanKeeper(decoders?: Decoders): (order: OfScan) => Promise<Result<KeptScan | null, string>> {
  let kept: (KeptScan & { readonly key: string; readonly page: number | undefined }) | null = null;
  return async ({ key, bytes, page }) => {
    if (kept?.key === key && kept.page === page) return success(kept);
    if (bytes === null) return success(null);
    kept = null;
    const read = await readRaw(bytes, decoders, page);
    if (!read.ok) return failure(read.error);
    const small = tooSmall(read.value);
    if (small !== null) return failure(small);
    kept = { key, page, scan: negativeOf(read.value), dpi: read.value.dpi };
    return success(kept);
  };
}
