import { memo } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import { rollPlan } from "../../../core/camera/roll/index.ts";
import { Panel } from "../../../ui/controls/Panel.tsx";

/** How far to wind for every frame of a roll-film camera, to take along. */
export const RollTable = memo(function RollTable({ camera }: { readonly camera: Camera }) {
  const { roll, film } = camera.chambers[0];
  if (!roll) return null;
  const plan = rollPlan({ ...roll, frame: film.width });
  return (
    <Panel title="Winding" className="mb-7">
      <p className="mb-1 text-[0.87rem] text-quiet">
        First {plan.leaderTurns.toFixed(1)} turns for the leader, then for each picture:
      </p>
      <section
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reached by keyboard
        tabIndex={0}
        aria-label="Turns for every picture"
        className="max-h-64 overflow-auto"
        data-winding={plan.frames.length}
      >
        <table className="w-full text-right text-[0.93rem]">
          <thead className="sticky top-0 bg-board text-quiet">
            <tr>
              <th className="py-1 text-left font-normal">Picture</th>
              <th className="font-normal">Turns</th>
              <th className="font-normal">Halves</th>
              <th className="font-normal">Clicks</th>
            </tr>
          </thead>
          <tbody>
            {plan.frames.map((frame, index) => (
              // Frames are known by their number.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              <tr key={index} className="border-line border-t">
                <td className="py-0.5 text-left">{index + 1}</td>
                <td>{frame.turns.toFixed(2)}</td>
                <td>{frame.halfTurns.toFixed(2)}</td>
                <td>{frame.clicks?.toFixed(1) ?? "–"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </Panel>
  );
});
