import { PageHeading } from "../../ui/page/PageHeading.tsx";
import { PageTabs } from "../../ui/page/PageTabs.tsx";

const PAGES = [
  { to: "/method/questions", name: "Questions", heading: "Questions" },
  { to: "/method/practice", heading: "Practice", name: "Practice" },
  { to: "/method/words", name: "Words", heading: "Words" },
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
