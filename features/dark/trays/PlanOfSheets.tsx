import { useMemo } from "react";
import type { Shop } from "../../../core/basis/flowShop/index.ts";
import { formatClock } from "../../../core/basis/units/index.ts";
import { type BathName, MOVE_SECONDS, type PlannedStep, throughTrays } from "../../../core/darkroom/recipe/index.ts";
import { Disclosure } from "../../../ui/controls/Disclosure.tsx";
import { CountField } from "../../../ui/controls/entries/CountField.tsx";
import { BATH_WORDS } from "../../../wording/darkroomWords.ts";

/** When each of several sheets goes in, so that none has to wait in a bath, and when the last is out. */
export function PlanOfSheets({
  plan,
  count,
  room,
  onRoom,
}: {
  readonly plan: readonly PlannedStep[];
  readonly count: number;
  readonly room: Shop["room"];
  readonly onRoom: (bath: BathName, count: number) => void;
}) {
  const way = useMemo(() => throughTrays(plan, count, room), [plan, count, room]);
  const baths = [...new Set(plan.map(({ bath }) => bath))];
  return (
    <section aria-label="Plan of the sheets">
      {way && (
        <p data-starts={way.starts.map(Math.round).join(" ")}>
          {count === 1
            ? `One sheet: ${formatClock(way.washed.to)} from the first bath to dry hands.`
            : `${count} sheets: the last goes in at ${formatClock(way.starts.at(-1) ?? 0)}, all are washed at ${formatClock(way.washed.to)}.`}
        </p>
      )}
      <Disclosure title="Starts, and what each tray holds" name="starts">
        {way && (
          <p className="mb-2">
            In at {way.starts.map((at) => formatClock(at)).join(" · ")}: none waits in a bath, no tray overflows, and
            one pair of hands has {MOVE_SECONDS} s for each move. The count proposes each start from what really
            happened.
          </p>
        )}
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          {baths.map((bath) => (
            <CountField
              key={bath}
              label={`${BATH_WORDS[bath]} holds`}
              name={`room-${bath}`}
              value={room[bath] ?? 1}
              least={1}
              most={100}
              onTake={(most) => onRoom(bath, most)}
            />
          ))}
        </div>
      </Disclosure>
    </section>
  );
}
