/**
 * Writes one thing at a time: of what comes while a write is under way only the last is written. So a hand that moves
 * sixty times a second does not queue sixty writes, and a later word is never overtaken by an earlier one.
 *
 * @param write must not fail
 * @returns takes what is to be written
 */
export function latestOnly<Thing>(write: (thing: Thing) => Promise<void>): (thing: Thing) => void {
  let next: { readonly thing: Thing } | null = null;
  let busy = false;
  const work = async (): Promise<void> => {
    busy = true;
    while (next !== null) {
      const { thing } = next;
      next = null;
      await write(thing);
    }
    busy = false;
  };
  return (thing) => {
    next = { thing };
    if (!busy) void work();
  };
}
