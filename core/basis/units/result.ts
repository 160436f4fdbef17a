/** Something that may fail in an expected way: the value, or a sentence that says what is allowed. */
export type Result<T, E = string> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: E };

/**
 * What went well, with what came of it.
 *
 * @returns a result that is `ok`
 * @example success(5) // { ok: true, value: 5 }
 */
export function success<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

/**
 * What went wrong, with why: an expected failure, not a bug.
 *
 * @returns a result that is not `ok`
 * @example failure("no sheet") // { ok: false, error: "no sheet" }
 */
export function failure<E>(error: E): { readonly ok: false; readonly error: E } {
  return { ok: false, error };
}
