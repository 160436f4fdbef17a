import { NavLink } from "react-router";
import { cx } from "../../ui/cx.ts";

const PAGES = [
  { to: "/field", name: "Expose" },
  { to: "/log", name: "Log" },
  { to: "/stock", name: "Stock" },
] as const;

/** The ways between the Field's pages. */
export function FieldPages() {
  return (
    <nav aria-label="Field" className="mb-3 flex gap-x-6 border-line border-b print:hidden">
      {PAGES.map(({ to, name }) => (
        <NavLink
          key={to}
          to={to}
          className={({ isActive, isPending }) =>
            cx(
              "flex min-h-[3.3rem] items-center border-b-[3px] px-1",
              isActive ? "border-action font-semibold" : isPending ? "border-kraft" : "border-transparent",
            )
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
