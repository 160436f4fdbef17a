/** One value that an edit changed: where, from what, to what. `undefined` stands for “not there”. */
export interface Change {
  /** Field names and list positions from the document's root. */
  readonly path: readonly string[];
  readonly before?: unknown;
  readonly after?: unknown;
}

/**
 * The smallest set of value changes that leads from one JSON document to another. A list whose entries come and go
 * (another length, or entries that are names) counts as one value; {@link withChanges} merges it entry by entry.
 * Because an edit is kept as the values it changed, edits made in two windows at once can both be kept.
 *
 * @returns changes in the order of the document; empty where the two are the same
 * @example changesBetween({ a: 1, b: 2 }, { a: 5, b: 2 }) // [{ path: ["a"], before: 1, after: 5 }]
 */
export function changesBetween(before: unknown, after: unknown, path: readonly string[] = []): readonly Change[] {
  if (Object.is(before, after)) return [];
  if (isPlain(before) && isPlain(after)) {
    const names = new Set([...Object.keys(before), ...Object.keys(after)]);
    return [...names].flatMap((name) => changesBetween(before[name], after[name], [...path, name]));
  }
  if (Array.isArray(before) && Array.isArray(after) && alike(before, after)) {
    return before.flatMap((value, index) => changesBetween(value, after[index], [...path, String(index)]));
  }
  if (same(before, after)) return [];
  return [{ path, before, after }];
}

/**
 * A document with changes applied (or, with `undo`, taken back); everything else in it stays as it is. A list that has
 * changed otherwise in the meantime keeps what the other change brought and loses what it took.
 *
 * @returns a new document; what is not changed is shared with the old one
 * @example withChanges({ a: 1, b: 2 }, [{ path: ["a"], before: 1, after: 5 }], "redo") // { a: 5, b: 2 }
 * @example withChanges({ l: ["a", "x"] }, [{ path: ["l"], before: ["a"], after: ["a", "b"] }], "redo") // { l: ["a", "x", "b"] }
 */
export function withChanges<T>(document: T, changes: readonly Change[], way: "undo" | "redo"): T {
  return changes.reduce<T>((current, { path, before, after }) => {
    const [from, to] = way === "redo" ? [before, after] : [after, before];
    // A whole document that goes, goes: nothing of it is left.
    if (path.length === 0 && to === undefined) return to as T;
    return withValue(current, path, (now) => merged(now, from, to)) as T;
  }, document);
}

/** Whether two lists differ in what their entries hold, not in which entries there are. */
function alike(before: readonly unknown[], after: readonly unknown[]): boolean {
  if (before.length !== after.length) return false;
  return before.every((entry, index) => {
    const other = after[index];
    if (isPlain(entry) && isPlain(other)) return idOf(entry) === idOf(other);
    return typeof entry !== "string" || entry === other;
  });
}

/** A value as it is now, changed from one to another: where somebody else changed it too, lists and new objects keep both. */
function merged(now: unknown, from: unknown, to: unknown): unknown {
  if (same(now, from)) return to;
  if (Array.isArray(now) && Array.isArray(to) && (from === undefined || Array.isArray(from))) {
    return mergedList(now, from ?? [], to);
  }
  // A list that goes takes its own entries along, not those that came since.
  if (Array.isArray(now) && Array.isArray(from) && to === undefined) {
    const left = mergedList(now, from, []);
    return left.length > 0 ? left : undefined;
  }
  if (from === undefined && isPlain(now) && isPlain(to)) {
    return {
      ...now,
      ...Object.fromEntries(Object.entries(to).map(([name, value]) => [name, merged(now[name], undefined, value)])),
    };
  }
  return to;
}

/** A list as it is now, with the entries that a change from one list to another took away and brought. */
function mergedList(now: readonly unknown[], from: readonly unknown[], to: readonly unknown[]): readonly unknown[] {
  const kept = now.filter((entry) => has(to, entry) || !has(from, entry));
  const brought = to.filter((entry) => !has(from, entry) && !has(kept, entry));
  return [...kept, ...brought];
}

/** What an entry of a list is known by, if anything: its id, or its place in a load. */
function idOf({ id, place }: Record<string, unknown>): unknown {
  return id ?? place;
}

/** Whether a list holds an entry: the one known by the same id, else the same value. */
function has(list: readonly unknown[], entry: unknown): boolean {
  if (isPlain(entry)) {
    const id = idOf(entry);
    if (id !== undefined) return list.some((each) => isPlain(each) && idOf(each) === id);
  }
  return list.some((each) => same(each, entry));
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

function withValue(document: unknown, path: readonly string[], change: (now: unknown) => unknown): unknown {
  const [name, ...rest] = path;
  if (name === undefined) return change(document);
  if (Array.isArray(document)) {
    return document.map((entry: unknown, index) => (String(index) === name ? withValue(entry, rest, change) : entry));
  }
  const { [name]: old, ...others } = isPlain(document) ? document : {};
  const next = withValue(old, rest, change);
  if (next === undefined) return others;
  return isPlain(document) && name in document ? { ...document, [name]: next } : { ...others, [name]: next };
}

function isPlain(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
