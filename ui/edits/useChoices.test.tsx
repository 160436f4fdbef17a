/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { act, cleanup, renderHook, waitFor } from "@testing-library/react/pure";
import { failure, success } from "../../core/basis/units/index.ts";
import { theDb } from "../../storage/engine/db.ts";
import { type Choices, type DarkSettings, darkChoices, storageFailure } from "../../storage/index.ts";
import { currentNotices } from "../notices/notify.ts";
import { useChoices } from "./useChoices.ts";
import { useUndo } from "./useUndo.ts";

let loaded: DarkSettings;
beforeEach(async () => {
  for (const table of ["settings", "edits"]) await theDb().table(table).clear();
  loaded = await darkChoices.read();
});
afterEach(cleanup);

const inDark = (choices: Choices<DarkSettings> = darkChoices) =>
  renderHook(() => ({ ...useChoices(choices, loaded), ...useUndo([], choices.steps) })).result;

test("what is chosen shows at once and is stored beside the rest; Undo takes the last one back, on the screen too", async () => {
  const hand = inDark();
  act(() => hand.current.choose({ developerAt: 24 }, "The temperature"));
  expect(hand.current.chosen.developerAt).toBe(24);
  act(() => hand.current.choose({ speech: true }, "The voice"));
  expect(hand.current.chosen).toMatchObject({ developerAt: 24, speech: true });
  await waitFor(() => expect(hand.current.says.undo).toBe("The voice"));
  act(() => hand.current.undo?.());
  await waitFor(() => expect(hand.current.chosen).toMatchObject({ developerAt: 24, speech: false }));
  act(() => hand.current.undo?.());
  await waitFor(() => expect(hand.current.chosen).toEqual(loaded));
});

test("what another tab chooses arrives, also where this one chose the same before", async () => {
  const hand = inDark();
  act(() => hand.current.choose({ q10: 3 }, "Q"));
  await waitFor(async () => expect((await darkChoices.read()).q10).toBe(3));
  await darkChoices.write({ q10: 2.4, darkTap: "clock" }, "Elsewhere");
  await waitFor(() => expect(hand.current.chosen).toMatchObject({ q10: 2.4, darkTap: "clock" }));
});

test("what can’t be stored is told, and holds on this page whatever is stored beside it", async () => {
  const full: Choices<DarkSettings> = { ...darkChoices, write: async () => failure(storageFailure("full")) };
  const hand = inDark(full);
  act(() => hand.current.choose({ developerAt: 24 }, "The temperature"));
  await waitFor(() =>
    expect(currentNotices().map(({ text }) => text)).toContainEqual(
      expect.stringMatching(/^The temperature can’t be kept through a reload. .*storage is full/),
    ),
  );
  await darkChoices.write({ q10: 3 }, "Elsewhere");
  await waitFor(() => expect(hand.current.chosen).toMatchObject({ q10: 3, developerAt: 24 }));
});

describe("where the storage was full for a while", () => {
  beforeEach(() => {
    jest.useFakeTimers({ doNotFake: ["queueMicrotask", "setImmediate"] });
  });
  afterEach(() => {
    jest.useRealTimers();
  });
  test("it is tried again, told once, and what was chosen meanwhile comes after it, not before", async () => {
    let room = false;
    let told = 0;
    const written: Partial<DarkSettings>[] = [];
    const filling: Choices<DarkSettings> = {
      ...darkChoices,
      read: async () => loaded,
      write: async (some) => {
        if (!room) {
          told++;
          return failure(storageFailure("full"));
        }
        written.push(some);
        return success(null);
      },
    };
    const hand = inDark(filling);
    const notices = (): number => currentNotices().filter(({ text }) => text.startsWith("The warmth can’t")).length;
    act(() => hand.current.choose({ developerAt: 24 }, "The warmth"));
    act(() => hand.current.choose({ developerAt: 22 }, "The warmth"));
    await act(() => jest.advanceTimersByTimeAsync(100));
    expect(notices()).toBe(1);
    await act(() => jest.advanceTimersByTimeAsync(11_000));
    expect(told).toBe(3);
    expect(notices()).toBeLessThanOrEqual(1);
    expect(hand.current.chosen.developerAt).toBe(22);
    room = true;
    await act(() => jest.advanceTimersByTimeAsync(6000));
    expect(written).toEqual([{ developerAt: 24 }, { developerAt: 22 }]);
  });
  test("a choice that waits never overwrites one that was made after its page was left and came back", async () => {
    let room = false;
    const written: Partial<DarkSettings>[] = [];
    const filling: Choices<DarkSettings> = {
      ...darkChoices,
      read: async () => loaded,
      write: async (some) => {
        if (!room) return failure(storageFailure("full"));
        written.push(some);
        return success(null);
      },
    };
    const first = inDark(filling);
    act(() => first.current.choose({ developerAt: 24 }, "The warmth"));
    await act(() => jest.advanceTimersByTimeAsync(100));
    cleanup();
    room = true;
    const second = inDark(filling);
    act(() => second.current.choose({ developerAt: 22 }, "The warmth"));
    await act(() => jest.advanceTimersByTimeAsync(11_000));
    expect(written).toEqual([{ developerAt: 24 }, { developerAt: 22 }]);
  });
});

test("where storing one breaks, it is told, and the next is stored all the same", async () => {
  const breaking: Choices<DarkSettings> = {
    ...darkChoices,
    write: (some, what) =>
      some.q10 === 4
        ? Promise.reject(new DOMException("no room", "QuotaExceededError"))
        : darkChoices.write(some, what),
  };
  const hand = inDark(breaking);
  act(() => hand.current.choose({ q10: 4 }, "The factor"));
  act(() => hand.current.choose({ developerAt: 23 }, "The warmth"));
  await waitFor(async () => expect((await darkChoices.read()).developerAt).toBe(23));
  expect(currentNotices().some(({ text }) => text.startsWith("The factor can’t"))).toBe(true);
});
