/** A clock that falls behind the other by more than this between two looks was set back, ms. */
const SET_BACK = 250;

/**
 * A clock that never goes back and never loses time. It follows the device's own, which goes on while the device sleeps;
 * where that is set back, the clock that nobody can set tells how much time went by. Chemistry did not wait.
 *
 * @param wall the device's clock, ms since 1970
 * @param steady a clock that nobody can set, but that may stand still in sleep, ms
 * @returns tells the time, ms since 1970
 */
export function trueClock(wall: () => number, steady: () => number): () => number {
  let seen = { wall: wall(), steady: steady() };
  let mended = 0;
  let last = seen.wall;
  return () => {
    const now = { wall: wall(), steady: steady() };
    const lost = now.steady - seen.steady - (now.wall - seen.wall);
    if (lost > SET_BACK) mended += lost;
    seen = now;
    last = Math.max(last, now.wall + mended);
    return last;
  };
}
