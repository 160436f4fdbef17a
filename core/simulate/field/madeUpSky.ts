/** How long a sky stays as it is, on the mean, minutes: a stand-in. */
const SPELL = 50;
/** Kinds of days and how often they come: overcast, clear, and all between. A stand-in for a temperate year. */
const OVERCAST = 0.35;
const CLEAR = 0.15;

/**
 * A made-up sky: some days overcast, some clear, most with spells of sun and cloud.
 *
 * @param random numbers from 0 to 1, 1 left out
 * @param step minutes between moments
 * @returns for a day with so many moments: 1 where the sun shines, 0 where it is behind cloud
 * @example madeUpSky(() => 0.1, 5)(3).length // 3
 */
export function madeUpSky(random: () => number, step: number): (moments: number) => Uint8Array<ArrayBuffer> {
  return (moments) => {
    const kind = random();
    const share =
      kind < OVERCAST ? 0.04 * random() : kind < OVERCAST + CLEAR ? 0.96 + 0.04 * random() : 0.15 + 0.7 * random();
    const sky = new Uint8Array(moments);
    let shines = random() < share;
    for (let i = 0; i < moments; i++) {
      sky[i] = shines ? 1 : 0;
      // Both ways as often: what leaves the sun comes back to it.
      const turn = Math.min(1, step / SPELL) * (shines ? 1 - share : share);
      if (random() < turn) shines = !shines;
    }
    return sky;
  };
}
