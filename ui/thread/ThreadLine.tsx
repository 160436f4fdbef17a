import { Link } from "react-router";
import type { Act, Station, Thread } from "../../core/thread/index.ts";
import { stationWords } from "../../wording/threadWords.ts";
import { cx } from "../controls/cx.ts";
import { wayTo } from "./wayTo.ts";

/** Stations of the making: once they are behind, one knot stands for all of them. */
const MAKING: ReadonlySet<Station["name"]> = new Set(["designed", "hole", "built", "tight"]);

/** A camera's way as a thread with knots: tied where it has been, half where sheets are on their way, open where it has yet to go. */
export function ThreadLine({ thread }: { readonly thread: Thread }) {
  const page = `/cameras/${encodeURIComponent(thread.next.cameraId)}/make`;
  return (
    <ol aria-label="The camera’s thread" className="flex min-w-0 grow items-center" data-thread={thread.next.name}>
      {knotsOf(thread).map(({ words, act, reached, next }) => (
        <li key={words} className="group/knot relative min-w-0 grow first:grow-0" data-station={reached}>
          <Line reached={reached} className="group-first/knot:hidden" />
          <Link
            to={act === null ? page : wayTo(act)}
            title={`${words}: ${SAID[reached]}`}
            aria-label={`${words}: ${SAID[reached]}${next ? ", next" : ""}`}
            className={cx(
              "relative float-right flex min-h-6 min-w-6 items-center justify-end gap-1.5 bg-card pl-1.5 text-[0.83rem] no-underline hover:underline",
              reached === "no" && !next ? "text-quiet" : "text-ink",
            )}
          >
            <Knot reached={reached} next={next} />
            <span className="whitespace-nowrap max-lg:sr-only">{words}</span>
          </Link>
        </li>
      ))}
    </ol>
  );
}

/** The same on a tag: knots alone, to be seen at a glance; what is next stands in words below. */
export function ThreadOnTag({ thread }: { readonly thread: Thread }) {
  const knots = knotsOf(thread);
  const said = knots.map(({ words, reached }) => `${words}: ${SAID[reached]}`);
  return (
    <div role="img" aria-label={said.join(", ")} title={said.join("\n")} className="flex items-center">
      {knots.map(({ words, reached, next }, index) => (
        <span key={words} className={cx("relative flex h-5 items-center justify-end", index > 0 && "grow")}>
          {index > 0 && <Line reached={reached} />}
          <span className="relative bg-card">
            <Knot reached={reached} next={next} />
          </span>
        </span>
      ))}
    </div>
  );
}

interface KnotFacts {
  readonly words: string;
  /** `null`: of all that belongs to the making. */
  readonly act: Act | null;
  readonly reached: Station["reached"];
  readonly next: boolean;
}

/** The knots of a thread: once the making is behind, one stands for all of it. */
function knotsOf({ stations, next }: Thread): readonly KnotFacts[] {
  const knot = (station: Station): KnotFacts => ({
    words: stationWords(station),
    act: station.act,
    reached: station.reached,
    next: station.name === next.station,
  });
  const making = stations.filter(({ name }) => MAKING.has(name));
  if (MAKING.has(next.station)) return stations.map(knot);
  const reached = making.every((station) => station.reached === "yes") ? "yes" : "part";
  return [
    { words: "Made", act: null, reached, next: false },
    ...stations.filter(({ name }) => !MAKING.has(name)).map(knot),
  ];
}

function Line({ reached, className }: { readonly reached: Station["reached"]; readonly className?: string }) {
  return (
    <span
      aria-hidden="true"
      className={cx(
        "absolute inset-x-0 top-1/2 -translate-y-1/2 border-t-2",
        reached === "no" ? "border-line border-dashed" : "border-kraft",
        className,
      )}
    />
  );
}

const SAID = { yes: "done", part: "on its way", no: "not yet" } as const;

function Knot({ reached, next }: { readonly reached: Station["reached"]; readonly next: boolean }) {
  return (
    <svg viewBox="0 0 14 14" width="14" height="14" aria-hidden="true" className="block shrink-0">
      <circle
        cx="7"
        cy="7"
        r="5"
        fill={reached === "yes" ? "var(--sb-kraft)" : "var(--sb-card)"}
        stroke={next ? "var(--sb-action)" : reached === "no" ? "var(--sb-line)" : "var(--sb-kraft)"}
        strokeWidth={next ? 2.4 : 1.8}
      />
      {reached === "part" && <path d="M7 3.4a3.6 3.6 0 0 0 0 7.2z" fill="var(--sb-kraft)" />}
    </svg>
  );
}
