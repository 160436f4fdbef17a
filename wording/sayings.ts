import type { LengthWords } from "../core/camera/container/index.ts";

/** How each fact of a kind is said, by its code. */
export type Sayings<F extends { readonly code: string }, S> = {
  readonly [C in F["code"]]: (of: Extract<F, { readonly code: C }>, words: LengthWords) => S;
};

/**
 * Says a fact.
 *
 * @param words writes lengths in the maker's unit
 */
export function say<F extends { readonly code: string }, S>(sayings: Sayings<F, S>, fact: F, words: LengthWords): S {
  const one = sayings[fact.code as F["code"]] as (of: F, words: LengthWords) => S;
  return one(fact, words);
}
