import { useEffect } from "react";
import { useNavigate } from "react-router";
import { Button } from "../../ui/controls/Button.tsx";
import { keep } from "../../ui/edits/keep.ts";
import { usePath } from "../../ui/page/usePath.ts";
import { TOUR } from "../../wording/tour.ts";

/** The tour over its pages: what one should know of this one, on to the next, and out at any time. */
export default function TourStrip({ at, camera }: { readonly at: number; readonly camera: string }) {
  const navigate = useNavigate();
  const path = usePath();
  const stop = TOUR[at] ?? TOUR[0];
  const here = stop.path(encodeURIComponent(camera));
  const isHere = here.split("?")[0] === path;
  useEffect(() => {
    if (!isHere || stop.shows === undefined) return;
    document.documentElement.dataset.tour = stop.shows;
    return () => {
      delete document.documentElement.dataset.tour;
    };
  }, [isHere, stop]);
  const go = (to: number): void => {
    const next = TOUR[to];
    if (next === undefined) {
      leave();
      return;
    }
    keep("tour", { stop: to, on: true }, "The tour");
    void navigate(next.path(encodeURIComponent(camera)));
  };
  const leave = (): void => keep("tour", { stop: at === TOUR.length - 1 ? 0 : at, on: false }, "The tour");
  const next = TOUR[at + 1];
  return (
    <aside
      aria-label="Tour"
      data-tour-stop={at + 1}
      className="border-ray border-y-2 border-dashed bg-card px-4 py-2 sm:px-6 print:hidden"
    >
      <p className="max-w-[60rem]" aria-live="polite">
        <span className="stamp mr-3">
          {at + 1} of {TOUR.length}: {stop.name}
        </span>
        {stop.words}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {isHere ? (
          <>
            <Button look="action" onClick={() => go(at + 1)}>
              {next === undefined ? "End the tour" : `On to ${next.name}`}
            </Button>
            {at > 0 && <Button onClick={() => go(at - 1)}>Back</Button>}
          </>
        ) : (
          <Button look="action" onClick={() => go(at)}>
            Back to the tour
          </Button>
        )}
        {next !== undefined && (
          <Button look="quiet" onClick={leave}>
            Leave the tour
          </Button>
        )}
      </div>
    </aside>
  );
}
