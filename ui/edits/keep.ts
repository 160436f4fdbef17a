import { type Settings, whatFailed, writeSetting } from "../../storage/index.ts";
import { notify } from "../notices/notify.ts";
import { onItsWay } from "./onItsWay.ts";

/**
 * Writes a setting; where that fails, the maker is told what is not kept.
 *
 * @param what is lost: the beginning of the sentence
 */
export function keep<K extends keyof Settings>(key: K, value: Settings[K], what: string): void {
  onItsWay(writeSetting(key, value)).catch((error: unknown) => {
    notify(`${what} can’t be kept through a reload. ${whatFailed(error).message}`, { urgent: true });
  });
}
