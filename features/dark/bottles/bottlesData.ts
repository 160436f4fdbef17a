import type { Bottle } from "../../../core/document/index.ts";
import { listRecords } from "../../../storage/index.ts";

export const readBottles = (): Promise<readonly Bottle[]> => listRecords("bottles");
