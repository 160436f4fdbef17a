import { type Change, changesBetween, withChanges } from "./index.ts";

const change = (path: string, before: unknown, after: unknown): Change => ({ path: path.split("."), before, after });
const redone = (document: unknown, ...changes: readonly Change[]) => withChanges(document, changes, "redo");

describe("changes between two documents", () => {
  test.each([
    ["a list of names is one value", ["a", "b"], ["b", "c"], [["l"]]],
    ["so is one that grew", [1], [1, 2], [["l"]]],
    ["figures change each for itself", [1, 2, 3], [1, 5, 3], [["l", "1"]]],
    ["a name that stays leaves its neighbours their own", ["a", 1], ["a", 2], [["l", "1"]]],
    ["entries with the same id change inside", [{ id: "x", v: 1 }], [{ id: "x", v: 2 }], [["l", "0", "v"]]],
    ["places of a load, too", [{ place: "9", v: 1 }], [{ place: "9", v: 2 }], [["l", "0", "v"]]],
    ["another id is another entry: the list changed", [{ id: "x" }], [{ id: "y" }], [["l"]]],
    ["an entry that is emptied", [{ id: "x" }], [null], [["l", "0"]]],
  ])("%s", (_, before, after, paths) => {
    expect(changesBetween({ l: before }, { l: after }).map(({ path }) => path)).toEqual(paths);
  });
});

describe("changes on a document that somebody else has changed", () => {
  test("a list keeps what came since and loses what was taken", () => {
    expect(redone({ l: ["a", "x"] }, change("l", ["a"], ["a", "b"]))).toEqual({ l: ["a", "x", "b"] });
    expect(redone({ l: ["a", "x"] }, change("l", ["a"], []))).toEqual({ l: ["x"] });
    expect(redone({ l: ["x"] }, change("l", undefined, ["a", "x"]))).toEqual({ l: ["x", "a"] });
  });

  test("a list that goes takes its own entries along, and itself when nothing else is left", () => {
    expect(redone({ l: ["a", "x"] }, change("l", ["a"], undefined))).toEqual({ l: ["x"] });
    const gone = redone({ k: 1, l: ["a"] }, change("l", ["b", "a"], undefined)) as object;
    expect(Object.keys(gone)).toEqual(["k"]);
    expect(redone({ l: "text" }, change("l", ["a"], undefined))).toEqual({});
    expect(redone({ l: ["x"] }, change("l", "text", undefined))).toEqual({});
    expect(redone({ l: ["x"] }, change("l", 5, ["a"]))).toEqual({ l: ["a"] });
    expect(redone({ l: "text" }, change("l", ["b"], ["a"]))).toEqual({ l: ["a"] });
    expect(redone({ l: ["x"] }, change("l", ["b"], "text"))).toEqual({ l: "text" });
  });

  test("two objects that came are one with the lines of both; one that was replaced is the newer", () => {
    expect(redone({ o: { a: 1 } }, change("o", undefined, { b: 2 }))).toEqual({ o: { a: 1, b: 2 } });
    expect(redone({ o: { l: ["x"] } }, change("o", undefined, { l: ["a"] }))).toEqual({ o: { l: ["x", "a"] } });
    expect(redone({ o: { a: 9 } }, change("o", { a: 1 }, { b: 2 }))).toEqual({ o: { b: 2 } });
    expect(redone({ o: { a: 9 } }, change("o", undefined, 5))).toEqual({ o: 5 });
    expect(redone({ o: "text" }, change("o", undefined, { b: 2 }))).toEqual({ o: { b: 2 } });
  });

  test("an entry is known by its id or its place, whatever else changed in it; else by its value", () => {
    const now = { l: [{ id: "a", v: 9 }, { v: 2 }] };
    expect(redone(now, change("l", [{ id: "a", v: 1 }], []))).toEqual({ l: [{ v: 2 }] });
    expect(redone(now, change("l", [], [{ id: "a", v: 1 }]))).toEqual(now);
    expect(redone(now, change("l", [{ v: 2 }], [{ v: 3 }]))).toEqual({ l: [{ id: "a", v: 9 }, { v: 3 }] });
    expect(redone({ l: [{ place: "1" }] }, change("l", [], [{ place: "2" }]))).toEqual({
      l: [{ place: "1" }, { place: "2" }],
    });
  });

  test("fields keep their order; a new one stands last, one that goes is gone, one deep inside brings what it needs", () => {
    expect(Object.keys(redone({ a: 1, b: 2 }, change("a", 1, 5)) as object)).toEqual(["a", "b"]);
    expect(Object.keys(redone({ a: 1 }, change("b", undefined, 5)) as object)).toEqual(["a", "b"]);
    expect(Object.keys(redone({ a: 1, b: 2 }, change("a", 1, undefined)) as object)).toEqual(["b"]);
    expect(redone({}, change("o.p", undefined, 1))).toEqual({ o: { p: 1 } });
    expect(redone({ o: "text" }, change("o.p", undefined, 1))).toEqual({ o: { p: 1 } });
    expect(redone({ l: [{ v: 1 }, { v: 2 }] }, change("l.1.v", 2, 3))).toEqual({ l: [{ v: 1 }, { v: 3 }] });
  });

  test("a document that is deleted is gone, also where it was changed since; undo brings it back", () => {
    const record = { id: "a", v: 1 };
    const deleted: Change = { path: [], before: record, after: undefined };
    expect(redone({ ...record, v: 2, more: ["x"] }, deleted)).toBeUndefined();
    expect(withChanges(undefined, [deleted], "undo")).toEqual(record);
  });
});
