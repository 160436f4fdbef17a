import { useEffect, useMemo, useRef, useState } from "react";
import { useOnceSeen } from "../../../ui/page/useOnceSeen.ts";
import { CAPTION, type HungPages } from "./hungPages.ts";
import type { Hung } from "./useHung.ts";

/** So many pages are drawn at first, and so many more whenever their end comes into sight. */
const AT_ONCE = 60;

/** The pages as they will be printed. */
export function PagesOnWall({
  hung: { width, height, count, pictures },
  drawn,
  onSeen,
}: {
  readonly hung: HungPages;
  readonly drawn: ReadonlyMap<string, Hung>;
  /** Tells of which negatives the pictures are shown: they are to be drawn. */
  readonly onSeen: (ids: readonly string[]) => void;
}) {
  const [upTo, setUpTo] = useState(AT_ONCE);
  const pages = useMemo(() => {
    const byPage = Array.from({ length: Math.min(count, upTo) }, (): HungPages["pictures"][number][] => []);
    for (const picture of pictures) byPage[picture.page]?.push(picture);
    return byPage;
  }, [count, pictures, upTo]);
  useEffect(() => onSeen(pages.flat().map(({ negative }) => negative.id)), [pages, onSeen]);
  return (
    <ol className="grid content-start gap-4 [grid-template-columns:repeat(auto-fit,minmax(16rem,26rem))]">
      {pages.map((page, number) => (
        // Pages have no identity but their number.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <li key={number} className="border border-ink bg-card">
          <svg viewBox={`0 0 ${width} ${height}`} className="block w-full" data-page={number + 1}>
            <title>{`Page ${number + 1}`}</title>
            {page.map(({ negative, caption, ...box }) => {
              const picture = drawn.get(negative.id);
              const place = { x: box.x, y: box.y, width: box.width, height: box.height };
              return (
                <g key={negative.id} data-hung={negative.id}>
                  {picture === undefined ? (
                    <rect {...place} className="fill-line" />
                  ) : (
                    <image href={picture.url} {...place} preserveAspectRatio="none" />
                  )}
                  {caption.map(({ words, x, y }) => (
                    <text key={y} x={x} y={y} fontSize={CAPTION.size} className="fill-ink">
                      {words}
                    </text>
                  ))}
                </g>
              );
            })}
          </svg>
        </li>
      ))}
      {upTo < count && <Further key={upTo} left={count - upTo} onSeen={() => setUpTo(upTo + AT_ONCE)} />}
    </ol>
  );
}

/** Where the pages that are drawn end. */
function Further({ left, onSeen }: { readonly left: number; readonly onSeen: () => void }) {
  const end = useRef<HTMLLIElement>(null);
  const seen = useOnceSeen(end);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once it is seen
  useEffect(() => {
    if (seen) onSeen();
  }, [seen]);
  return (
    <li ref={end} className="text-quiet">
      {left} more
    </li>
  );
}
