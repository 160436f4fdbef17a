import { soundSchedule, type Tone, type ToneKind } from "./soundSchedule.ts";

/** How long the device shakes, ms. */
const SHAKES: Readonly<Record<ToneKind, number | readonly number[]>> = {
  tick: 60,
  open: 150,
  end: [400, 120, 400],
  rock: [120, 80, 120],
  still: 80,
};

let shared: AudioContext | undefined;

/** The page's one audio context: browsers let it sound only once somebody has pressed something. */
export function wakeSound(): void {
  if (!("AudioContext" in globalThis)) return;
  shared ??= new AudioContext();
  if (shared.state === "suspended") shared.resume().catch(() => undefined);
}

/** Whether the page may sound: after a reload not before somebody has touched it. */
export function isSoundAwake(): boolean {
  return shared?.state === "running";
}

/** Plans signals to be felt and, if wished, heard. @returns takes back what has not come yet */
export function planSignals(tones: readonly Tone[], sound: boolean): () => void {
  const shakes = tones.map(({ after, kind }) =>
    setTimeout(() => navigator.vibrate?.(SHAKES[kind] as VibratePattern), 1000 * after),
  );
  const silence = sound && shared !== undefined ? soundSchedule(shared, tones) : () => undefined;
  return () => {
    silence();
    for (const each of shakes) clearTimeout(each);
  };
}
