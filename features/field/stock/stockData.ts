import type { OwnMedium, Pack } from "../../../core/document/index.ts";
import { listRecords } from "../../../storage/index.ts";

/** What the Stock shows. */
export interface StockData {
  readonly packs: readonly Pack[];
  readonly media: readonly OwnMedium[];
}

export async function readStock(): Promise<StockData> {
  const [packs, media] = await Promise.all([listRecords("packs"), listRecords("media")]);
  return { packs, media };
}
