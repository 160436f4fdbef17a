import { useEffect, useRef, useState } from "react";
import type { Result } from "../../../core/basis/units/index.ts";

/** What a number entry knows: the text as typed, apart from the value it stands for. */
export interface Quantity {
  readonly text: string;
  readonly error: string | null;
  readonly type: (text: string) => void;
  /** Ends typing: a good entry is taken and shown in its usual form, a bad one stays as it was typed. True when good. */
  readonly leave: () => boolean;
  /** Gives up what was typed. */
  readonly revert: () => void;
}

/** How an entry is read, shown and taken. */
export interface QuantityRules {
  readonly value: number | null;
  readonly show: (value: number) => string;
  readonly read: (text: string) => Result<number | null>;
  /** Takes a value; may refuse it with a sentence. Nothing is ever rounded or clamped. */
  readonly take: (value: number | null) => string | null;
}

/** How long a taken figure stands for the value that is still on its way (a page may draw its entries a little later). */
const ON_ITS_WAY_MS = 10_000;

/** Figures taken, oldest first, that the value has not come to yet, and the figure they were typed over. */
interface OnTheirWay {
  readonly over: string;
  readonly texts: readonly string[];
}

/** The state of a number entry: what was typed stays typed, also when it can't be used. */
export function useQuantity({ value, show, read, take }: QuantityRules): Quantity {
  const shown = value === null ? "" : show(value);
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [coming, setComing] = useState<OnTheirWay | null>(null);
  const lastShown = useRef(shown);
  useEffect(() => {
    if (coming === null) return;
    const given = setTimeout(() => setComing(null), ON_ITS_WAY_MS);
    return () => clearTimeout(given);
  }, [coming]);
  useEffect(() => {
    if (lastShown.current === shown) return;
    lastShown.current = shown;
    const came = coming?.texts.indexOf(shown) ?? -1;
    const left = coming?.texts.slice(came + 1) ?? [];
    setComing(came >= 0 && left.length > 0 ? { over: shown, texts: left } : null);
    // A figure of this entry's own that comes late says nothing about what was typed after it.
    if (came >= 0) return;
    // Changed from outside (a handle, undo, another tab): a refused entry no longer says anything about it.
    setError((now) => {
      if (now !== null) setTyped(null);
      return null;
    });
  }, [shown, coming]);
  // Without it the old figure would flash up between leaving the entry and the new value's coming back.
  const arriving = coming?.over === shown ? coming.texts.at(-1) : undefined;
  return {
    text: typed ?? arriving ?? shown,
    error,
    type(text) {
      setTyped(text);
      setError(null);
    },
    leave() {
      if (typed === null) return true;
      const result = read(typed);
      const refusal = result.ok ? take(result.value) : result.error;
      setError(refusal);
      if (!result.ok || refusal !== null) return false;
      setTyped(null);
      const text = result.value === null ? "" : show(result.value);
      setComing((now) => ({ over: shown, texts: [...(now?.over === shown ? now.texts : []), text] }));
      return true;
    },
    revert() {
      setTyped(null);
      setError(null);
    },
  };
}
