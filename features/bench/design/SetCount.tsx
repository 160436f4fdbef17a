import type { Camera, CameraSet } from "../../../core/camera/container/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { CountField } from "../../../ui/controls/entries/CountField.tsx";
import type { EditDesign } from "./edit.ts";

const LARGEST_SET = 200;

/** Cameras made alike and numbered in a tray: how many, which are exposed, shots left. */
export function SetCount({ camera, onEdit }: { readonly camera: Camera; readonly onEdit: EditDesign }) {
  const set: CameraSet = camera.set ?? { count: 1, exposed: [] };
  const change = (next: CameraSet | null): void => onEdit("set", (now) => ({ ...now, set: next }));
  const take = (count: number): void =>
    change(count === 1 ? null : { count, exposed: set.exposed.filter((number) => number <= count) });
  const left = set.count - set.exposed.length;
  return (
    <div data-set>
      <CountField
        label="Cameras alike, in one tray"
        name="set.count"
        value={set.count}
        least={1}
        most={LARGEST_SET}
        onTake={take}
      />
      {camera.set && (
        <>
          <p className="mt-2 text-[0.87rem] text-quiet">
            {left} of {set.count} shots left. Press a number when you have turned that one over.
          </p>
          <div className="mt-1 flex flex-wrap gap-1">
            {Array.from({ length: set.count }, (_, i) => i + 1).map((number) => {
              const spent = set.exposed.includes(number);
              return (
                <button
                  key={number}
                  type="button"
                  aria-pressed={spent}
                  aria-label={`No. ${number}, ${spent ? "exposed" : "ready"}`}
                  className={cx(
                    "min-h-7 min-w-8 border border-ink text-[0.87rem]",
                    spent ? "bg-tape text-on-tape line-through" : "bg-card",
                  )}
                  onClick={() =>
                    change({
                      count: set.count,
                      exposed: spent ? set.exposed.filter((each) => each !== number) : [...set.exposed, number],
                    })
                  }
                >
                  {number}
                </button>
              );
            })}
          </div>
        </>
      )}
    </div>
  );
}
