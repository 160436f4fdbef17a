import { formatTime } from "../../../core/basis/units/index.ts";

/** Ends of the dial, powers of two of a second, and how far round it goes, degrees. */
const [FIRST, LAST, ROUND] = [-10, 6, 124];
const MARKS = Array.from({ length: LAST - FIRST + 1 }, (_, i) => FIRST + i);

function angle(power: number): number {
  return ROUND * ((Math.min(LAST + 0.4, Math.max(FIRST - 0.4, power)) - FIRST) / (LAST - FIRST) - 0.5);
}

/** The dial of the practice meter: times in whole stops, a needle. */
export function Dial({ seconds }: { readonly seconds: number | null }) {
  return (
    <svg
      viewBox="-100 -100 200 78"
      className="block w-full border border-ink bg-card"
      role="img"
      aria-label={seconds === null ? "The meter’s dial, at rest" : `The meter’s dial shows ${formatTime(seconds)}`}
    >
      {MARKS.map((power) => (
        <g key={power} transform={`rotate(${angle(power)})`}>
          <path d={`M0 -88V${power % 2 === 0 ? -80 : -84}`} stroke="var(--sb-ink)" strokeWidth="0.7" />
          {power % 2 === 0 && (
            <text y="-91" textAnchor="middle" fontSize="5.4" fill="var(--sb-ink)">
              {formatTime(2 ** power).replace(" s", "")}
            </text>
          )}
        </g>
      ))}
      <path
        d="M-1 -26L0 -84L1 -26Z"
        fill="var(--sb-action)"
        transform={`rotate(${seconds === null ? angle(FIRST - 1) : angle(Math.log2(seconds))})`}
      />
    </svg>
  );
}
