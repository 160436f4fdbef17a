import { CAPTION, type HungPages } from "./hungPages.ts";
import type { Hung } from "./useHung.ts";

/** The pages as they will be printed. */
export function PagesOnWall({
  hung: { width, height, count, pictures },
  drawn,
}: {
  readonly hung: HungPages;
  readonly drawn: ReadonlyMap<string, Hung>;
}) {
  return (
    <ol className="grid content-start gap-4 [grid-template-columns:repeat(auto-fit,minmax(16rem,26rem))]">
      {Array.from({ length: count }, (_, number) => (
        // Pages have no identity but their number.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <li key={number} className="border border-ink bg-card">
          <svg viewBox={`0 0 ${width} ${height}`} className="block w-full" data-page={number + 1}>
            <title>{`Page ${number + 1}`}</title>
            {pictures.map(({ page, negative, caption, ...box }) => {
              if (page !== number) return null;
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
    </ol>
  );
}
