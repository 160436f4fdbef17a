import { type ReactNode, useRef, useState } from "react";
import { lampBorne } from "../../../../core/darkroom/lamp/index.ts";
import { sheetOut } from "../../../../core/document/index.ts";
import { clockNow } from "../../../../ui/device/useNow.ts";
import { Blackout } from "../../Blackout.tsx";
import { nameOf } from "./FocusSheet.tsx";
import { leavesTooSoon } from "./leavesTooSoon.ts";
import type { Runs } from "./useRuns.ts";

/** A second tap at a black screen comes within so long, ms. */
const DOUBTED = 4000;

/**
 * The screen that gives no light: what bears no lamp is developed at it, until somebody asks for the other one back; and it
 * has to be black before the film is out of its box.
 */
export function useBlackScreen(runs: Runs): { readonly screen: ReactNode; readonly arm: () => void } {
  const { going, waiting } = runs;
  const [focus] = going;
  const [first] = waiting;
  const [lit, setLit] = useState<string | null>(null);
  const [armed, setArmed] = useState(false);
  // Nobody reads a question there: the same tap within so long answers it.
  const doubted = useRef(Number.NEGATIVE_INFINITY);
  const arm = (): void => setArmed(true);
  if (armed && first) {
    const start = (): void => {
      runs.start(first.id);
      setArmed(false);
      setLit(null);
    };
    const label = `In the dark: ${first.sheet} goes in`;
    return { arm, screen: <Blackout label={label} status="" onTap={start} onLight={() => setArmed(false)} /> };
  }
  const bare = going.some(({ development }) => lampBorne(sheetOut(development), runs.now) === "none");
  if (focus === undefined || !bare || lit === focus.development.id) return { arm, screen: null };
  const blindTap = (): void => {
    const early = leavesTooSoon(focus) && clockNow() - doubted.current > DOUBTED;
    doubted.current = clockNow();
    if (!early) runs.move(focus.development.id);
    else navigator.vibrate?.([400, 100, 400]);
  };
  return {
    arm,
    screen: (
      <Blackout
        label={`In the dark: ${focus.at.now?.name}. Move on: ${nameOf(focus)}`}
        status={focus.at.left <= 0 ? "over its time" : ""}
        onTap={blindTap}
        onLight={() => setLit(focus.development.id)}
      />
    ),
  };
}
