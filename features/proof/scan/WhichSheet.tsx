import type { Exposure, Negative } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import type { SheetDoubt } from "./whichSheet.ts";

/** So many shots are offered here; all of them stand in the list. */
const OFFERED = 4;

/** Asks which sheet a scan is of, where its size and its turn disagree. */
export function WhichSheet({
  doubt,
  negative,
  onShot,
  onSame,
  onNone,
}: {
  readonly doubt: SheetDoubt;
  readonly negative: Negative;
  readonly onShot: (shot: Exposure) => void;
  /** It is the sheet it was taken for: the file's resolution is wrong. */
  readonly onSame: () => void;
  /** It is of no shot: a strip of times, a print. */
  readonly onNone: () => void;
}) {
  const words = useLengthWords();
  const size = ({ width, height }: SheetDoubt["found"]): string => {
    const [long, short] = [Math.max(width, height), Math.min(width, height)];
    return `${words(long, 0)} × ${words(short, 0)}`;
  };
  const { found, camera, sheet, shot, fits } = doubt;
  const name = shot?.subject ? `${shot.subject}, ${camera.name}` : camera.name;
  return (
    <div role="alert" className="grid gap-2 border-action border-l-4 pl-3" data-which-sheet>
      <p>
        Which sheet is it? At the {Math.round(negative.dpi ?? 0)} pixels an inch that its file states it is{" "}
        {size(found)}; that of {name} is {size(sheet)}.
      </p>
      <div className="flex flex-wrap gap-2">
        {fits.slice(0, OFFERED).map((fit) => (
          <Button key={fit.id} onClick={() => onShot(fit)}>
            {[fit.subject, fit.cameraName].filter(Boolean).join(", ") || "A shot"}
          </Button>
        ))}
        <Button look="quiet" onClick={onSame}>
          {name} all the same: the file is wrong
        </Button>
        <Button look="quiet" onClick={onNone}>
          Of no shot: a strip, a try
        </Button>
      </div>
      {fits.length === 0 && (
        <p className="text-[0.9rem] text-quiet">
          No shot without a scan has a sheet of this size. Choose it in the list, or move the corners to the sheet’s
          edges.
        </p>
      )}
    </div>
  );
}
