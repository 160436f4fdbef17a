import { NavLink } from "react-router";
import { cx } from "../../ui/cx.ts";

const PAGES = [
  { to: "/dark", name: "Load" },
  { to: "/dark/trays", name: "Trays" },
  { to: "/dark/strips", name: "Strips" },
  { to: "/dark/bottles", name: "Bottles" },
  { to: "/dark/practice", name: "Practice" },
] as const;

/** The ways between the pages of Dark. */
export function DarkPages() {
  return (
    <nav aria-label="Dark" className="mb-4 flex overflow-x-auto border-line border-b">
      {PAGES.map(({ to, name }) => (
        <NavLink
          key={to}
          to={to}
          end
          className={({ isActive }) =>
            cx(
              "flex min-h-[3.75rem] shrink-0 grow items-center justify-center border-b-[4px] px-2.5",
              isActive ? "border-action font-semibold" : "border-transparent",
            )
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
