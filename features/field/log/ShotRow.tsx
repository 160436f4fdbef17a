import { Trash2 } from "lucide-react";
import { mediumById } from "../../../catalogue/media.ts";
import { formatFNumber, formatTime } from "../../../core/basis/units/index.ts";
import type { Exposure } from "../../../core/document/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { readableTime } from "../../../ui/localTime.ts";

/** One shot of the log. */
export function ShotRow({
  shot,
  onEdit,
  onDelete,
}: {
  readonly shot: Exposure;
  readonly onEdit: () => void;
  readonly onDelete: () => void;
}) {
  const change = shot.suggestedSeconds ? Math.log2(shot.seconds / shot.suggestedSeconds) : 0;
  return (
    <div
      data-shot={shot.id}
      className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-5 gap-y-1 border-line border-t py-2.5 sm:grid-cols-[10.5rem_minmax(0,1fr)_9rem_auto]"
    >
      <span className="text-[0.93rem] text-quiet">{readableTime(shot.openedAt)}</span>
      <span className="max-sm:order-3 max-sm:col-span-2">
        <span className="font-semibold">{shot.subject || "No subject noted"}</span>{" "}
        <span className="text-quiet">
          · {shot.cameraName}
          {shot.number ? `, No. ${shot.number}` : ""}
        </span>
        <span className="block text-[0.93rem] text-quiet">
          {[
            shot.light,
            mediumById(shot.medium).name,
            shot.iso && `ISO ${shot.iso}`,
            shot.fNumber && formatFNumber(shot.fNumber),
          ]
            .filter(Boolean)
            .join(" · ")}
        </span>
        {shot.note && <span className="block">{shot.note}</span>}
      </span>
      <span className="text-right">
        <span className="block font-semibold text-[1.16rem]">{formatTime(shot.seconds)}</span>
        {Math.abs(change) > 0.2 && shot.suggestedSeconds && (
          <span className="block text-[0.83rem] text-quiet">suggested {formatTime(shot.suggestedSeconds)}</span>
        )}
      </span>
      <span className="flex gap-1 max-sm:order-4 max-sm:col-span-2">
        <Button look="quiet" onClick={onEdit}>
          Edit
        </Button>
        <Button look="quiet" aria-label={`Delete ${shot.subject || "this shot"}`} onClick={onDelete}>
          <Trash2 size={15} aria-hidden />
        </Button>
      </span>
    </div>
  );
}
