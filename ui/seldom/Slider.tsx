import { Slider as Rail } from "radix-ui";

/** A value between two ends, moved along a line by hand or by arrow keys. What each end means stands above it. */
export function Slider({
  label,
  low,
  high,
  least,
  most,
  step,
  value,
  inverted = false,
  say,
  onSlide,
}: {
  readonly label: string;
  /** Words at the left and the right end. */
  readonly low: string;
  readonly high: string;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly value: number;
  /** Whether the largest value is at the left. */
  readonly inverted?: boolean;
  /** The value in words, for those who hear it. */
  readonly say: (value: number) => string;
  readonly onSlide: (value: number) => void;
}) {
  return (
    <div>
      <div className="flex justify-between text-[0.87rem]">
        <span className="text-quiet">{low}</span>
        <span>{high}</span>
      </div>
      <Rail.Root
        className="relative flex h-6 w-full touch-none select-none items-center"
        min={least}
        max={most}
        step={step}
        inverted={inverted}
        value={[Math.min(most, Math.max(least, value))]}
        onValueChange={([next = value]) => onSlide(next)}
      >
        <Rail.Track className="relative h-px grow bg-ink">
          <Rail.Range className="absolute h-[3px] -translate-y-px bg-kraft" />
        </Rail.Track>
        <Rail.Thumb
          aria-label={label}
          aria-valuetext={say(value)}
          className="block size-4 rounded-full border-2 border-action bg-card"
        />
      </Rail.Root>
    </div>
  );
}
