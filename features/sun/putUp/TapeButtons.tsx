import type { Trail } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { isoWithOffset, readableTime } from "../../../ui/format/localTime.ts";

/** When the tape went off, and on again: a press each, taken back by another. */
export function TapeButtons({
  trail,
  onEvent,
}: {
  readonly trail: Trail;
  readonly onEvent: (event: Pick<Trail, "up" | "down">) => void;
}) {
  const { up = null, down = null } = trail;
  const now = (): { readonly at: string } => ({ at: isoWithOffset(new Date()) });
  if (up === null)
    return (
      <Button look="action" onClick={() => onEvent({ up: now(), down: null })}>
        The tape is off now
      </Button>
    );
  return (
    <div className="grid justify-items-start gap-2">
      <p data-up>Off since {readableTime(up.at)}.</p>
      {down === null ? (
        <div className="flex flex-wrap gap-2">
          <Button look="action" onClick={() => onEvent({ up, down: now() })}>
            The tape is on again
          </Button>
          <Button look="quiet" onClick={() => onEvent({ up: null, down: null })}>
            It is not off
          </Button>
        </div>
      ) : (
        <>
          <p data-down>On again {readableTime(down.at)}. Dry it, scan it once, keep it dark.</p>
          <Button look="quiet" className="-ml-3" onClick={() => onEvent({ up, down: null })}>
            It still stands out
          </Button>
        </>
      )}
    </div>
  );
}
