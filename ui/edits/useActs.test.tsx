/** @jest-environment ./scripts/jest-browser.cjs */
import "fake-indexeddb/auto";
import { act, renderHook, waitFor } from "@testing-library/react";
import { type Count, closedAt } from "../../core/document/index.ts";
import { listRecords, saveRecord } from "../../storage/index.ts";
import { COUNTED } from "../../storage/testing.ts";
import { useActs } from "./useActs.ts";

const OPEN: Count = { ...COUNTED, id: "open", closedMs: null };
const CLOSED_AT = OPEN.openedMs + 5000;

test("an older word of the database, come after what was stored since, takes nothing back: a closed count stays closed", async () => {
  await saveRecord("counts", OPEN);
  const { result, rerender } = renderHook(({ stored }) => useActs("counts", stored, () => {}), {
    initialProps: { stored: [OPEN] as readonly Count[] },
  });
  act(() => result.current.act("open", (count) => (count === null ? null : closedAt(count, CLOSED_AT, 5000))));
  expect(result.current.find("open")?.closedMs).toBe(CLOSED_AT);
  await waitFor(async () => expect((await listRecords("counts"))[0]?.closedMs).toBe(CLOSED_AT));
  // What it said before the count was closed, once more.
  await act(async () => rerender({ stored: [{ ...OPEN }] }));
  expect(result.current.find("open")?.closedMs).toBe(CLOSED_AT);
  expect(result.current.all[0]?.closedMs).toBe(CLOSED_AT);
  // Then its word of now; from then on the database alone counts.
  const [now] = await listRecords("counts");
  await act(async () => rerender({ stored: [now as Count] }));
  await act(async () => rerender({ stored: [{ ...(now as Count), light: "Hazy sun" }] }));
  expect(result.current.all[0]).toMatchObject({ closedMs: CLOSED_AT, light: "Hazy sun" });
  await act(async () => rerender({ stored: [] }));
  expect(result.current.all).toEqual([]);
});

test("an act of long ago that is due to be dropped does not take a fresh one along, whose word has not come back yet", async () => {
  await saveRecord("counts", OPEN);
  const due: (() => void)[] = [];
  const real = globalThis.setTimeout;
  jest.spyOn(globalThis, "setTimeout").mockImplementation(((run: () => void, ms?: number) => {
    if (ms !== 10_000) return real(run, ms);
    due.push(run);
    return 0;
  }) as typeof setTimeout);
  const { result } = renderHook(() => useActs("counts", [OPEN], () => {}));
  act(() => result.current.act("open", (count) => count && { ...count, light: "Hazy sun" }));
  await waitFor(() => expect(due).toHaveLength(1));
  act(() => result.current.act("open", (count) => count && closedAt(count, CLOSED_AT, 5000)));
  await waitFor(() => expect(due).toHaveLength(2));
  act(() => due[0]?.());
  expect(result.current.all[0]?.closedMs).toBe(CLOSED_AT);
  // Its own time comes too: what the database never said by then is not shown for ever.
  act(() => due[1]?.());
  expect(result.current.all[0]?.closedMs).toBeNull();
});
