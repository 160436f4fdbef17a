import { PageTabs } from "../../ui/PageTabs.tsx";

const PAGES = [
  { to: "/field", name: "Expose" },
  { to: "/log", name: "Log" },
  { to: "/stock", name: "Stock" },
] as const;

/** The ways between the Field's pages. */
export function FieldPages() {
  return (
    <nav aria-label="Field" className="mb-3 flex gap-x-6 border-line border-b print:hidden">
      <PageTabs pages={PAGES} className="min-h-[3.3rem] px-1" />
    </nav>
  );
}
