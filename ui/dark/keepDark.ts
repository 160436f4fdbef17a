import { type DarkSettings, writeDarkSetting } from "../../storage/index.ts";
import { toldIfNot } from "../edits/keep.ts";

/** Writes a setting of the darkroom; where that fails, the maker is told what is not kept. */
export function keepDark<K extends keyof DarkSettings>(key: K, value: DarkSettings[K], what: string): void {
  toldIfNot(writeDarkSetting(key, value), what);
}
