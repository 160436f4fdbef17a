import { answered, type ClockLook, looked, noteOf } from "../../core/basis/twoClocks/index.ts";

/** What a page's clock needs of the world. */
export interface ClockTools {
  /** ms since 1970; may be set. */
  readonly wall: () => number;
  /** ms; nobody can set it, and it may stand still in sleep. */
  readonly steady: () => number;
  /** What was kept when the page before was gone; `null`: nothing. */
  readonly read: () => string | null;
  readonly keep: (note: string | null) => void;
  /** Says to the other pages of this device what was answered here. */
  readonly tell: (answer: ClockAnswer) => void;
}

/** What somebody said of time in question. */
export interface ClockAnswer {
  /** What was in question, ms. */
  readonly jump: number;
  readonly passed: boolean;
}

/** Two pages that saw one jump differ by no more than this in it, ms: a page in the background looks once a second. */
const ONE_JUMP = 2000;

/** The note is kept anew after so long, ms. */
const KEPT_EVERY = 2000;

/** What ends with its page, and so is not kept: light that is counted at the enlarger. */
const PAGE_BOUND: readonly string[] = ["light"];

/** A page's clock, while something runs that it times; see {@link looked}. */
export interface PageClock {
  /** ms since 1970. */
  readonly now: () => number;
  /** Says whether something of this name runs: as long as anything does, the clock goes on through reloads. */
  readonly runs: (what: string, is: boolean) => void;
  /** Time in question, ms; `null`: none. */
  readonly jump: () => number | null;
  readonly answer: (passed: boolean) => void;
  /** Takes over what was answered on another page, where the same is in question here: nobody is asked twice. */
  readonly heard: (answer: ClockAnswer) => void;
  /** Follows what is in question. */
  readonly onJump: (listener: () => void) => () => void;
}

/** Makes a clock of a page. */
export function pageClock({ wall, steady, read, keep, tell }: ClockTools): PageClock {
  const kept = parsed(read());
  const running = new Set(kept?.running ?? []);
  let look: ClockLook | null = kept === null ? null : { ...kept, steady: null };
  let keptAt = Number.NEGATIVE_INFINITY;
  const listeners = new Set<() => void>();
  const store = (): void => {
    if (look === null) return;
    keptAt = steady();
    const lasting = [...running].filter((what) => !PAGE_BOUND.includes(what));
    keep(lasting.length === 0 ? null : JSON.stringify({ ...noteOf(look), running: lasting }));
  };
  const take = (next: ClockLook): ClockLook => {
    const asks = next.jump !== (look?.jump ?? 0);
    look = next;
    if (asks || Math.abs(steady() - keptAt) >= KEPT_EVERY) store();
    if (asks) for (const listener of listeners) listener();
    return next;
  };
  const answer = (passed: boolean): void => {
    if (look !== null) take(answered(looked(look, wall(), steady()), passed));
    store();
  };
  return {
    now: () => {
      // Nothing runs: the device's clock is as good as any.
      if (look === null) return wall();
      return take(looked(look, wall(), steady())).time;
    },
    runs: (what, is) => {
      if (is && look === null) take({ wall: wall(), time: wall(), jump: 0, steady: steady() });
      if (is === running.has(what)) return;
      if (is) running.add(what);
      else running.delete(what);
      if (running.size > 0) return store();
      const asked = (look?.jump ?? 0) !== 0;
      look = null;
      keep(null);
      if (asked) for (const listener of listeners) listener();
    },
    jump: () => (look === null || look.jump === 0 ? null : look.jump),
    answer: (passed) => {
      const asked = look?.jump ?? 0;
      answer(passed);
      if (asked !== 0) tell({ jump: asked, passed });
    },
    heard: ({ jump, passed }) => {
      // It may not have looked since.
      if (look !== null) take(looked(look, wall(), steady()));
      const here = look?.jump ?? 0;
      if (here !== 0 && Math.abs(here - jump) <= ONE_JUMP) answer(passed);
    },
    onJump: (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
  };
}

function parsed(text: string | null): (Omit<ClockLook, "steady"> & { readonly running: readonly string[] }) | null {
  try {
    const note = JSON.parse(text ?? "null") as Partial<ClockLook> & { readonly running?: unknown };
    const { wall, time, jump, running } = note;
    const whole = [wall, time, jump].every((each) => Number.isFinite(each)) && Array.isArray(running);
    return whole ? { wall: Number(wall), time: Number(time), jump: Number(jump), running: running.map(String) } : null;
  } catch {
    return null;
  }
}
