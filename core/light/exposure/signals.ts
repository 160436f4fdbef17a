/** One sound of a count: when, and whether it is the last. */
export interface Signal {
  /** s of open time. */
  readonly at: number;
  readonly kind: "tick" | "open" | "end";
}

/** The last seconds that are heard. */
const HEARD = 5;

/**
 * The sounds of a count that lie ahead: one a second while it is counted in, the opening, the last five seconds, the end.
 *
 * @param target s the hole is to be open
 * @param from open time now, s; negative while it is counted in
 * @returns in their order; none that lies behind
 * @example signals(3, 1.5) // [{ at: 2, kind: "tick" }, { at: 3, kind: "end" }]
 */
export function signals(target: number, from: number): readonly Signal[] {
  const countedIn = from < 0 ? Array.from({ length: Math.ceil(-from) }, (_, i) => -1 - i).reverse() : [];
  const before: Signal[] = countedIn.map((at) => ({ at, kind: "tick" }));
  const ticks = Array.from({ length: HEARD }, (_, i) => target - HEARD + i);
  return [
    ...before,
    { at: 0, kind: "open" } as const,
    // A tick within half a second of the opening would only blur it.
    ...ticks.filter((at) => at > 0.5).map((at): Signal => ({ at, kind: "tick" })),
    { at: target, kind: "end" } as const,
  ].filter(({ at }) => at >= from);
}
