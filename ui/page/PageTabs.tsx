import { NavLink } from "react-router";
import { cx } from "../controls/cx.ts";

/** The ways between the pages of a place, side by side; the one that is open is underlined. */
export function PageTabs({
  pages,
  query = "",
  className = "min-h-[2.9rem] shrink-0 px-1",
}: {
  /** `anew`: the browser itself fetches the page, for it is told other things with it. */
  readonly pages: readonly { readonly to: string; readonly name: string; readonly anew?: boolean }[];
  /** What is at hand goes along. */
  readonly query?: string;
  /** How much room each has. */
  readonly className?: string;
}) {
  return pages.map(({ to, name, anew = false }) => (
    <NavLink
      key={to}
      to={`${to}${query}`}
      end
      reloadDocument={anew}
      className={({ isActive, isPending }) =>
        cx(
          "flex items-center border-b-[3px]",
          className,
          isActive ? "border-action font-semibold" : isPending ? "border-kraft" : "border-transparent",
        )
      }
    >
      {name}
    </NavLink>
  ));
}
