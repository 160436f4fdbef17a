import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useRef } from "react";
import type { Negative } from "../../core/document/index.ts";
import { cx } from "../../ui/controls/cx.ts";
import { negativeName } from "./negativeName.ts";
import type { Proof } from "./useProof.ts";

/** More sheets are laid out only where they are in sight. */
const MANY = 60;
/** From one sheet to the next, px. */
const PITCH = 104;

/** The negatives that are here, in a row: one is at hand. */
export function NegativeStrip({ proof }: { readonly proof: Proof }) {
  const { negatives } = proof;
  if (negatives.length === 0) return null;
  if (negatives.length > MANY) return <InSight proof={proof} />;
  return (
    <ul aria-label="Sheets" className="mb-4 flex gap-2 overflow-x-auto pb-1 print:hidden">
      {negatives.map((each) => (
        <li key={each.id} className="shrink-0">
          <Sheet negative={each} proof={proof} />
        </li>
      ))}
    </ul>
  );
}

function InSight({ proof }: { readonly proof: Proof }) {
  const { negatives, negative } = proof;
  const list = useRef<HTMLDivElement>(null);
  const row = useVirtualizer({
    horizontal: true,
    count: negatives.length,
    estimateSize: () => PITCH,
    overscan: 4,
    getScrollElement: () => list.current,
  });
  const at = negatives.findIndex(({ id }) => id === negative?.id);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, to the one at hand
  useEffect(() => row.scrollToIndex(Math.max(0, at)), []);
  return (
    <div ref={list} className="mb-4 overflow-x-auto pb-1 print:hidden">
      <ul aria-label="Sheets" className="relative h-28" style={{ width: row.getTotalSize() }}>
        {row.getVirtualItems().map(({ index, start }) => (
          <li
            key={negatives[index]?.id}
            className="absolute top-0"
            style={{ left: start }}
            aria-setsize={negatives.length}
            aria-posinset={index + 1}
          >
            <Sheet negative={negatives[index] as Negative} proof={proof} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function Sheet({ negative: each, proof }: { readonly negative: Negative; readonly proof: Proof }) {
  const { negative, choose } = proof;
  return (
    <button
      type="button"
      aria-pressed={each.id === negative?.id}
      data-negative={each.id}
      className={cx(
        "block w-24 border p-1 text-left text-[0.78rem] leading-tight",
        each.id === negative?.id ? "border-action outline-2 outline-action" : "border-line hover:border-ink",
      )}
      onClick={() => choose(each.id)}
    >
      <Thumb negative={each} className="h-16 w-full" />
      <span className="mt-1 block truncate">{negativeName(each, proof)}</span>
    </button>
  );
}

/** A negative's small positive. */
export function Thumb({ negative, className }: { readonly negative: Negative; readonly className: string }) {
  return negative.thumb === undefined ? (
    <span className={cx("block bg-board", className)} />
  ) : (
    <img src={negative.thumb} alt="" className={cx("block bg-board object-contain", className)} />
  );
}
