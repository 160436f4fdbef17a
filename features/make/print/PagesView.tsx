import type { ReactNode } from "react";
import type { Page } from "../../../core/make/cutsheet/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { inkProperties } from "../../../ui/drawing/inkProperties.ts";
import { SvgScene } from "../../../ui/drawing/SvgScene.tsx";

/** Paper is white with the light theme's inks, whatever the screen's theme. */
const PAPER = { ...inkProperties("light"), "--sb-card": "#ffffff" };

/** One page at a time on white paper, and the numbers of all. */
export function PagesView({
  pages,
  shown,
  onShow,
}: {
  readonly pages: readonly Page[];
  readonly shown: number;
  readonly onShow: (page: number) => void;
}): ReactNode {
  const page = pages[shown];
  return (
    <div className="min-w-0">
      {page && (
        <figure>
          <div
            className="mx-auto border border-line bg-card"
            style={{
              ...PAPER,
              aspectRatio: `${page.scene.bounds.width} / ${page.scene.bounds.height}`,
              maxHeight: "calc(100vh - 15rem)",
            }}
            data-page
          >
            <SvgScene scene={page.scene} pixel={null} title={page.caption} />
          </div>
          <figcaption className="mt-1 text-center text-[0.87rem] text-quiet">{page.caption}</figcaption>
        </figure>
      )}
      <nav aria-label="Pages" className="mt-2 flex flex-wrap justify-center gap-1">
        {pages.map(({ caption }, index) => (
          <button
            // Pages have no identity but their number.
            // biome-ignore lint/suspicious/noArrayIndexKey: see above
            key={index}
            type="button"
            aria-current={index === shown}
            className={cx(
              "min-h-9 min-w-9 border px-2",
              index === shown ? "border-ink bg-kraft-pale" : "border-line bg-card",
            )}
            onClick={() => onShow(index)}
            title={caption}
          >
            {index + 1}
          </button>
        ))}
      </nav>
    </div>
  );
}
