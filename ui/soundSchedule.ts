import { type Signal, signals } from "../core/light/exposure/index.ts";

/** How each signal sounds: pitch in Hz, length in s. */
const SOUNDS: Readonly<Record<Signal["kind"], readonly [pitch: number, length: number]>> = {
  tick: [660, 0.08],
  open: [880, 0.25],
  end: [1320, 0.7],
};

/** The part of Web Audio that a schedule needs. */
export type SoundContext = Pick<AudioContext, "currentTime" | "createOscillator" | "createGain" | "destination">;

/**
 * Hands all sounds of a count to the audio clock at once: they come at their time also where the page is throttled.
 *
 * @param target s the hole is to be open
 * @param open s it has been open; negative while it is counted in
 * @returns takes back what was not heard yet
 */
export function soundSchedule(context: SoundContext, target: number, open: number): () => void {
  const start = context.currentTime - open;
  const planned = signals(target, open).map(({ at, kind }) => {
    const [pitch, length] = SOUNDS[kind];
    const tone = context.createOscillator();
    const loud = context.createGain();
    tone.frequency.value = pitch;
    // A hair of rise and fall, so that it does not click.
    loud.gain.setValueAtTime(0, start + at);
    loud.gain.linearRampToValueAtTime(0.5, start + at + 0.01);
    loud.gain.setValueAtTime(0.5, start + at + length - 0.02);
    loud.gain.linearRampToValueAtTime(0, start + at + length);
    tone.connect(loud).connect(context.destination);
    tone.start(start + at);
    tone.stop(start + at + length);
    return tone;
  });
  return () => {
    for (const tone of planned) tone.disconnect();
  };
}
