import { type Maker, stage } from "../support/maker.ts";
import { empty, fill, narrow } from "../support/storage.ts";

const { address, arrive } = stage(true);

/** What a place writes: how one comes to it, the press that writes, and what stands there when it is written. */
interface Write {
  readonly at: string;
  readonly first: (maker: Maker) => Promise<unknown>;
  readonly press: string;
  /** What was typed is still there while it is not written: an entry and its words. */
  readonly typed?: readonly [string, string];
  readonly shows: readonly [string, RegExp];
}

/** A notice that something is not stored. */
const FULL = /storage is full: this could not be saved/;

const WRITES: Readonly<Record<string, Write>> = {
  "a pack": {
    at: "/stock",
    first: async (maker) => {
      await maker.press("Note a pack");
      await maker.type("Note", "from the shed drawer");
    },
    press: "Keep the pack",
    typed: ["Note", "from the shed drawer"],
    shows: ["[data-packs]", /from the shed drawer/],
  },
  "a medium": {
    at: "/stock",
    first: async (maker) => {
      await maker.press("Write down a medium");
      await maker.type("Name", "Shed paper");
    },
    press: "Keep the medium",
    typed: ["Name", "Shed paper"],
    shows: ["[data-media]", /Shed paper/],
  },
  "a bottle": {
    at: "/dark/bottles",
    first: (maker) => maker.type("Name on the bottle (may stay empty)", "Fix of May"),
    press: "Mixed: note it",
    typed: ["Name on the bottle (may stay empty)", "Fix of May"],
    shows: ["[data-bottles]", /Fix of May/],
  },
  "a recipe": {
    at: "/dark/trays",
    first: async (maker) => {
      await maker.press("Where this comes from, and your own recipes");
      await maker.press("Copy it as mine");
      await maker.type("Name of the recipe", "Shed, winter");
    },
    press: "Keep the recipe",
    typed: ["Name of the recipe", "Shed, winter"],
    shows: ["main", /Shed, winter/],
  },
  "a shot’s words": {
    at: "/log",
    first: async (maker) => {
      await maker.press("Edit");
      await maker.type("Subject", "Bean rows in June");
    },
    press: "Save the shot",
    typed: ["Subject", "Bean rows in June"],
    shows: ["[data-shot]", /Bean rows in June/],
  },
  "a load": {
    at: "/dark?camera=thistle-feed-drum",
    first: async () => undefined,
    press: "T1 is loaded",
    shows: ['[data-filled="1"]', /T2 is loaded/],
  },
};

describe("the browser’s storage is full, at every place’s write", () => {
  test.each(Object.keys(WRITES))(
    "%s: it is said, what was typed stays, and it is written when there is room",
    async (name) => {
      const { at, first, press, typed, shows } = WRITES[name] as Write;
      const maker = await arrive();
      await narrow(maker, address());
      await maker.goTo(at);
      await first(maker);
      await fill(maker);
      await maker.press(press);
      await maker.sees("body", FULL);
      if (typed) {
        const [entry, words] = typed;
        const there = await (await maker.control(entry)).evaluate((each) => (each as HTMLInputElement).value);
        expect(there).toBe(words);
      }
      await empty(maker);
      await maker.press(press);
      await maker.sees(...shows);
      await maker.reload();
      await maker.sees(...shows);
    },
  );
});

test("what this site had stored is cleared under an open hole: it is said at once, nothing goes into a new database", async () => {
  const maker = await arrive();
  await maker.goTo("/field?camera=thistle-biscuit-tin");
  await maker.press("Open the hole");
  await maker.sees("[data-counting]", /still to go/i);
  const session = await maker.page.createCDPSession();
  await session.send("Storage.clearDataForOrigin", {
    origin: new URL(maker.page.url()).origin,
    storageTypes: "indexeddb",
  });
  await maker.sees("[data-connection=emptied]", /was cleared while this page was open/);
  await maker.press("Close the hole");
  // What is on the screen can still be read, and is not said to be logged.
  await maker.press("Log this shot");
  await maker.sees("main", /cleared meanwhile: from here nothing is stored/);
  const made = await maker.page.evaluate(() => indexedDB.databases());
  expect(made.map(({ name }) => name)).not.toContain("still-box");
});
