import { Trash2 } from "lucide-react";
import { mediumById } from "../../../catalogue/media.ts";
import { formatFNumber, formatTime, moreOrLess } from "../../../core/basis/units/index.ts";
import type { Developed, Exposure } from "../../../core/document/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { readableDay, readableTime } from "../../../ui/format/localTime.ts";
import { placeOf } from "../placeOf.ts";
import { verdictOf } from "./shotFilter.ts";

/** One shot of the log. */
export function ShotRow({
  shot,
  onJudge,
  onEdit,
  onDelete,
}: {
  readonly shot: Exposure;
  readonly onJudge: () => void;
  readonly onEdit: () => void;
  readonly onDelete: () => void;
}) {
  const verdict = verdictWords(shot);
  const change = shot.suggestedSeconds ? Math.log2(shot.seconds / shot.suggestedSeconds) : 0;
  return (
    <div
      data-shot={shot.id}
      className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-5 gap-y-1 border-line border-t py-2.5 sm:grid-cols-[10.5rem_minmax(0,1fr)_9rem_auto]"
    >
      <span className="text-[0.93rem] text-quiet">{readableTime(shot.openedAt)}</span>
      <span className="max-sm:order-3 max-sm:col-span-2">
        <span className="font-semibold">{shot.subject || "No subject noted"}</span>{" "}
        <span className="text-quiet">· {[shot.cameraName, placeOf(shot), shot.where].filter(Boolean).join(", ")}</span>
        <span className="block text-[0.93rem] text-quiet">
          {[
            shot.light,
            shot.weather,
            mediumById(shot.medium).name,
            shot.iso && `ISO ${shot.iso}`,
            shot.fNumber && formatFNumber(shot.fNumber),
          ]
            .filter(Boolean)
            .join(" · ")}
        </span>
        {shot.note && <span className="block">{shot.note}</span>}
        {shot.view && <span className="block text-[0.93rem] text-quiet">With what the phone saw</span>}
        {shot.developed && (
          <span className="block text-[0.93rem] text-quiet" data-developed>
            {developedWords(shot.developed)}
          </span>
        )}
        {verdict !== null && (
          <span className="block text-[0.93rem] text-kraft" data-verdict>
            {verdict}
          </span>
        )}
      </span>
      <span className="text-right">
        <span className="block font-semibold text-[1.16rem]">{formatTime(shot.seconds)}</span>
        {Math.abs(change) > 0.2 && shot.suggestedSeconds && (
          <span className="block text-[0.83rem] text-quiet">suggested {formatTime(shot.suggestedSeconds)}</span>
        )}
      </span>
      <span className="flex gap-1 max-sm:order-4 max-sm:col-span-2">
        <Button look={verdict === null ? "plain" : "quiet"} onClick={onJudge}>
          Judge
        </Button>
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

/** How it was developed, in words. */
function developedWords({ at, recipe, seconds, celsius, postFlashed }: Developed): string {
  const bath = seconds ? `${formatTime(seconds)} in the developer` : null;
  const warm = bath !== null && celsius !== undefined ? `${bath} at ${celsius} °C` : bath;
  return [`Developed ${readableDay(at)}`, recipe, postFlashed && "post-flashed", warm].filter(Boolean).join(", ");
}

/** Why a spoilt shot doesn't count, in words. */
const CAUSES = {
  moved: "it moved",
  leak: "light leaked in",
  fogged: "it was fogged",
  covered: "the hole was covered",
  developed: "not developed right",
  other: "spoilt",
} as const;

/** What was found of a shot; `null`: it was not judged yet. */
function verdictWords(shot: Exposure): string | null {
  const { judged, spoilt, tested } = shot;
  if (spoilt != null) return `Doesn’t count: ${CAUSES[spoilt]}`;
  if (judged == null) return null;
  if (tested) return "Entered as tested";
  return verdictOf(shot) === "right" ? "Judged right" : `Judged: ${moreOrLess(judged.correction)} next time`;
}
