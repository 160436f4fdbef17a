import { useSyncExternalStore } from "react";
import { type ConnectionTrouble, connectionTrouble, onConnectionTrouble } from "../../storage/index.ts";

/** What stands in the way of storing, followed; `null`: nothing. */
export function useConnectionTrouble(): ConnectionTrouble | null {
  return useSyncExternalStore(onConnectionTrouble, connectionTrouble, () => null);
}
