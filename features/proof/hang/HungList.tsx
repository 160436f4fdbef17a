import { ArrowDown, ArrowUp } from "lucide-react";
import type { Negative } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { LongList } from "../../../ui/seldom/LongList.tsx";
import { Thumb } from "../NegativeStrip.tsx";
import { negativeName } from "../negativeName.ts";
import type { Proof } from "../useProof.ts";

/** All negatives in the order in which they hang: each can be left out, and moved. */
export function HungList({
  proof,
  negatives,
  left,
  onLeft,
  onMove,
}: {
  readonly proof: Proof;
  readonly negatives: readonly Negative[];
  readonly left: ReadonlySet<string>;
  readonly onLeft: (left: readonly string[]) => void;
  /** Moves one so many places towards the end. */
  readonly onMove: (id: string, by: number) => void;
}) {
  return (
    <LongList
      named="What hangs"
      items={negatives}
      keyOf={({ id }) => id}
      estimate={48}
      entry={({ id }) => ({ className: "flex items-center gap-2 py-0.5", "data-listed": id })}
    >
      {(negative, index) => {
        const { id } = negative;
        const name = negativeName(negative, proof);
        return (
          <>
            <Thumb negative={negative} className="size-9 shrink-0" />
            <Check
              label={name}
              checked={!left.has(id)}
              onCheck={(on) => onLeft(on ? [...left].filter((each) => each !== id) : [...left, id])}
            />
            <span className="ml-auto flex shrink-0">
              <Button
                look="quiet"
                aria-label={`${name}: earlier`}
                disabled={index === 0}
                onClick={() => onMove(id, -1)}
              >
                <ArrowUp size={16} aria-hidden />
              </Button>
              <Button
                look="quiet"
                aria-label={`${name}: later`}
                disabled={index === negatives.length - 1}
                onClick={() => onMove(id, 1)}
              >
                <ArrowDown size={16} aria-hidden />
              </Button>
            </span>
          </>
        );
      }}
    </LongList>
  );
}
