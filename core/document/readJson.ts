import { failure, type Result, success } from "../basis/units/index.ts";
import type { Fault } from "../light/solve/index.ts";

/** Lists and objects within one another, at most; what we write is less than ten deep. */
const DEEPEST = 64;

/**
 * Reads the text of a file as JSON that every later step can walk through: nothing in it is nested deeper than 64.
 *
 * @returns the data, or the fault with the path of the first place that lies too deep
 * @example readJson("[1]") // { ok: true, value: [1] }
 * @example readJson("[1").ok // false
 */
export function readJson(text: string): Result<unknown, readonly Fault[]> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return failure([{ path: "", message: "is not valid JSON" }]);
  }
  const deep = tooDeep(data);
  return deep === null
    ? success(data)
    : failure([{ path: deep, message: `lies more than ${DEEPEST} deep; nothing of ours is nested so far` }]);
}

/** The path of a place that lies too deep, or `null`. Level by level, so that no depth is too much for it. */
function tooDeep(data: unknown): string | null {
  let level: readonly (readonly [string, object])[] = isNested(data) ? [["", data]] : [];
  for (let depth = 1; level.length > 0; depth++) {
    const [first] = level;
    if (depth > DEEPEST) return first?.[0] ?? "";
    level = level.flatMap(([path, holder]) =>
      Object.entries(holder).flatMap(([name, value]) =>
        isNested(value) ? [[`${path}/${name.replace(/~/g, "~0").replace(/\//g, "~1")}`, value] as const] : [],
      ),
    );
  }
  return null;
}

function isNested(value: unknown): value is object {
  return typeof value === "object" && value !== null;
}
