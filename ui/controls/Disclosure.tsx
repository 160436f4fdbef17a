import type { ReactNode } from "react";

/** A part that is folded away under its words until somebody wants it. */
export function Disclosure({
  title,
  name,
  open = false,
  children,
}: {
  readonly title: string;
  /** For tests and links. */
  readonly name: string;
  /** Whether it lies open at first. */
  readonly open?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <details open={open} data-fold={name} className="group border-line border-t">
      <summary className="flex min-h-[3.3rem] list-none items-center gap-2">
        <span
          aria-hidden="true"
          className="w-4 text-center text-[1.3rem] text-action leading-none group-open:rotate-45"
        >
          +
        </span>
        {title}
      </summary>
      <div className="pb-3 pl-6">{children}</div>
    </details>
  );
}
