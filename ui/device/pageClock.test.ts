import { type ClockAnswer, type PageClock, pageClock } from "./pageClock.ts";

/** A device: its two clocks, what it keeps, and pages that come and go on it. */
function device() {
  let [wall, steady] = [5_000_000, 100];
  let kept: string | null = null;
  const open = (): PageClock =>
    pageClock({
      wall: () => wall,
      steady: () => steady,
      read: () => kept,
      keep: (note) => {
        kept = note;
      },
      tell: (answer) => {
        for (const hear of others) hear(answer);
      },
    });
  const others: ((answer: ClockAnswer) => void)[] = [];
  return {
    open,
    others,
    kept: () => kept,
    pass: (byWall: number, bySteady = byWall) => {
      wall += byWall;
      steady += bySteady;
    },
    /** A page that begins has a steady clock of its own. */
    reload: () => {
      steady = 0;
      return open();
    },
    wall: () => wall,
  };
}

test("while nothing runs it is the device’s clock, asleep or set, and nothing is kept or asked", () => {
  const { open, pass, kept, wall } = device();
  const clock = open();
  pass(3_600_000, 0);
  expect(clock.now()).toBe(wall());
  pass(-7_200_000, 0);
  expect(clock.now()).toBe(wall());
  expect([clock.jump(), kept()]).toEqual([null, null]);
});

test("what slept before something began is not asked for", () => {
  const { open, pass, wall } = device();
  const clock = open();
  pass(8 * 3_600_000, 0);
  clock.runs("counts", true);
  expect([clock.now(), clock.jump()]).toEqual([wall(), null]);
});

test("set back by an hour and reloaded: it goes on from where it was, until nothing runs", () => {
  const { open, pass, reload, wall } = device();
  const clock = open();
  clock.runs("counts", true);
  pass(3000);
  const before = clock.now();
  pass(-3_600_000, 0);
  expect([clock.now(), clock.jump()]).toEqual([before, -3_600_000]);
  clock.answer(false);
  pass(2500);
  clock.now();
  const next = reload();
  pass(1000);
  expect(next.now()).toBe(before + 3500);
  next.runs("counts", false);
  expect(next.now()).toBe(wall());
});

test("what is in question stays so through a reload, and is told to whoever follows", () => {
  const { open, pass, reload } = device();
  const clock = open();
  clock.runs("sheets", true);
  let told = 0;
  clock.onJump(() => told++);
  pass(1_203_000, 3000);
  const before = clock.now();
  expect([clock.jump(), told]).toEqual([1_200_000, 1]);
  const next = reload();
  expect(next.jump()).toBe(1_200_000);
  next.answer(true);
  expect(next.now()).toBe(before + 1_200_000);
  expect(next.jump()).toBeNull();
});

test("of two things that run it goes on until both are over; a torn note is none", () => {
  const { open, kept } = device();
  const clock = open();
  clock.runs("counts", true);
  clock.runs("sheets", true);
  clock.runs("counts", false);
  expect(kept()).not.toBeNull();
  clock.runs("sheets", false);
  expect(kept()).toBeNull();
  const torn = pageClock({ wall: () => 7, steady: () => 0, read: () => "{", keep: () => {}, tell: () => {} });
  expect(torn.now()).toBe(7);
});

test("light that is counted ends with its page: the next one asks nothing of the night it slept through", () => {
  const { open, pass, kept, reload, wall } = device();
  const clock = open();
  clock.runs("light", true);
  pass(3000);
  clock.now();
  expect(kept()).toBeNull();
  const next = reload();
  pass(8 * 3_600_000, 0);
  expect([next.now(), next.jump()]).toEqual([wall(), null]);
});

describe("two pages of one device", () => {
  const both = () => {
    const here = device();
    const [one, two] = [here.open(), here.open()];
    here.others.push(two.heard);
    for (const clock of [one, two]) clock.runs("sheets", true);
    return { ...here, one, two };
  };
  test("what is answered on one is answered on the other, also where that has not looked since", () => {
    const { one, two, pass } = both();
    const before = one.now();
    pass(1_203_000, 3000);
    one.now();
    one.answer(true);
    expect(two.jump()).toBeNull();
    expect([one.now(), two.now()]).toEqual([before + 1_203_000, before + 1_203_000]);
  });
  test("another jump is asked for by itself", () => {
    const { one, two, pass, others } = both();
    others.length = 0;
    pass(600_000, 0);
    one.now();
    two.now();
    two.heard({ jump: 60_000, passed: true });
    expect(two.jump()).toBe(600_000);
    two.heard({ jump: 600_000 - 1500, passed: false });
    expect(two.jump()).toBeNull();
  });
  test("where nothing is in question nothing is said", () => {
    const { one, two, others, wall } = both();
    const said: unknown[] = [];
    others.push((answer) => said.push(answer));
    one.answer(true);
    two.heard({ jump: 5000, passed: true });
    expect(said).toEqual([]);
    expect(two.now()).toBe(wall());
  });
});
