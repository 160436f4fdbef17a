import { formatClock, formatTime } from "../../../core/basis/units/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { ConfirmDialog } from "../../../ui/seldom/ConfirmDialog.tsx";
import { placeOf } from "../placeOf.ts";
import { BigTime } from "./BigTime.tsx";
import { LogForm } from "./LogForm.tsx";
import type { CountNow, Counts } from "./useCounts.ts";

/** One exposure that is counted in, counted, covered for a while, or over and to be logged. */
export function CountStrip({
  now,
  counts,
  alone,
  error,
}: {
  readonly now: CountNow;
  readonly counts: Counts;
  /** Whether it is the only one: then it may be as large as the screen. */
  readonly alone: boolean;
  readonly error: string | null;
}) {
  const { count, openMs, paused, doubtMs } = now;
  const { id, targetSeconds } = count;
  const name = [count.cameraName, placeOf(count)].filter(Boolean).join(", ");
  if (count.closedMs !== null) {
    return (
      <section aria-label={`To be logged: ${name}`} className="grid gap-3" data-count={id}>
        <BigTime caption={`${name} was open for`} text={formatTime(Math.max(0.1, openMs / 1000))} small={!alone} />
        <LogForm
          key={id}
          count={count}
          openSeconds={openMs / 1000}
          doubtSeconds={doubtMs === null ? null : doubtMs / 1000}
          error={error}
          onWords={(words) => counts.note(id, words)}
          onDiscard={() => counts.cancel(id)}
        />
      </section>
    );
  }
  const open = openMs / 1000;
  const left = targetSeconds - open;
  const [caption, text] =
    open < 0
      ? [`${name}: opens in`, String(Math.ceil(-open))]
      : left >= 0
        ? [paused ? `${name}: covered` : `${name}: still to go`, formatClock(Math.ceil(left - 0.05))]
        : [`${name}: over time, close it`, `+${formatClock(-left)}`];
  return (
    <section aria-label={`Open: ${name}`} className="grid gap-2" data-count={id} data-counting={open >= 0 || undefined}>
      <BigTime caption={caption} text={text} urgent={left < 0 || open < 0} small={!alone} />
      <div className="h-2 border border-ink" aria-hidden="true">
        <div
          className="h-full bg-action"
          style={{ width: `${100 * Math.min(1, Math.max(0, open / targetSeconds))}%` }}
        />
      </div>
      <p className="flex justify-between text-quiet">
        <span>open {formatClock(Math.max(0, open))}</span>
        <span>of {formatTime(targetSeconds)}</span>
      </p>
      <Button
        look="action"
        className="min-h-16 w-full text-[1.4rem]"
        aria-label={alone ? undefined : `Close the hole of ${name}`}
        onClick={() => counts.close(id)}
      >
        Close the hole
      </Button>
      <div className="grid grid-cols-2 gap-2">
        <Button className="min-h-[3.3rem]" onClick={() => (paused ? counts.resume(id) : counts.pause(id))}>
          {paused ? "Uncover: go on" : "Cover: someone is in the way"}
        </Button>
        <ConfirmDialog
          title="Give this shot up?"
          words="The sheet is exposed in part: used again, it carries both pictures. The count stops and nothing is logged."
          yes="Give it up"
          no="Go on counting"
          onYes={() => counts.cancel(id)}
        >
          <Button look="quiet" className="min-h-[3.3rem]">
            Stop without a shot
          </Button>
        </ConfirmDialog>
      </div>
    </section>
  );
}
