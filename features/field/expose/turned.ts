/** A set with one more in it, or one less. */
export function turned(chosen: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(chosen);
  if (!next.delete(id)) next.add(id);
  return next;
}
