import { PageTabs } from "../../ui/PageTabs.tsx";
import { RED_LEVELS, setRedLight } from "../../ui/redLight.ts";

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
      <button
        type="button"
        className="ml-auto flex min-h-[3.3rem] items-center gap-2 text-quiet"
        onClick={() => setRedLight(RED_LEVELS[0])}
      >
        <span aria-hidden="true" className="size-3 rounded-full bg-action" />
        Red light
      </button>
    </nav>
  );
}
