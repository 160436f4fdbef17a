import type { SheetNow } from "./useRuns.ts";

/** The whole way through the baths as one bar, each bath as long as its time; washes are drawn short. */
export function StepBar({ sheet }: { readonly sheet: SheetNow }) {
  const { run, at } = sheet;
  return (
    <span className="my-1 flex h-4 gap-px" aria-hidden="true" data-share={at.share.toFixed(2)}>
      {run.plan.map((step, index) => {
        const done = index < at.step ? 1 : index > at.step ? 0 : Math.min(1, at.elapsed / step.planned);
        return (
          <span
            key={step.id}
            className="block border border-ink"
            style={{ flexGrow: Math.min(step.planned, LONGEST), flexBasis: 0 }}
          >
            <span className="block h-full bg-action" style={{ width: `${100 * done}%` }} />
          </span>
        );
      })}
    </span>
  );
}

/** A bath is drawn no longer than this, s: a wash would leave no room for the others. */
const LONGEST = 120;
