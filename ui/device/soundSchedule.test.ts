import { signals } from "../../core/light/exposure/index.ts";
import { type SoundContext, soundSchedule } from "./soundSchedule.ts";

/** An audio clock that notes what was asked of it. */
function listening(currentTime: number) {
  const starts: number[] = [];
  const stops: number[] = [];
  let heard = 0;
  const node = {
    connect: () => ({ connect: () => undefined }),
    disconnect: () => void heard--,
    start: (at: number) => {
      starts.push(at);
      heard++;
    },
    stop: (at: number) => void stops.push(at),
    frequency: { value: 0 },
    gain: { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
  };
  const context = { currentTime, destination: {}, createOscillator: () => node, createGain: () => node };
  return { context: context as unknown as SoundContext, starts, stops, left: () => heard };
}

test("every sound is given to the audio clock at its time: within a millisecond of the second it stands for", () => {
  const { context, starts, stops } = listening(100);
  const tones = signals(12, 2.25).map(({ at, kind }) => ({ after: at - 2.25, kind }));
  soundSchedule(context, tones);
  // Open since 2.25 s at 100 on the audio clock: the end, 12 s, is at 109.75.
  const wanted = [7, 8, 9, 10, 11, 12].map((second) => 100 + second - 2.25);
  expect(starts).toHaveLength(wanted.length);
  starts.forEach((at, index) => void expect(Math.abs(at - (wanted[index] as number))).toBeLessThan(0.001));
  stops.forEach((at, index) => void expect(at).toBeGreaterThan(starts[index] as number));
});

test("what was not heard yet is taken back", () => {
  const { context, starts, left } = listening(0);
  const silence = soundSchedule(context, [
    { after: 1, kind: "tick" },
    { after: 2, kind: "end" },
  ]);
  expect(left()).toBe(starts.length);
  silence();
  expect(left()).toBe(0);
});
