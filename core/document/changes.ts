/** One value that an edit changed: where, from what, to what. `undefined` stands for “not there”. */
export interface CameraChange {
  /** Field names and list positions from the document's root. */
  readonly path: readonly string[];
  readonly before?: unknown;
  readonly after?: unknown;
}

/**
 * The smallest set of value changes that leads from one JSON document to another. Lists of different length count as
 * one value. Because an edit is kept as the values it changed, edits made in two windows at once can both be kept.
 */
export function changesBetween(before: unknown, after: unknown, path: readonly string[] = []): readonly CameraChange[] {
  if (Object.is(before, after)) return [];
  if (isPlain(before) && isPlain(after)) {
    const names = new Set([...Object.keys(before), ...Object.keys(after)]);
    return [...names].flatMap((name) => changesBetween(before[name], after[name], [...path, name]));
  }
  if (Array.isArray(before) && Array.isArray(after) && before.length === after.length) {
    return before.flatMap((value, index) => changesBetween(value, after[index], [...path, String(index)]));
  }
  if (JSON.stringify(before) === JSON.stringify(after)) return [];
  return [{ path, before, after }];
}

/**
 * A document with changes applied (or, with `undo`, taken back); everything else in it stays as it is.
 *
 * @example withChanges({ a: 1, b: 2 }, [{ path: ["a"], before: 1, after: 5 }], "redo") // { a: 5, b: 2 }
 */
export function withChanges<T>(document: T, changes: readonly CameraChange[], way: "undo" | "redo"): T {
  return changes.reduce<T>(
    (current, { path, before, after }) => withValue(current, path, way === "redo" ? after : before) as T,
    document,
  );
}

function withValue(document: unknown, path: readonly string[], value: unknown): unknown {
  const [name, ...rest] = path;
  if (name === undefined) return value;
  if (Array.isArray(document)) {
    return document.map((entry: unknown, index) => (String(index) === name ? withValue(entry, rest, value) : entry));
  }
  const { [name]: old, ...others } = isPlain(document) ? document : {};
  const next = withValue(old, rest, value);
  if (next === undefined) return others;
  return isPlain(document) && name in document ? { ...document, [name]: next } : { ...others, [name]: next };
}

function isPlain(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
