import { Suspense } from "react";
import { fieldChoices, type StepsOf } from "../../storage/index.ts";
import { lazyPart } from "../../ui/page/lazyPart.tsx";
import { PageHeading } from "../../ui/page/PageHeading.tsx";
import { PageTabs } from "../../ui/page/PageTabs.tsx";

const PAGES = [
  // Only this page may ask for the camera, and a browser is told so with the page itself.
  { to: "/field/look", name: "Look", heading: "Look", anew: true },
  { to: "/field", name: "Expose", heading: "Expose" },
  { to: "/log", name: "Log" },
  { to: "/stock", name: "Stock" },
] as const;

/** What is made, changed and deleted in the Field. */
const PlaceUndo = lazyPart(async () => ({ default: (await import("../../ui/edits/PlaceUndo.tsx")).PlaceUndo }));

const OWN: readonly StepsOf[] = [
  { name: "exposures" },
  { name: "loads" },
  { name: "packs" },
  { name: "media" },
  ...fieldChoices.steps,
];

/** The ways between the Field's pages. */
export function FieldPages() {
  return (
    <>
      <PageHeading pages={PAGES} />
      <nav aria-label="Field" className="mb-3 flex gap-x-6 border-line border-b print:hidden">
        <PageTabs pages={PAGES} className="min-h-[3.3rem] px-1" />
        <Suspense>
          <PlaceUndo of={OWN} className="ml-auto" />
        </Suspense>
      </nav>
    </>
  );
}
