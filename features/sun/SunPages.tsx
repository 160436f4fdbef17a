import { cx } from "../../ui/controls/cx.ts";
import { PageHeading } from "../../ui/page/PageHeading.tsx";
import { PageTabs } from "../../ui/page/PageTabs.tsx";
import type { Sun } from "./useSun.ts";

const PAGES = [
  { to: "/sun", name: "Plan", heading: "Plan a sun trail" },
  { to: "/sun/put-up", name: "Put up", heading: "Put up and take down" },
  { to: "/sun/read", name: "Read", heading: "Read a sun trail" },
] as const;

/** The ways between the pages of Sun, and the months-long exposures there are: one is at hand. */
export function SunPages({ sun, onNew }: { readonly sun: Sun; readonly onNew?: (() => void) | undefined }) {
  const { trails, trail, choose } = sun;
  const query = trail === null ? "" : `?trail=${encodeURIComponent(trail.id)}`;
  return (
    <div className="mb-3 flex flex-wrap items-end justify-between gap-x-6 border-line border-b print:hidden">
      {trail !== null && <PageHeading pages={PAGES} />}
      <nav aria-label="Sun" className="flex gap-x-6">
        <PageTabs pages={PAGES} query={query} />
      </nav>
      <ul aria-label="Months-long exposures" className="flex max-w-full gap-4 overflow-x-auto">
        {trails.map((each) => (
          <li key={each.id}>
            <button
              type="button"
              aria-pressed={each.id === trail?.id}
              data-trail={each.id}
              className={cx(
                "min-h-[2.9rem] whitespace-nowrap px-1",
                each.id === trail?.id ? "font-semibold" : "text-quiet hover:text-ink",
              )}
              onClick={() => choose(each.id)}
            >
              {trailName(each)}
            </button>
          </li>
        ))}
        {onNew && (
          <li>
            <button type="button" className="min-h-[2.9rem] whitespace-nowrap px-1 text-action" onClick={onNew}>
              Plan another
            </button>
          </li>
        )}
      </ul>
    </div>
  );
}

/** What a months-long exposure is called where nobody named it. */
export function trailName({ name, site, from }: Sun["trails"][number]): string {
  return name || site.name || `From ${from}`;
}
