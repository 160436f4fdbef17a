/** @jest-environment jsdom */
import type { Recovery } from "../storage/index.ts";
import { takeWaiting } from "../ui/edits/waiting.ts";
import { recover } from "./recover.ts";

const NOTE = { id: "n", cameraId: "tin", label: "depth", changes: [{ path: ["a"], before: 1, after: 2 }], at: "" };
let unsaved: Recovery;
let held: { overtaken: number; later: number; damaged: number };
const edited: unknown[] = [];
const said: { readonly words: string; readonly action?: { readonly name: string; readonly run: () => void } }[] = [];

jest.mock("../storage/index.ts", () => ({
  recoverUnsaved: () => Promise.resolve(unsaved),
  recoverHeld: () => Promise.resolve(held),
  cameraNames: () => Promise.resolve([{ id: "tin", name: "Biscuit tin" }]),
  editCamera: (...all: unknown[]) => {
    edited.push(all.slice(0, 2));
    return Promise.resolve({ ok: true, value: null });
  },
}));
jest.mock("../ui/notify.ts", () => ({
  notify: (words: string, { action }: { action?: (typeof said)[number]["action"] } = {}) =>
    said.push({ words, ...(action && { action }) }),
}));

beforeEach(() => {
  unsaved = { waiting: [], older: [], damaged: 0 };
  held = { overtaken: 0, later: 0, damaged: 0 };
  said.length = 0;
  edited.length = 0;
});

describe("what pages that are gone had noted", () => {
  test("nothing is said where all of it was stored", async () => {
    await recover();
    expect(said).toEqual([]);
  });

  test("what can’t be stored yet waits for the page of its camera; of records it is said that it is tried again", async () => {
    unsaved = { ...unsaved, waiting: [NOTE] };
    held = { ...held, later: 1 };
    await recover();
    expect(takeWaiting("tin")).toEqual([NOTE]);
    expect(takeWaiting("tin")).toEqual([]);
    expect(said.map(({ words }) => words)).toEqual([
      "What an earlier page changed can’t be stored yet; it is tried again at the next start.",
    ]);
  });

  test.each([
    [1, 0, /^A note of an edit that .* was put away/],
    [1, 2, /^3 notes of edits that .* were put away/],
  ] as const)(
    "%i of cameras and %i of records that can’t be read are counted together",
    async (cameras, records, words) => {
      unsaved = { ...unsaved, damaged: cameras };
      held = { ...held, damaged: records };
      await recover();
      expect(said).toHaveLength(1);
      expect(said[0]?.words).toMatch(words);
    },
  );

  test("what was overtaken is told; a camera’s can still be taken", async () => {
    unsaved = { ...unsaved, older: [NOTE] };
    held = { ...held, overtaken: 1 };
    await recover();
    expect(said.map(({ words }) => words)).toEqual([
      "A negative or a plan was changed elsewhere before an earlier page’s change was stored. The newer stands.",
      "Biscuit tin: “depth” was noted, and not stored before it was changed elsewhere. The newer stands.",
    ]);
    said[1]?.action?.run();
    expect(edited).toEqual([["tin", { label: "depth", changes: NOTE.changes }]]);
  });
});
