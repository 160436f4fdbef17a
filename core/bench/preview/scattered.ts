import { type PreviewOrder, renderExposure } from "./render.ts";

/** Pixels on the longer side that a sheet's mean is taken from. */
const FEW = 40;

/**
 * The even exposure that a sheet gets back from the walls around it.
 *
 * @param share of its own mean, see `scatteredShare`
 * @returns lx·s, the same for whatever part of the sheet is drawn, and how finely
 * @example scatteredExposure({ …order, pixels: 1600 }, 0.1) === scatteredExposure({ …order, pixels: 320 }, 0.1) // true
 */
export function scatteredExposure(order: PreviewOrder, share: number): number {
  const steps = renderExposure({ ...order, pixels: FEW });
  for (;;) {
    const step = steps.next();
    if (!step.done) continue;
    const { exposure } = step.value;
    return (share * exposure.reduce((sum, each) => sum + each, 0)) / exposure.length;
  }
}
