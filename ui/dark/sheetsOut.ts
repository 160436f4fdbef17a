import { useCallback, useEffect, useSyncExternalStore } from "react";
import { allowedLamp, type LampAllowed, type SheetOut } from "../../core/darkroom/lamp/index.ts";
import { sheetOut } from "../../core/document/index.ts";
import { runningDevelopments, useLive } from "../../storage/index.ts";
import { clockNow } from "../device/useNow.ts";
import { darkAnswer, onRedLight } from "./redLight.ts";

const inHand = new Set<SheetOut>();
const listeners = new Set<() => void>();
const NONE: readonly SheetOut[] = [];

/**
 * Says that somebody in the dark has a sheet in the hand here, of which no record knows. By daylight there is none: one
 * only plans.
 *
 * @param medium of the sheet; `null`: none is in the hand
 */
export function useSheetInHand(medium: SheetOut["medium"] | null): void {
  const dark = useSyncExternalStore(onRedLight, darkAnswer, () => null) === "dark";
  useEffect(() => {
    if (!dark || medium === null) return;
    const sheet: SheetOut = { name: "the sheet in the hand", medium, run: null };
    inHand.add(sheet);
    for (const listener of listeners) listener();
    return () => {
      inHand.delete(sheet);
      for (const listener of listeners) listener();
    };
  }, [dark, medium]);
}

/** The lamp that is allowed by all sheets that are out, as it is at the moment of asking. */
export function useAllowedLamp(): () => LampAllowed {
  const stored = useLive(NONE, readSheetsOut).value;
  return useCallback(() => allowedLamp([...stored, ...inHand], clockNow()), [stored]);
}

async function readSheetsOut(): Promise<readonly SheetOut[]> {
  return (await runningDevelopments()).map(sheetOut);
}
