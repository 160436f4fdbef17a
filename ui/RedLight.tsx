import { useSyncExternalStore } from "react";
import { Ask } from "./Ask.tsx";
import { Button } from "./Button.tsx";
import { onRedLight, RED_LEVELS, redLevel, setRedLight } from "./redLight.ts";
import { safelightWords } from "./safelight.ts";

/** At the foot of every page while the red light is on: dimmer, brighter, and back to white with a question. */
export default function RedLight() {
  const level = useSyncExternalStore(onRedLight, redLevel, () => null);
  if (level === null) return null;
  const at = RED_LEVELS.findIndex((each) => each >= level);
  const step = (to: number): void => setRedLight(RED_LEVELS[to] ?? level);
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
      <Ask
        title="White light?"
        words="It fogs every sheet that is not in its box, its camera or the fixer."
        yes="All is put away: white light"
        no="Stay red"
        onYes={() => setRedLight(null)}
      >
        <Button look="quiet" className="min-h-[3.3rem]">
          White light
        </Button>
      </Ask>
    </aside>
  );
}
