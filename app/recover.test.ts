/** @jest-environment ./scripts/jest-browser.cjs */
import type { Recovery } from "../storage/index.ts";
import { takeWaiting } from "../ui/edits/waiting.ts";
import { recover } from "./recover.ts";

const NOTE = {
  id: "n",
  name: "cameras" as const,
  recordId: "tin",
  label: "depth",
  changes: [{ path: ["a"], before: 1, after: 2 }],
  at: "",
};
let unsaved: Recovery;
const edited: unknown[] = [];
const said: { readonly words: string; readonly action?: { readonly name: string; readonly run: () => void } }[] = [];

jest.mock("../storage/index.ts", () => ({
  recoverActs: () => Promise.resolve(),
  recoverUnsaved: () => Promise.resolve(unsaved),
  cameraNames: () => Promise.resolve([{ id: "tin", name: "Biscuit tin" }]),
  editRecord: (...all: unknown[]) => {
    edited.push(all.slice(0, 3));
    return Promise.resolve({ ok: true, value: null });
  },
}));
jest.mock("../ui/notices/notify.ts", () => ({
  notify: (words: string, { action }: { action?: (typeof said)[number]["action"] } = {}) =>
    said.push({ words, ...(action && { action }) }),
}));

beforeEach(() => {
  unsaved = { waiting: [], older: [], gone: [], damaged: 0 };
  said.length = 0;
  edited.length = 0;
});

describe("what pages that are gone had noted", () => {
  test("nothing is said where all of it was stored", async () => {
    await recover();
    expect(said).toEqual([]);
  });

  test("what can’t be stored yet waits for the page of its record, and of no other", async () => {
    const plan = { ...NOTE, name: "trails" as const, recordId: "tin" };
    unsaved = { ...unsaved, waiting: [NOTE, plan] };
    await recover();
    expect(said).toEqual([]);
    expect(takeWaiting({ name: "cameras", recordId: "tin" })).toEqual([NOTE]);
    expect(takeWaiting({ name: "cameras", recordId: "tin" })).toEqual([]);
    expect(takeWaiting({ name: "trails", recordId: "tin" })).toEqual([plan]);
  });

  test.each([
    [1, /^A note of an edit left .* was set aside/],
    [3, /^3 notes of edits left .* were set aside/],
  ] as const)("%i that can’t be read are counted", async (damaged, words) => {
    unsaved = { ...unsaved, damaged };
    await recover();
    expect(said).toHaveLength(1);
    expect(said[0]?.words).toMatch(words);
  });

  test("what was overtaken is told and can still be taken; what was put away meanwhile is told", async () => {
    const plan = { ...NOTE, name: "trails" as const, recordId: "t", label: "lean" };
    unsaved = { ...unsaved, older: [NOTE, plan], gone: [{ ...plan, name: "negatives", label: "tone" }] };
    await recover();
    expect(said.map(({ words }) => words)).toEqual([
      "A negative: “tone” was not saved: it was deleted in another tab first.",
      "Biscuit tin: “depth” was not saved before another tab changed it. The newer change stands.",
      "A plan of the sun: “lean” was not saved before another tab changed it. The newer change stands.",
    ]);
    said[1]?.action?.run();
    said[2]?.action?.run();
    expect(edited).toEqual([
      ["cameras", "tin", { label: "depth", changes: NOTE.changes }],
      ["trails", "t", { label: "lean", changes: NOTE.changes }],
    ]);
  });
});
