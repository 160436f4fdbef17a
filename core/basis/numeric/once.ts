/**
 * A constant that is worked out at its first use and kept: the same value for every caller, so that a costly
 * table does not delay start-up. `make` must be pure.
 *
 * @returns a function that gives the constant
 * @example ((table) => table() === table())(once(() => [1])) // true
 */
export function once<T>(make: () => T): () => T {
  let value: { readonly made: T } | undefined;
  return () => {
    value ??= { made: make() };
    return value.made;
  };
}
