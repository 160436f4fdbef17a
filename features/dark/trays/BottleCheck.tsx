import { useEffect } from "react";
import { Link } from "react-router";
import { bottleState, type Chemical, USUAL_BOTTLES } from "../../../core/darkroom/bottle/index.ts";
import type { PlannedStep } from "../../../core/darkroom/recipe/index.ts";
import type { Bottle } from "../../../core/document/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { bottleAge, bottleFacts, fullBottles } from "../bottleFacts.ts";
import type { SheetToDo } from "./queueSheets.ts";

const NONE = "none";

/** Which bottles the trays are filled from, and whether they bear what is to go in. */
export function BottleCheck({
  plan,
  bottles,
  sheets,
  chosen,
  onChoose,
}: {
  readonly plan: readonly PlannedStep[];
  readonly bottles: readonly Bottle[];
  readonly sheets: readonly SheetToDo[];
  readonly chosen: Readonly<Record<string, string | null>>;
  readonly onChoose: (chosen: Readonly<Record<string, string | null>>) => void;
}) {
  const full = fullBottles(bottles);
  const wanted = (Object.keys(USUAL_BOTTLES) as Chemical[]).filter((each) => plan.some(({ bath }) => bath === each));
  // The bottle mixed last is the one at hand, until another is named.
  useEffect(() => {
    const open = wanted.filter((chemical) => chosen[chemical] === undefined);
    const found = open.flatMap((chemical): [string, string][] => {
      const bottle = full.find((each) => each.chemical === chemical);
      return bottle ? [[chemical, bottle.id]] : [];
    });
    if (found.length > 0) onChoose({ ...chosen, ...Object.fromEntries(found) });
  }, [wanted, full, chosen, onChoose]);
  if (full.length === 0) {
    return (
      <p>
        No bottle is noted, so nobody counts what it has used up.{" "}
        <Link to="/dark/bottles" className="inline-flex min-h-[3.75rem] items-center underline underline-offset-4">
          Note what is mixed
        </Link>
      </p>
    );
  }
  const area = sheets.reduce((sum, { areaCm2 }) => sum + areaCm2, 0);
  const now = Date.now();
  return (
    <section aria-label="Bottles" className="grid gap-3 sm:grid-cols-3">
      {wanted.map((chemical) => {
        const options = full.filter((each) => each.chemical === chemical);
        const bottle = options.find(({ id }) => id === chosen[chemical]);
        const state = bottle ? bottleState(bottleFacts(bottle), area, bottleAge(bottle, now)) : null;
        return (
          <div key={chemical}>
            <Choice
              label={`${NAMES[chemical]} from`}
              value={bottle?.id ?? NONE}
              options={[...options.map(({ id, name }) => ({ id, name })), { id: NONE, name: "no bottle noted" }]}
              onChoose={(id) => onChoose({ ...chosen, [chemical]: id === NONE ? null : id })}
            />
            {state === "spent" && (
              <p role="alert" className="mt-1 border-action border-l-4 pl-2" data-tired={chemical}>
                {chemical === "fixer"
                  ? "Spent by these sheets, or too old: they would not be fixed through. Mix fresh."
                  : "Spent by these sheets, or too old: it would spoil them. Mix fresh."}
              </p>
            )}
            {state === "low" && <p className="mt-1">Nearly used up.</p>}
          </div>
        );
      })}
    </section>
  );
}

const NAMES: Readonly<Record<Chemical, string>> = { developer: "Developer", stop: "Stop", fixer: "Fixer" };
