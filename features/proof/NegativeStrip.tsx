import type { Negative } from "../../core/document/index.ts";
import { cx } from "../../ui/cx.ts";
import { negativeName } from "./negativeName.ts";
import type { Proof } from "./useProof.ts";

/** The negatives that are here, in a row: one is at hand. */
export function NegativeStrip({ proof }: { readonly proof: Proof }) {
  const { negatives, negative, choose } = proof;
  if (negatives.length === 0) return null;
  return (
    <ul aria-label="Sheets" className="mb-4 flex gap-2 overflow-x-auto pb-1 print:hidden">
      {negatives.map((each) => (
        <li key={each.id} className="shrink-0">
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
        </li>
      ))}
    </ul>
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
