import { memo } from "react";
import type { Trail } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { dayAfter } from "../../../ui/format/dayAfter.ts";
import { nextSolstices } from "./newTrail.ts";

type Days = Pick<Trail, "from" | "to">;

/** From when to when it stands out: typed, or one of the usual stretches. */
export const DaysPanel = memo(function DaysPanel({
  from,
  to,
  onDays,
}: Days & { readonly onDays: (days: Days) => void }) {
  const take = (days: Days): void => {
    // A day that is half typed is nothing yet.
    if (days.from !== "" && days.to !== "") onDays(days.to < days.from ? { from: days.from, to: days.from } : days);
  };
  const lasting = (days: number): void => take({ from, to: dayAfter(from, days) });
  return (
    <Panel title="Stands out">
      <div className="grid grid-cols-2 gap-2">
        <TextEntry label="From" type="date" value={from} onChange={(event) => take({ from: event.target.value, to })} />
        <TextEntry
          label="Until"
          type="date"
          min={from}
          value={to}
          onChange={(event) => take({ from, to: event.target.value })}
        />
      </div>
      <div className="-ml-3 mt-1 flex flex-wrap">
        <Button look="quiet" onClick={() => take(nextSolstices(new Date()))}>
          Solstice to solstice
        </Button>
        <Button look="quiet" onClick={() => lasting(84)}>
          A school term
        </Button>
        <Button look="quiet" onClick={() => lasting(30)}>
          A month
        </Button>
      </div>
    </Panel>
  );
});
