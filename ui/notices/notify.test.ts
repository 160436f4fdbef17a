import { currentNotices, dismiss, notify, onNotices } from "./notify.ts";

test("the last three things told are shown, each until it is put away; those who follow are told", () => {
  let told = 0;
  const end = onNotices(() => told++);
  for (const text of ["one", "two", "three", "four"]) notify(text);
  expect(currentNotices().map(({ text }) => text)).toEqual(["two", "three", "four"]);
  expect(new Set(currentNotices().map(({ id }) => id)).size).toBe(3);
  dismiss(currentNotices()[1]?.id ?? -1);
  expect(currentNotices().map(({ text }) => text)).toEqual(["two", "four"]);
  const undo = jest.fn();
  notify("gone", { urgent: true, action: { name: "Undo", run: undo } });
  currentNotices().at(-1)?.action?.run();
  expect(undo).toHaveBeenCalledTimes(1);
  expect(told).toBe(6);
  end();
  notify("gone");
  expect(currentNotices().filter(({ text }) => text === "gone")).toHaveLength(1);
  notify("unheard");
  expect(told).toBe(6);
});
