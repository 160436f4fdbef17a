import { PageHeading } from "../../ui/controls/PageHeading.tsx";
import { PageTabs } from "../../ui/controls/PageTabs.tsx";

const PAGES = [
  { to: "/method/questions", name: "Questions", heading: "Questions" },
  { to: "/method", name: "Numbers" },
] as const;

/** The ways between the pages of Method. */
export function MethodPages() {
  return (
    <>
      <PageHeading pages={PAGES} />
      <nav aria-label="Method" className="mb-3 flex gap-x-6 border-line border-b print:hidden">
        <PageTabs pages={PAGES} />
      </nav>
    </>
  );
}
