import { PageTabs } from "../../ui/PageTabs.tsx";

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
      <PageTabs pages={PAGES} className="min-h-[3.75rem] shrink-0 grow justify-center px-2.5" />
    </nav>
  );
}
