import { failure, type Result, success } from "../../core/basis/units/index.ts";
import { type StorageFailure, type StorageReason, storageFailure } from "../../storage/index.ts";
import { storeUntilDone } from "./tryAgain.ts";

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

/** Storing that fails so often for a reason, then succeeds. */
function failing(reason: StorageReason, times: number) {
  const tried = jest.fn(
    async (): Promise<Result<unknown, StorageFailure>> =>
      tried.mock.calls.length <= times ? failure(storageFailure(reason)) : success(null),
  );
  return tried;
}

test("what finds no room is tried until it does, and told once", async () => {
  const store = failing("full", 3);
  const told = jest.fn();
  const done = storeUntilDone(store, told);
  await jest.advanceTimersByTimeAsync(60_000);
  await expect(done).resolves.toBe(true);
  expect(store).toHaveBeenCalledTimes(4);
  expect(told).toHaveBeenCalledTimes(1);
});

test.each(["invalid", "outdated", "emptied", "newer"] as const)(
  "%s does not pass: it is told and given up",
  async (reason) => {
    const store = failing(reason, 3);
    const told = jest.fn();
    const done = storeUntilDone(store, told);
    await jest.advanceTimersByTimeAsync(60_000);
    await expect(done).resolves.toBe(false);
    expect(store).toHaveBeenCalledTimes(1);
    expect(told).toHaveBeenCalledWith(expect.objectContaining({ reason }));
  },
);
