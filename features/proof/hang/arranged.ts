import type { Negative } from "../../../core/document/index.ts";

/** Negatives in the order in which they hang: first as arranged by hand, then the others, the oldest first. */
export function arranged(negatives: readonly Negative[], order: readonly string[]): readonly Negative[] {
  const byId = new Map(negatives.map((negative) => [negative.id, negative]));
  const first = order.flatMap((id) => byId.get(id) ?? []);
  const placed = new Set(order);
  const others = negatives.filter(({ id }) => !placed.has(id)).toReversed();
  return [...first, ...others];
}

/** Ids with one of them moved so many places towards the end, as far as there are places. */
export function withMoved(ids: readonly string[], id: string, by: number): readonly string[] {
  const others = ids.filter((each) => each !== id);
  const to = Math.min(others.length, Math.max(0, ids.indexOf(id) + by));
  return [...others.slice(0, to), id, ...others.slice(to)];
}
