import { useEffect, useMemo, useRef, useState } from "react";
import { formatClock } from "../../core/basis/units/index.ts";
import { Button } from "../../ui/controls/Button.tsx";
import { cx } from "../../ui/controls/cx.ts";
import { planSignals } from "../../ui/device/signals.ts";
import type { Tone } from "../../ui/device/soundSchedule.ts";
import { clockNow, pageTime, useNow } from "../../ui/device/useNow.ts";
import { useWakeLock } from "../../ui/device/useWakeLock.ts";

/** One of the counts that follow each other without a break. */
export interface Part {
  readonly seconds: number;
  /** What is done while it lasts. */
  readonly caption: string;
}

/** Counted before the first begins: a hand has to find the switch, s. */
const COUNTED_IN = 3;
/** The last seconds of a part that are heard. */
const HEARD = 3;

/** Sounds of counts that follow each other: counted in, the opening, each change, the end. */
export function partTones(parts: readonly Part[]): readonly Tone[] {
  const tones: Tone[] = Array.from({ length: COUNTED_IN }, (_, i) => ({ after: i, kind: "tick" }));
  let at = COUNTED_IN;
  tones.push({ after: at, kind: "open" });
  for (const [index, { seconds }] of parts.entries()) {
    const end = at + seconds;
    for (let tick = HEARD; tick > 0; tick--) {
      if (end - tick > at + 0.5) tones.push({ after: end - tick, kind: "tick" });
    }
    tones.push({ after: end, kind: index === parts.length - 1 ? "end" : "open" });
    at = end;
  }
  return tones;
}

/** Counts light on a sheet: as large as the screen, with sound; the only thing to press gives it up. */
export function CountOverlay({
  parts,
  sound,
  bright = false,
  onDone,
  onCancel,
}: {
  readonly parts: readonly Part[];
  readonly sound: boolean;
  /** Whether the screen shines as much as it can: what is tested by it is then tested by the worst of it. */
  readonly bright?: boolean;
  readonly onDone: () => void;
  readonly onCancel: () => void;
}) {
  const [begun] = useState(clockNow);
  const now = useNow("light", true);
  useEffect(() => () => pageTime().runs("light", false), []);
  useWakeLock(true);
  const tones = useMemo(() => partTones(parts), [parts]);
  useEffect(() => planSignals(tones, sound), [tones, sound]);
  const gone = (now - begun) / 1000 - COUNTED_IN;
  const whole = parts.reduce((sum, { seconds }) => sum + seconds, 0);
  const over = gone >= whole;
  const told = useRef(false);
  useEffect(() => {
    if (!over || told.current) return;
    told.current = true;
    onDone();
  }, [over, onDone]);
  let end = 0;
  const index = parts.findIndex(({ seconds }) => {
    end += seconds;
    return gone < end;
  });
  const part = parts[index];
  const next = parts[index + 1];
  const left = gone < 0 ? -gone : end - gone;
  return (
    <div
      className={cx("wet fixed inset-0 z-[35] flex flex-col gap-3 p-5", bright ? "bg-ink text-card" : "bg-board")}
      data-counting-light={index}
      data-bright={bright || undefined}
    >
      <p className="mt-auto font-semibold text-[1.8rem] leading-tight" role="status">
        {gone < 0 ? "Ready: light on at the long tone" : (part?.caption ?? "Light off")}
      </p>
      <p className="font-semibold text-[clamp(6rem,34vw,20rem)] leading-[0.9]" data-count>
        {left < 10 ? left.toFixed(1) : formatClock(Math.ceil(left))}
      </p>
      <p className="mb-auto min-h-[3.6rem] text-[1.4rem]">
        {gone >= 0 && next ? `Then: ${next.caption.toLowerCase()}` : ""}
      </p>
      <Button onClick={onCancel}>Light off: give it up</Button>
    </div>
  );
}
