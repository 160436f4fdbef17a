import { lampBorne } from "../../../../core/darkroom/lamp/index.ts";
import { movesTill } from "../../../../core/darkroom/run/index.ts";
import { sheetOut } from "../../../../core/document/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { ConfirmDialog } from "../../../../ui/seldom/ConfirmDialog.tsx";
import { nameOf } from "./FocusSheet.tsx";
import type { Runs, SheetNow } from "./useRuns.ts";

/** Back a bath, quiet, and out with it. */
export function RunPresses({
  runs,
  pausedSignals,
  onPause,
}: {
  readonly runs: Runs;
  readonly pausedSignals: boolean;
  readonly onPause: (paused: boolean) => void;
}) {
  const { going, waiting } = runs;
  const [focus] = going;
  const moved = lastMoved(going, runs.now);
  return (
    <div className="mt-2 grid grid-cols-3 gap-2">
      <Button
        disabled={!moved}
        aria-label={moved ? `Back a bath: ${nameOf(moved)}` : "Back a bath"}
        onClick={() => moved && runs.back(moved.development.id)}
      >
        Back a bath
      </Button>
      <Button aria-pressed={pausedSignals} onClick={() => onPause(!pausedSignals)}>
        {pausedSignals ? "Sound on" : "Quiet"}
      </Button>
      {focus ? (
        <ConfirmDialog
          title="Take it out now?"
          words={`${nameOf(focus)} leaves the baths here. Its baths are written down with the time they really took.${lampBorne(sheetOut(focus.development), runs.now) === "white" ? "" : " It is not fixed: into a dark box with it, light would darken it."}`}
          yes="It is out"
          no="It goes on"
          onYes={() => runs.end(focus.development.id)}
        >
          <Button>Take out</Button>
        </ConfirmDialog>
      ) : (
        <ConfirmDialog
          title="Forget those that wait?"
          words="They were in no bath: nothing is lost but this list. Where they are it has to stay dark."
          yes="Forget them"
          no="Keep them"
          onYes={() => runs.forget(waiting.map(({ id }) => id))}
        >
          <Button disabled={waiting.length === 0}>Forget</Button>
        </ConfirmDialog>
      )}
    </div>
  );
}

/** The sheet that was moved last: the one a slip of the hand has to be taken back of. */
function lastMoved(going: readonly SheetNow[], now: number): SheetNow | null {
  const at = ({ run }: SheetNow): number => movesTill(run, now).at(-1) ?? 0;
  return going.reduce<SheetNow | null>((last, sheet) => (at(sheet) > (last ? at(last) : 0) ? sheet : last), null);
}
