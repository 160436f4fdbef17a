/** What is heard: a second, the opening, the end, and in the dark when to rock a tray and when to leave it still. */
export type ToneKind = "tick" | "open" | "end" | "rock" | "still";

/** How each sounds: pitch in Hz, length in s. */
const SOUNDS: Readonly<Record<ToneKind, readonly [pitch: number, length: number]>> = {
  tick: [660, 0.08],
  open: [880, 0.25],
  end: [1320, 0.7],
  rock: [440, 0.15],
  still: [330, 0.1],
};

/** A tone that lies ahead, s from now. */
export interface Tone {
  readonly after: number;
  readonly kind: ToneKind;
}

/** The part of Web Audio that a schedule needs. */
export type SoundContext = Pick<AudioContext, "currentTime" | "createOscillator" | "createGain" | "destination">;

/**
 * Hands tones to the audio clock at once: they come at their time also where the page is throttled.
 *
 * @returns takes back what was not heard yet
 */
export function soundSchedule(context: SoundContext, tones: readonly Tone[]): () => void {
  const now = context.currentTime;
  const planned = tones.map(({ after, kind }) => {
    const [pitch, length] = SOUNDS[kind];
    const start = now + after;
    const tone = context.createOscillator();
    const loud = context.createGain();
    tone.frequency.value = pitch;
    // A hair of rise and fall, so that it does not click.
    loud.gain.setValueAtTime(0, start);
    loud.gain.linearRampToValueAtTime(0.5, start + 0.01);
    loud.gain.setValueAtTime(0.5, start + length - 0.02);
    loud.gain.linearRampToValueAtTime(0, start + length);
    tone.connect(loud).connect(context.destination);
    tone.start(start);
    tone.stop(start + length);
    return tone;
  });
  return () => {
    for (const tone of planned) tone.disconnect();
  };
}
