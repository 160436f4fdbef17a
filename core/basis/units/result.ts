/** Something that may fail in an expected way: the value, or a sentence that says what is allowed. */
export type Result<T, E = string> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: E };

export function success<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

export function failure<E>(error: E): { readonly ok: false; readonly error: E } {
  return { ok: false, error };
}
