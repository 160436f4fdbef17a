import type { ComponentProps, ReactNode } from "react";
import { cx } from "./cx.ts";

export type ButtonLook = "action" | "plain" | "quiet";

const LOOKS: Readonly<Record<ButtonLook, string>> = {
  action: "bg-action text-on-action border-action hover:brightness-110",
  plain: "bg-card text-ink border-ink hover:bg-kraft-pale",
  quiet: "bg-transparent text-ink border-transparent underline decoration-line underline-offset-4 hover:decoration-ink",
};

/** The classes of a button, for links that look like one. */
export function buttonClass(look: ButtonLook = "plain", more?: string): string {
  return cx(
    more?.includes("text-") ? null : "text-[0.93rem]",
    "inline-flex items-center justify-center gap-2 border-[1.5px] px-3 py-1.5 font-medium min-h-9 disabled:opacity-45 disabled:cursor-not-allowed",
    LOOKS[look],
    more,
  );
}

/** A button. Red is for the one thing to do next. */
export function Button({
  look = "plain",
  className,
  children,
  ...rest
}: ComponentProps<"button"> & { readonly look?: ButtonLook; readonly children: ReactNode }) {
  return (
    <button type="button" {...rest} className={buttonClass(look, className)}>
      {children}
    </button>
  );
}
