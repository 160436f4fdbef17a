import { type Camera, cameraBody } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { aimMove } from "../../../core/viewfinder/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { moveWords } from "./moveWords.ts";
import type { Aim } from "./useAim.ts";

/** How to move the box so that it looks where the frame was dragged to, and what moves the frame. */
export function AimPart({
  camera,
  trail,
  aim,
  view,
  withStops,
  onStops,
}: {
  readonly camera: Camera;
  readonly trail: Trail | null;
  readonly aim: Aim;
  readonly view: {
    readonly empty: boolean;
    /** Below 1: the box sees wider than the phone. */
    readonly scale: number;
    /** Whether the phone tells how it is held. */
    readonly told: boolean;
  };
  readonly withStops: boolean;
  readonly onStops: (on: boolean) => void;
}) {
  const words = useLengthWords();
  const { box, wanted, from } = aim;
  const moves = from === null ? [] : moveWords(aimMove(from, wanted, cameraBody(camera).depth), (mm) => words(mm));
  return (
    <>
      <div>
        <p className="stamp">{camera.name}</p>
        {moves.length === 0 ? (
          <p className="font-semibold text-[1.2rem]" data-moves="none">
            {box !== null
              ? "The box stands right."
              : trail === null
                ? "Hold the phone before the hole, along the box."
                : "Hold the phone where the can will hang."}
          </p>
        ) : (
          <ul className="font-semibold text-[1.2rem]" data-moves={moves.length}>
            {moves.map((move) => (
              <li key={move}>{move}</li>
            ))}
          </ul>
        )}
        <p className="text-[0.87rem] text-quiet">
          {view.empty
            ? "The red frame is what the box will see. Drag it to where you want it, and read how to move the box."
            : view.scale < 1
              ? "The box sees wider than the phone: the phone’s view is the window in the middle."
              : "The red frame is what the box will see: drag it to where you want it."}
        </p>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {view.told && (
          <Button className="min-h-[3.3rem]" onClick={aim.stands}>
            The box looks this way
          </Button>
        )}
        {moves.length > 0 && (
          <Button className="min-h-[3.3rem]" onClick={aim.back}>
            Frame back to the middle
          </Button>
        )}
        <Check label="Lines of stops lost" checked={withStops} onCheck={onStops} className="min-h-[3.3rem]" />
      </div>
    </>
  );
}
