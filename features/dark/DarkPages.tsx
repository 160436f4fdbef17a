import { useSyncExternalStore } from "react";
import { darkChoices, fieldChoices, type StepsOf } from "../../storage/index.ts";
import { onRedLight, redLevel } from "../../ui/dark/redLight.ts";
import { PlaceUndo } from "../../ui/edits/PlaceUndo.tsx";
import { PageHeading } from "../../ui/page/PageHeading.tsx";
import { PageTabs } from "../../ui/page/PageTabs.tsx";

const PAGES = [
  { to: "/dark", name: "Load", heading: "Load in the dark" },
  { to: "/dark/trays", name: "Trays", heading: "Sheets through the trays" },
  { to: "/dark/strips", name: "Strips", heading: "Test strips" },
  { to: "/dark/bottles", name: "Bottles", heading: "Bottles" },
  { to: "/dark/practice", name: "Practice", heading: "Practise developing" },
] as const;

/** What is made, changed and deleted in Dark, beside sheets on their way. */
const OWN: readonly StepsOf[] = [
  { name: "loads" },
  { name: "processing" },
  { name: "recipes" },
  { name: "bottles" },
  ...darkChoices.steps,
  ...fieldChoices.steps,
];

/** The ways between the pages of Dark. */
export function DarkPages() {
  const day = useSyncExternalStore(onRedLight, redLevel, () => null) === null;
  return (
    <>
      <PageHeading pages={PAGES} />
      <nav aria-label="Dark" className="mb-4 flex overflow-x-auto border-line border-b">
        <PageTabs pages={PAGES} className="min-h-[3.75rem] shrink-0 grow justify-center px-2.5" />
      </nav>
      {/* Its room is kept: what appears must not push a press aside. */}
      <div className="-mt-3 -mb-2 flex min-h-[3.75rem] justify-end">
        <PlaceUndo of={OWN} />
      </div>
      {day && (
        <p className="mb-4 border-kraft border-l-4 pl-3" data-by-daylight>
          By daylight, to plan: no sheet is out of its box. What could fog asks first, and turns this screen red.
        </p>
      )}
    </>
  );
}
