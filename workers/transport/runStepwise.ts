import type { JobControl } from "./protocol.ts";

/**
 * Walks a long sum step by step and tells how far it is; between its steps others are heard, and it may be given up.
 *
 * @returns what it comes to; `null`: it was given up
 */
export async function runStepwise<T>(
  steps: Generator<number, T, void>,
  { report, cancelled }: JobControl,
): Promise<{ readonly value: T } | null> {
  for (;;) {
    const step = steps.next();
    if (step.done) return { value: step.value };
    report(step.value);
    await new Promise((next) => setTimeout(next, 0));
    if (cancelled()) return null;
  }
}
