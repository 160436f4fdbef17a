import { useSearchParams } from "react-router";
import { PageHeading } from "../../ui/page/PageHeading.tsx";
import { PageTabs } from "../../ui/page/PageTabs.tsx";

const PAGES = [
  { to: "/proof", name: "Scan", heading: "Scan" },
  { to: "/proof/judge", name: "Judge", heading: "Judge" },
  { to: "/proof/positive", name: "Positive", heading: "Positive" },
  { to: "/proof/pair", name: "Pair", heading: "Pair" },
  { to: "/proof/hang", name: "Hang", heading: "Hang" },
] as const;

/** The ways between the pages of Proof; the negative at hand goes along. */
export function ProofPages() {
  const [search] = useSearchParams();
  const negative = search.get("negative");
  const query = negative === null ? "" : `?negative=${encodeURIComponent(negative)}`;
  return (
    <>
      <PageHeading pages={PAGES} />
      <nav aria-label="Proof" className="mb-4 flex gap-x-6 overflow-x-auto border-line border-b print:hidden">
        <PageTabs pages={PAGES} query={query} />
      </nav>
    </>
  );
}
