import { chance } from "../../core/basis/numeric/chance.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { fieldValue, withField } from "../../core/camera/container/index.ts";
import { type Change, changesBetween, withChanges } from "../../core/document/index.ts";
import { testCamera } from "../../core/testing/cameras.ts";
import type { Edit } from "../../storage/index.ts";
import { type EditAnswer, EditsInHand } from "./EditsInHand.ts";

const FULL = { reason: "full", message: "full" } as const;

/** A database that answers when it is told to, a notepad, a clock that is turned by hand. */
function bench() {
  let stored: Camera = { ...testCamera("flat-box"), updatedAt: new Date(0).toISOString() };
  let nowMs = 0;
  let timers: { readonly at: number; readonly run: () => void }[] = [];
  let strokes = 0;
  const notes: ({ readonly label: string; readonly changes: readonly Change[] } | null)[] = [];
  const waiting: { readonly edit: Edit; readonly answer: (answer: EditAnswer<Camera>) => void }[] = [];
  const hand = new EditsInHand(stored, {
    send: (edit) => new Promise((answer) => waiting.push({ edit, answer })),
    note: (note) => void notes.push(note),
    later: (ms, run) => {
      const timer = { at: nowMs + ms, run };
      timers.push(timer);
      return () => {
        timers = timers.filter((each) => each !== timer);
      };
    },
    nowMs: () => nowMs,
    newStroke: () => `stroke ${++strokes}`,
  });
  return {
    hand,
    notes,
    waiting,
    stored: () => stored,
    /** Lets time go by. */
    pass(ms: number) {
      nowMs += ms;
      const due = timers.filter(({ at }) => at <= nowMs);
      timers = timers.filter(({ at }) => at > nowMs);
      for (const { run } of due) run();
    },
    /** Stores the edit sent first, or fails it; the answer comes back. */
    async answers(failed: EditAnswer<Camera>["failed"] = null) {
      const next = waiting.shift();
      if (next === undefined) throw new Error("nothing was sent");
      if (failed === null) stored = later(withChanges(stored, next.edit.changes, "redo"), stored);
      next.answer({ failed, stored: failed === null ? stored : null });
      await settled();
      return stored;
    },
    /** Somebody else's change. */
    elsewhere(change: (camera: Camera) => Camera) {
      stored = later(change(stored), stored);
      return stored;
    },
    field: (field: Parameters<typeof fieldValue>[1]) => fieldValue(hand.shown().record, field),
  };
}

function later(camera: Camera, before: Camera): Camera {
  return { ...camera, updatedAt: new Date(Date.parse(before.updatedAt ?? "") + 1).toISOString() };
}

async function settled(): Promise<void> {
  for (let i = 0; i < 5; i++) await Promise.resolve();
}

const depth = (mm: number) => (camera: Camera) => withField(camera, "container.depth", mm);
const wall = (mm: number) => (camera: Camera) => withField(camera, "container.wall", mm);

test("what has no room is tried again after a while; of what was deleted elsewhere nothing is, until it is there again", async () => {
  const { hand, waiting, pass, answers, elsewhere } = bench();
  hand.edit("depth", depth(80));
  pass(250);
  await answers(FULL);
  pass(5000);
  expect(waiting).toHaveLength(1);
  await answers({ reason: "missing", message: "gone" });
  pass(60_000);
  expect(waiting).toHaveLength(0);
  expect(hand.shown().saveState).toMatchObject({ reason: "missing" });
  hand.arrives(elsewhere(wall(2)));
  void hand.flush();
  await answers();
  expect(hand.shown().saveState).toBe("saved");
});

test("an edit shows at once, is noted at once, stored a moment later, and its note is struck out on the answer", async () => {
  const { hand, notes, waiting, pass, answers, field } = bench();
  hand.edit("depth", depth(80));
  expect(field("container.depth")).toBe(80);
  expect(hand.shown().saveState).toBe("saving");
  expect(notes).toHaveLength(1);
  expect(waiting).toHaveLength(0);
  pass(249);
  expect(waiting).toHaveLength(0);
  pass(1);
  expect(waiting.map(({ edit }) => edit.label)).toEqual(["depth"]);
  await answers();
  expect(hand.shown().saveState).toBe("saved");
  expect(notes.at(-1)).toBeNull();
});

test("while a hand goes on, what it did is stored every quarter of a second, all as one stroke", async () => {
  const { hand, waiting, pass, answers } = bench();
  hand.hold(true);
  for (let i = 0; i < 20; i++) {
    hand.edit("depth", depth(71 + i));
    pass(i === 9 ? 3000 : 60);
    while (waiting.length > 0) await answers();
  }
  hand.hold(false);
  hand.edit("depth", depth(120));
  void hand.flush();
  const strokes = new Set(waiting.map(({ edit }) => edit.stroke));
  expect(strokes).toEqual(new Set(["stroke 1"]));
  pass(1001);
  hand.edit("depth", depth(121));
  void hand.flush();
  expect(waiting.at(-1)?.edit.stroke).toBe("stroke 2");
});

test("other words are another edit and another step of undo, sent at once in their order", () => {
  const { hand, waiting } = bench();
  hand.edit("depth", depth(80));
  hand.edit("wall", wall(2));
  void hand.flush();
  expect(waiting.map(({ edit }) => [edit.label, edit.stroke])).toEqual([
    ["depth", "stroke 1"],
    ["wall", "stroke 2"],
  ]);
  expect(waiting[1]?.edit.changes.some(({ path }) => path.join() === "container,depth")).toBe(false);
});

test("an older echo never throws a newer edit back, on its way or stored", async () => {
  const { hand, pass, answers, stored, field } = bench();
  hand.edit("depth", depth(80));
  pass(250);
  const first = await answers();
  hand.edit("depth", depth(90));
  // The echo of the first comes while the second is in hand, then while it is on its way, then after it is stored.
  hand.arrives({ ...first });
  expect(field("container.depth")).toBe(90);
  pass(250);
  hand.arrives({ ...first });
  expect(field("container.depth")).toBe(90);
  await answers();
  hand.arrives({ ...first });
  expect(field("container.depth")).toBe(90);
  hand.arrives(stored());
  expect(field("container.depth")).toBe(90);
  expect(hand.shown().saveState).toBe("saved");
});

test("another tab’s edit comes in under what is in hand; lists of both are merged", async () => {
  const { hand, pass, answers, elsewhere, stored, field } = bench();
  const tick = (id: string) => (camera: Camera) => ({
    ...camera,
    making: { ...camera.making, done: [...(camera.making?.done ?? []), id] },
  });
  hand.edit("tick a step", tick("opaque"));
  hand.arrives(elsewhere(tick("hole")));
  hand.arrives(elsewhere(wall(3)));
  expect(hand.shown().record.making?.done).toEqual(["hole", "opaque"]);
  expect(field("container.wall")).toBe(3);
  pass(250);
  await answers();
  expect(stored().making?.done).toEqual(["hole", "opaque"]);
});

test("flushing waits for what was on its way already: an Undo pressed now must not overtake it", async () => {
  const { hand, waiting, answers, pass } = bench();
  hand.edit("depth", depth(80));
  pass(300);
  expect(waiting).toHaveLength(1);
  let isFlushed = false;
  void hand.flush().then(() => {
    isFlushed = true;
  });
  await settled();
  expect(isFlushed).toBe(false);
  await answers();
  expect(isFlushed).toBe(true);
});

test("what could not be stored stays in hand, is said, and goes along with the next try", async () => {
  const { hand, notes, waiting, pass, answers, stored, field } = bench();
  hand.edit("depth", depth(80));
  pass(250);
  await answers(FULL);
  expect(hand.shown().saveState).toBe(FULL);
  expect(field("container.depth")).toBe(80);
  expect(notes.at(-1)).not.toBeNull();
  hand.edit("depth", depth(85));
  expect(hand.shown().saveState).toBe(FULL);
  void hand.flush();
  expect(waiting).toHaveLength(1);
  await answers();
  expect(fieldValue(stored(), "container.depth")).toBe(85);
  expect(hand.shown().saveState).toBe("saved");
  expect(notes.at(-1)).toBeNull();
});

test("an edit taken back before it was sent leaves nothing to save", () => {
  const { hand, notes, waiting, pass } = bench();
  hand.edit("depth", depth(80));
  hand.edit("depth", depth(70));
  pass(250);
  expect(waiting).toHaveLength(0);
  expect(hand.shown().saveState).toBe("saved");
  expect(notes.at(-1)).toBeNull();
});

test("a change to nothing is no edit; those who follow are told of every other", () => {
  const { hand, waiting, pass } = bench();
  let told = 0;
  const end = hand.subscribe(() => told++);
  hand.edit("depth", (camera) => camera);
  expect(told).toBe(0);
  hand.edit("depth", depth(75));
  expect(told).toBe(1);
  end();
  pass(250);
  expect(told).toBe(1);
  expect(waiting).toHaveLength(1);
});

test("whatever the order of edits, answers, failures and echoes: in the end the screen is what is stored, with every edit in it", async () => {
  for (let seed = 1; seed <= 100; seed++) {
    const random = chance(seed);
    const at = bench();
    const { hand, waiting, pass, answers, stored, elsewhere } = at;
    const echoes: Camera[] = [];
    let last = 70;
    let other = 1;
    for (let step = 0; step < 60; step++) {
      const dice = random();
      if (dice < 0.4) {
        last = 71 + Math.floor(100 * random());
        hand.edit("depth", depth(last));
        expect(at.field("container.depth")).toBe(last);
      } else if (dice < 0.6) pass(Math.floor(300 * random()));
      else if (dice < 0.75 && waiting.length > 0) echoes.push(await answers(random() < 0.2 ? FULL : null));
      else if (dice < 0.85) {
        other = 1 + Math.floor(10 * random());
        echoes.push(elsewhere(wall(other)));
      } else {
        const echo = echoes[Math.floor(random() * echoes.length)];
        if (echo !== undefined) hand.arrives({ ...echo });
      }
      expect(at.field("container.depth")).toBe(last);
    }
    for (let round = 0; round < 5 && (waiting.length > 0 || hand.shown().saveState !== "saved"); round++) {
      void hand.flush();
      while (waiting.length > 0) await answers();
    }
    hand.arrives(stored());
    expect(hand.shown().saveState).toBe("saved");
    expect(changesBetween(stored(), hand.shown().record)).toEqual([]);
    expect([fieldValue(stored(), "container.depth"), fieldValue(stored(), "container.wall")]).toEqual([last, other]);
  }
});
