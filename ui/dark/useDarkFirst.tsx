import { type ReactNode, useCallback, useState, useSyncExternalStore } from "react";
import { Button } from "../controls/Button.tsx";
import { Question } from "../seldom/Question.tsx";
import { onRedLight, RED_LEVELS, redLevel, setRedLight } from "./redLight.ts";
import { safeLevel } from "./safelight.ts";

/** What is about to be done with a sheet that light fogs. */
export interface DarkAct {
  readonly run: () => void;
  /** In words after “before”: “the sheet goes in”. */
  readonly what: string;
  /** Where it may have been done already: noting it needs no dark. */
  readonly note?: string;
}

/**
 * Before anything that could fog: in the dark it is done at once; by daylight it is asked first, and the screen is red from
 * there.
 *
 * @returns does it, or asks; and the question, to be drawn somewhere on the page
 */
export function useDarkFirst(): { readonly darkFirst: (act: DarkAct) => void; readonly question: ReactNode } {
  const red = useSyncExternalStore(onRedLight, redLevel, () => null) !== null;
  const [act, setAct] = useState<DarkAct | null>(null);
  const darkFirst = useCallback((next: DarkAct) => (red ? next.run() : setAct(next)), [red]);
  const end = (how: (act: DarkAct) => void): void => {
    if (act) how(act);
    setAct(null);
  };
  const question = act && (
    <Question
      title="Is it dark?"
      words={`It has to be dark before ${act.what}: light fogs it. This screen turns red from here.`}
      yes="It is dark: go on"
      no="Not yet"
      more={act.note && <Button onClick={() => end(({ run }) => run())}>{act.note}</Button>}
      onYes={() =>
        end(({ run }) => {
          setRedLight(safeLevel() ?? RED_LEVELS[0]);
          run();
        })
      }
      onNo={() => setAct(null)}
    />
  );
  return { darkFirst, question };
}
