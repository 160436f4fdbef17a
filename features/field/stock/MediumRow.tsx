import { mediumById } from "../../../catalogue/media.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import { mediumFrom, type OwnMedium } from "../../../core/document/index.ts";
import { correctedTime } from "../../../core/light/exposure/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { removeUndoable } from "../../../ui/edits/undoable.ts";

/** One medium of the maker’s own. */
export function MediumRow({ medium, onEdit }: { readonly medium: OwnMedium; readonly onEdit: () => void }) {
  const like = mediumById(medium.like);
  const { iso, wavelengthNm, density, longTime } = mediumFrom(medium, like);
  const minute = correctedTime(60, longTime).seconds;
  return (
    <>
      <span className="font-semibold">{medium.name}</span>
      <span className="block text-[0.93rem] text-quiet">
        like {like.name} · ISO {iso} · {wavelengthNm} nm · range {density.range}
        {minute > 61 && ` · a metered minute becomes ${formatTime(minute)}`}
      </span>
      {medium.note && <span className="block text-[0.93rem]">{medium.note}</span>}
      <div className="mt-1 flex gap-2">
        <Button look="quiet" className="min-h-[3.3rem] px-0" onClick={onEdit}>
          Edit
        </Button>
        <Button
          look="quiet"
          className="min-h-[3.3rem]"
          onClick={() => void removeUndoable("media", medium.id, `${medium.name} is removed.`)}
        >
          Remove it
        </Button>
      </div>
    </>
  );
}
