/**
 * How far something that holds at one end and not at the other goes on holding, by halving.
 *
 * @param holds changes once between the two ends
 * @param inside where it holds
 * @param outside where it doesn't, on either side
 * @param width at which to stop, > 0
 * @returns a place where it holds, nearer than `width` to one where it doesn't
 * @example lastWhere((x) => x * x <= 2, 0, 2, 1e-9) // 1.41421356…
 */
export function lastWhere(holds: (x: number) => boolean, inside: number, outside: number, width: number): number {
  let [near, far] = [inside, outside];
  while (Math.abs(far - near) > width) {
    const middle = (near + far) / 2;
    if (middle === near || middle === far) break;
    if (holds(middle)) near = middle;
    else far = middle;
  }
  return near;
}

/**
 * The first of a row of places from which on something holds, by halving.
 *
 * @param holds changes once along the row
 * @returns `count` where it holds nowhere
 * @example firstWhere((i) => i * i > 10, 100) // 4
 */
export function firstWhere(holds: (i: number) => boolean, count: number): number {
  let [from, end] = [0, count];
  while (from < end) {
    const middle = (from + end) >> 1;
    if (holds(middle)) end = middle;
    else from = middle + 1;
  }
  return from;
}
