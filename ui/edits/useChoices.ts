import { useCallback, useEffect, useMemo, useState } from "react";
import { type Choices, type StorageFailure, useLive, whatFailed } from "../../storage/index.ts";
import { notify } from "../notices/notify.ts";
import { onItsWay } from "./onItsWay.ts";
import { storeUntilDone } from "./tryAgain.ts";

/** Choices of a place in hand: what was chosen shows at once, and also where it can't be stored. */
export interface ChoicesInHand<S extends object> {
  readonly chosen: S;
  /** @param what the choice is called, by Undo and where it can't be kept: “The temperature” */
  readonly choose: (some: Partial<S>, what: string) => void;
}

/** What is stored last of the choices of a place: also when their page was left and comes back. */
const last = new WeakMap<object, Promise<unknown>>();

/** Stores after the one before, so that an older choice which had to wait never overwrites a newer. */
function inTurn(choices: object, store: () => Promise<void>): Promise<void> {
  const done = (last.get(choices) ?? Promise.resolve()).then(store);
  last.set(
    choices,
    done.catch(() => undefined),
  );
  return done;
}

/** What was chosen and is not seen in the store yet, or can't be stored. */
interface InHand<S> {
  readonly some: Partial<S>;
  readonly isStored: boolean;
}

/**
 * Follows the choices of a place as they are stored, by this page, another tab or Undo, under those in hand. What can't be
 * stored is told, stays in hand and is tried again, in the order it was chosen.
 *
 * @param loaded what the route's loader read
 */
export function useChoices<S extends object>(choices: Choices<S>, loaded: S): ChoicesInHand<S> {
  const query = useCallback(() => choices.read(), [choices]);
  const stored = useLive(loaded, query).value;
  const [inHand, setInHand] = useState<readonly InHand<S>[]>([]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever the store was read anew, what it has leaves the hand
  useEffect(() => setInHand((now) => (now.some(({ isStored }) => isStored) ? now.filter(notStored) : now)), [stored]);
  const choose = useCallback(
    (some: Partial<S>, what: string): void => {
      setInHand((before) => [...before, { some, isStored: false }]);
      const tell = (failure: StorageFailure): void =>
        notify(`${what} can’t be kept through a reload. ${failure.message}`, { urgent: true });
      inTurn(choices, async () => {
        if (!(await storeUntilDone(() => onItsWay(choices.write(some, what)), tell))) return;
        setInHand((now) => now.map((each) => (each.some === some ? { some, isStored: true } : each)));
      }).catch((error: unknown) => tell(whatFailed(error)));
    },
    [choices],
  );
  const chosen = useMemo(() => Object.assign({}, stored, ...inHand.map(({ some }) => some)) as S, [stored, inHand]);
  return { chosen, choose };
}

function notStored({ isStored }: InHand<object>): boolean {
  return !isStored;
}
