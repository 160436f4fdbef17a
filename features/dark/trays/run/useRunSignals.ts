import { useEffect, useRef } from "react";
import { stepSignals } from "../../../../core/darkroom/run/index.ts";
import { planSignals } from "../../../../ui/device/signals.ts";
import { hush, speak } from "../../../../ui/device/speech.ts";
import { BATH_WORDS } from "../../../../wording/darkroomWords.ts";
import type { SheetNow } from "./useRuns.ts";

/** The audio clock is not the device’s: what is planned on it is planned anew so often, ms. */
const REPLAN = 30_000;
/** So far ahead, s: also a page that is looked at once a minute misses nothing, and one that was left is heard for a while. */
const AHEAD = 600;

/** Takes back what is planned and not heard yet. It outlives the page: one may look at the bottles. */
let silence = (): void => undefined;

/**
 * Lets the baths be heard and felt: rocking, the last five seconds, the end; spoken too, where that is wished.
 *
 * @param woken how often the sound was woken: what was planned before was not heard
 */
export function useRunSignals(
  going: readonly SheetNow[],
  now: number,
  sound: boolean,
  speech: boolean,
  woken: number = 0,
): void {
  const latest = useRef(going);
  latest.current = going;
  const round = Math.floor(now / REPLAN);
  const key = going
    .map(({ development, at }) => `${development.id} ${at.step}`)
    .sort()
    .join("|");
  useEffect(() => {
    // A new round is planned anew, and what belongs to no sheet any more is silent.
    silence();
    silence = () => undefined;
    if (key === "" || round < 0 || woken < 0) return;
    const tones = latest.current.flatMap(({ at }) =>
      at.now === null
        ? []
        : stepSignals(at.now, at.elapsed).map(({ at: when, kind }) => ({ after: when - at.elapsed, kind })),
    );
    silence = planSignals(
      tones.filter(({ after }) => after <= AHEAD),
      sound,
    );
  }, [key, round, sound, woken]);
  useEffect(() => {
    if (!speech || key === "") return;
    const said = latest.current.flatMap(({ development, at }) => {
      const { now: step, next, left } = at;
      if (step === null || left <= 0) return [];
      const name = development.sheet || "the sheet";
      const words = next === null ? `${name} is through` : `${name}: to the ${BATH_WORDS[next.bath]}`;
      return [setTimeout(() => speak(words), 1000 * left)];
    });
    return () => {
      for (const each of said) clearTimeout(each);
      hush();
    };
  }, [key, speech]);
}
