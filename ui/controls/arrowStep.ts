const STEPS: Readonly<Record<string, readonly [right: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Which way an arrow key points on the screen, Shift for five times as far; `null`: it is another key. */
export function arrowStep({
  key,
  shiftKey,
}: {
  readonly key: string;
  readonly shiftKey: boolean;
}): readonly [number, number] | null {
  const step = STEPS[key];
  if (step === undefined) return null;
  const far = shiftKey ? 5 : 1;
  return [step[0] * far, step[1] * far];
}
