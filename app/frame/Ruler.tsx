import type { ReactNode } from "react";
import { Link } from "react-router";
import { cx } from "../../ui/controls/cx.ts";
import { usePath } from "../../ui/page/usePath.ts";

/** Where the places lead; Bench and Make belong to the camera last worked on. */
function places(
  current: string | null,
): readonly { readonly name: string; readonly to: string; readonly is: RegExp }[] {
  const camera = current === null ? null : `/cameras/${encodeURIComponent(current)}`;
  return [
    { name: "Shelf", to: "/", is: /^\/(new|label\/.*)?$/ },
    ...(camera
      ? [
          { name: "Bench", to: camera, is: /^\/cameras\/[^/]+$/ },
          { name: "Make", to: `${camera}/make`, is: /^\/cameras\/[^/]+\/make/ },
        ]
      : []),
    { name: "Dark", to: "/dark", is: /^\/dark/ },
    { name: "Field", to: "/field", is: /^\/(field|log|stock)/ },
    { name: "Proof", to: "/proof", is: /^\/proof/ },
    { name: "Sun", to: "/sun", is: /^\/sun/ },
    { name: "Method", to: "/method", is: /^\/method/ },
  ];
}

/** The places, marked off on a rule along the top of the board; a red pointer stands at the present one. */
export function Ruler({
  current,
  lamp,
  children,
}: {
  readonly current: string | null;
  /** The lamp at the rule's end: in sight however narrow it is. */
  readonly lamp?: ReactNode;
  readonly children?: ReactNode;
}) {
  const path = usePath();
  return (
    <header className="relative bg-card print:hidden">
      {/* On a phone all places stand side by side in a row of their own. */}
      <div className="flex items-stretch max-sm:flex-wrap">
        <Link
          to="/"
          className="flex shrink-0 items-center gap-2 max-sm:min-h-9 max-sm:px-3 sm:mr-8 sm:pr-2 sm:pl-6"
          aria-label="Still Box, to the Shelf"
        >
          <svg viewBox="0 0 24 24" width="22" height="22" aria-hidden="true">
            <rect x="2" y="4" width="20" height="16" fill="none" stroke="currentColor" strokeWidth="2" />
            <circle cx="12" cy="12" r="1.8" fill="var(--sb-action)" />
          </svg>
          <span className="font-semibold text-[1.05rem] tracking-tight">Still Box</span>
        </Link>
        <nav
          aria-label="Places"
          className="flex min-w-0 grow items-stretch max-sm:order-last max-sm:min-h-[2.75rem] max-sm:basis-full max-sm:border-line max-sm:border-t sm:min-h-12 sm:overflow-x-auto"
        >
          {places(current).map(({ name, to, is }) => {
            const here = is.test(path);
            return (
              <Link
                key={name}
                to={to}
                aria-current={here ? "page" : undefined}
                className={cx(
                  "relative flex items-center border-line border-l font-stamp uppercase max-sm:grow max-sm:justify-center max-sm:text-[0.83rem] max-sm:tracking-[0.02em] max-sm:first:border-l-0 sm:min-w-24 sm:shrink-0 sm:px-4 sm:text-[0.95rem] sm:tracking-[0.09em]",
                  here ? "text-ink" : "text-quiet hover:text-ink",
                )}
              >
                {name}
                {here && (
                  <svg
                    viewBox="0 0 14 9"
                    width="14"
                    height="9"
                    className="absolute -bottom-px z-10 max-sm:left-[calc(50%-7px)] sm:left-[0.9rem]"
                    aria-hidden="true"
                  >
                    <path d="M0 9L7 0L14 9Z" fill="var(--sb-action)" />
                  </svg>
                )}
              </Link>
            );
          })}
          {children && <div className="ml-auto hidden shrink-0 items-center pr-4 pl-6 xl:flex">{children}</div>}
        </nav>
        {lamp && <div className="ml-auto flex shrink-0">{lamp}</div>}
      </div>
      <Ticks />
    </header>
  );
}

/** The rule's millimetres, as a tiled pattern. */
function Ticks() {
  return (
    <svg className="block h-2.5 w-full border-ink border-b" aria-hidden="true">
      <defs>
        <pattern id="ruler-ticks" width="40" height="10" patternUnits="userSpaceOnUse">
          <path
            d="M.5 10V1M4.5 10V6M8.5 10V6M12.5 10V6M16.5 10V6M20.5 10V4M24.5 10V6M28.5 10V6M32.5 10V6M36.5 10V6"
            stroke="var(--sb-quiet)"
            strokeWidth="1"
          />
        </pattern>
      </defs>
      <rect width="100%" height="10" fill="url(#ruler-ticks)" />
    </svg>
  );
}
