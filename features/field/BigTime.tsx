import { formatTime } from "../../core/basis/units/index.ts";
import type { TimerState } from "./useTimer.ts";

/** The time, as large as the screen allows: suggested, running down, past, given. */
export function BigTime({ state, seconds }: { readonly state: TimerState; readonly seconds: number | null }) {
  if (state.is === "ready")
    return <Figure caption="Keep it open for" text={seconds === null ? "–" : formatTime(seconds)} />;
  const elapsed = state.elapsedMs / 1000;
  if (state.is === "closed")
    return <Figure caption="The hole was open for" text={formatTime(Math.max(0.1, elapsed))} />;
  const left = state.running.targetSeconds - elapsed;
  const share = Math.min(1, elapsed / state.running.targetSeconds);
  return (
    <div data-counting>
      <Figure
        caption={left >= 0 ? "Still to go" : "Over time: close it"}
        text={clock(Math.abs(left))}
        urgent={left < 0}
      />
      <div className="mt-1 h-2 border border-ink" aria-hidden="true">
        <div className="h-full bg-action" style={{ width: `${100 * share}%` }} />
      </div>
      <p className="mt-1 flex justify-between text-quiet">
        <span>open {clock(elapsed)}</span>
        <span>of {formatTime(state.running.targetSeconds)}</span>
      </p>
    </div>
  );
}

function Figure({
  caption,
  text,
  urgent = false,
}: {
  readonly caption: string;
  readonly text: string;
  readonly urgent?: boolean;
}) {
  return (
    <div>
      <p className="stamp">{caption}</p>
      <p
        data-big-time
        role="timer"
        className={`whitespace-nowrap font-semibold leading-none tracking-tight ${urgent ? "text-action" : ""}`}
        style={{ fontSize: `min(8.5rem, calc(min(34rem, 100vw - 2rem) / ${Math.max(3.4, text.length * 0.56)}))` }}
      >
        {text}
      </p>
    </div>
  );
}

/** Running time: `0:07`, `2:30`, `1:20:00`. */
function clock(seconds: number): string {
  const whole = Math.floor(seconds);
  const two = (value: number): string => String(value).padStart(2, "0");
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60), whole % 60];
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}
