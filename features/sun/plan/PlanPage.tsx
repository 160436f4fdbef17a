import { saveRecord } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { notify } from "../../../ui/notices/notify.ts";
import { SunPages } from "../SunPages.tsx";
import type { SunData } from "../sunData.ts";
import { useSun } from "../useSun.ts";
import { newTrail } from "./newTrail.ts";
import { PlanOf } from "./PlanOf.tsx";

/** Sun, Plan: where the sun will draw before the can goes up. */
export function PlanPage({ loaded }: { readonly loaded: SunData }) {
  const sun = useSun(loaded);
  const { trail, camera, cameras, wanted, choose } = sun;
  const plan = async (): Promise<void> => {
    const made = newTrail(cameras, trail, wanted);
    const done = await saveRecord("trails", made);
    if (done.ok) choose(made.id);
    else notify(done.error.message, { urgent: true });
  };
  return (
    <main className="mx-auto max-w-[1500px] px-4 pb-16 sm:px-6" data-sun="plan">
      <SunPages sun={sun} onNew={cameras.length > 0 ? () => void plan() : undefined} />
      {trail === null ? (
        <div className="grid max-w-[40rem] justify-items-start gap-3">
          <h1 className="font-semibold text-[1.7rem] leading-tight">A sheet left out for weeks or half a year</h1>
          <p>
            draws the sun’s way of every day. It needs no developer, no fixer, no darkroom, and no sum for its time: it
            darkens by itself. What it needs is a place where nothing moves it, and an aim from which the sun stays on
            the sheet. Both are checked here before it goes up.
          </p>
          {cameras.length > 0 ? (
            <Button look="action" onClick={() => void plan()}>
              Plan the first
            </Button>
          ) : (
            <p>Design a can on the Shelf first: it goes up with that.</p>
          )}
        </div>
      ) : camera === null ? (
        <p data-no-camera>The camera of this plan is gone. Bring it back on the Shelf, or plan another.</p>
      ) : (
        <PlanOf key={trail.id} stored={trail} storedCamera={camera} cameras={cameras} />
      )}
    </main>
  );
}
