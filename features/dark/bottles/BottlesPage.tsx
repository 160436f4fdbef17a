import { useMemo, useState } from "react";
import type { Bottle } from "../../../core/document/index.ts";
import { useLive } from "../../../storage/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { LiveNotice } from "../../../ui/notices/LiveNotice.tsx";
import { LongList } from "../../../ui/seldom/LongList.tsx";
import { fullBottles, stateOf } from "../bottleFacts.ts";
import { DarkPages } from "../DarkPages.tsx";
import { BottleRow } from "./BottleRow.tsx";
import { readBottles } from "./bottlesData.ts";
import { Mixer } from "./Mixer.tsx";

/** What is mixed: the sums for mixing, and the bottles with what they still bear. */
export function BottlesPage({ loaded }: { readonly loaded: readonly Bottle[] }) {
  const live = useLive(loaded, readBottles);
  const full = useMemo(() => fullBottles(live.value), [live.value]);
  const [now] = useState(() => Date.now());
  return (
    <main className="wet mx-auto max-w-3xl px-4 pb-24">
      <DarkPages />
      <LiveNotice live={live} />
      <div className="grid gap-6">
        <Mixer />
        <Panel title="Bottles">
          {full.length === 0 && (
            <p>No bottle here yet. Mix one above and note it: you are warned before a tired bath spoils a sheet.</p>
          )}
          <div data-bottles={full.length}>
            <LongList
              items={full}
              keyOf={({ id }) => id}
              estimate={190}
              entry={(bottle) => ({
                className: "border-line border-t py-3",
                "data-bottle": bottle.id,
                "data-state": stateOf(bottle, now),
              })}
            >
              {(bottle) => <BottleRow bottle={bottle} now={now} />}
            </LongList>
          </div>
        </Panel>
      </div>
    </main>
  );
}
