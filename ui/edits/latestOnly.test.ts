import { latestOnly } from "./latestOnly.ts";

const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

test("the first is written at once, of the others only the last, in order", async () => {
  const written: string[] = [];
  const ends: (() => void)[] = [];
  const write = latestOnly<string>((word) => {
    written.push(word);
    return new Promise((resolve) => ends.push(resolve));
  });
  write("70");
  write("71");
  write("72");
  expect(written).toEqual(["70"]);
  ends.shift()?.();
  await turn();
  expect(written).toEqual(["70", "72"]);
  ends.shift()?.();
  await turn();
  write("struck out");
  expect(written).toEqual(["70", "72", "struck out"]);
});
