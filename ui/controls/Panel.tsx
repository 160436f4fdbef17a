import type { ReactNode } from "react";
import { cx } from "./cx.ts";

/** A part of a page under a stamped caption on a hairline. */
export function Panel({
  title,
  aside,
  className,
  children,
}: {
  readonly title: string;
  readonly aside?: ReactNode;
  readonly className?: string;
  readonly children: ReactNode;
}) {
  return (
    <section className={cx("min-w-0", className)} aria-label={title}>
      <div className="mb-2 flex items-baseline justify-between gap-3 border-ink border-b pb-0.5">
        <h2 className="stamp">{title}</h2>
        {aside}
      </div>
      {children}
    </section>
  );
}
