import { useState, useSyncExternalStore } from "react";
import type { SheetOut } from "../../core/darkroom/lamp/index.ts";
import { foggedWords } from "../../wording/darkroomWords.ts";
import { Button } from "../controls/Button.tsx";
import { usePath } from "../page/usePath.ts";
import { Question } from "../seldom/Question.tsx";
import { isInDark, onRedLight, RED_LEVELS, redLevel, setRedLight } from "./redLight.ts";
import { safelightWords } from "./safelight.ts";
import { useAllowedLamp } from "./sheetsOut.ts";

/** At the foot of every page while the red light is on: dimmer, brighter, and daylight, after a question while a sheet is out. */
export default function RedLight() {
  const level = useSyncExternalStore(onRedLight, redLevel, () => null);
  const allowed = useAllowedLamp();
  const path = usePath();
  const [barred, setBarred] = useState<readonly SheetOut[] | null>(null);
  if (level === null) return null;
  const at = RED_LEVELS.findIndex((each) => each >= level);
  const step = (to: number): void => setRedLight(RED_LEVELS[to] ?? level);
  const daylight = (): void => {
    const { lamp, because } = allowed();
    if (lamp === "white") setRedLight(null);
    else setBarred(because);
  };
  return (
    <aside
      aria-label="Red light"
      data-red-light={level}
      className="fixed inset-x-0 bottom-0 z-30 flex flex-wrap items-center gap-2 border-ink border-t bg-card px-4 py-1 print:hidden"
    >
      <p className="mr-auto max-w-md text-[0.83rem] leading-tight">
        Red only. {safelightWords(level)} Film bears no light at all.
      </p>
      <Button className="min-h-[3.3rem]" disabled={at <= 0} onClick={() => step(at - 1)}>
        Dimmer
      </Button>
      <Button className="min-h-[3.3rem]" disabled={at >= RED_LEVELS.length - 1} onClick={() => step(at + 1)}>
        Brighter
      </Button>
      {/* In a place of the daylight it is what one looks for first. */}
      <Button look={isInDark(path) ? "plain" : "action"} className="min-h-[3.3rem]" onClick={daylight}>
        Daylight
      </Button>
      {barred !== null && (
        <Question
          title="Daylight?"
          words={foggedWords(barred)}
          yes="All is put away: daylight"
          no="Stay red"
          onYes={() => setRedLight(null)}
          onNo={() => setBarred(null)}
        />
      )}
    </aside>
  );
}
