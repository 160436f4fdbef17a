import { NavLink, useSearchParams } from "react-router";
import { cx } from "../../ui/cx.ts";

const PAGES = [
  { to: "/proof", name: "Scan" },
  { to: "/proof/judge", name: "Judge" },
  { to: "/proof/positive", name: "Positive" },
  { to: "/proof/pair", name: "Pair" },
  { to: "/proof/hang", name: "Hang" },
] as const;

/** The ways between the pages of Proof; the negative at hand goes along. */
export function ProofPages() {
  const [search] = useSearchParams();
  const negative = search.get("negative");
  const query = negative === null ? "" : `?negative=${encodeURIComponent(negative)}`;
  return (
    <nav aria-label="Proof" className="mb-4 flex gap-x-6 overflow-x-auto border-line border-b print:hidden">
      {PAGES.map(({ to, name }) => (
        <NavLink
          key={to}
          to={`${to}${query}`}
          end
          className={({ isActive, isPending }) =>
            cx(
              "flex min-h-[2.9rem] shrink-0 items-center border-b-[3px] px-1",
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
