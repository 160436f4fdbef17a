/** What is kept of a clock when its page is gone, ms. */
export interface ClockNote {
  /** The device's clock when it was looked at last, since 1970. */
  readonly wall: number;
  /** What counts as the time then, since 1970: it never goes back. */
  readonly time: number;
  /** How much more (negative: less) time passed by the device's clock than by the steady one, and nobody has said which is right. */
  readonly jump: number;
}

/** A clock as it was looked at last. */
export interface ClockLook extends ClockNote {
  /** The clock that nobody can set, but that may stand still in sleep; `null`: it was another page's. */
  readonly steady: number | null;
}

/** Two clocks that differ by no more than this went on alike, ms: looking at both takes its time. */
const ALIKE = 250;
/** From here on it is asked which of them is right, ms. */
const ASKED = 2000;

/**
 * Looks at two clocks: the one of the device, which may be set, and a steady one, which may stand still while the device
 * sleeps. Where they went on alike, that much time has passed. Where not, only the steady one's has, and the rest waits for
 * somebody to say what happened. After a reload no steady clock tells: the device's is believed, but time never goes back.
 *
 * @param wall ms since 1970
 * @param steady ms of any beginning
 * @example looked({ wall: 0, time: 0, jump: 0, steady: 0 }, 60_000, 1000).jump // 59000
 */
export function looked(before: ClockLook, wall: number, steady: number): ClockLook {
  const byWall = wall - before.wall;
  if (before.steady === null) return { wall, steady, time: before.time + Math.max(0, byWall), jump: before.jump };
  const bySteady = Math.max(0, steady - before.steady);
  const apart = byWall - bySteady;
  const alike = Math.abs(apart) <= ALIKE;
  return {
    wall,
    steady,
    time: before.time + Math.max(0, alike ? byWall : bySteady),
    jump: before.jump + (Math.abs(apart) > ASKED ? apart : 0),
  };
}

/**
 * A clock after somebody has said whether the time that is in question passed.
 *
 * @param passed whether it did: the device slept. Else its clock was set. A clock that was set back takes no time away
 * @example answered({ wall: 0, time: 1000, jump: 59_000, steady: 0 }, true).time // 60000
 */
export function answered(now: ClockLook, passed: boolean): ClockLook {
  return { ...now, time: now.time + (passed ? Math.max(0, now.jump) : 0), jump: 0 };
}

/** What is kept of a clock when its page goes. */
export function noteOf({ wall, time, jump }: ClockLook): ClockNote {
  return { wall, time, jump };
}
