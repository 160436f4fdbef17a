import { mediumById } from "../../../catalogue/media.ts";
import type { Pack } from "../../../core/document/index.ts";
import { there, withTaken } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { changeUndoable, removeUndoable } from "../../../ui/edits/undoable.ts";
import { readableDay } from "../../../ui/format/localTime.ts";
import { packWarnings } from "./packWords.ts";

/** One pack: what is in it, what is left, what to know. */
export function PackRow({ pack, onEdit }: { readonly pack: Pack; readonly onEdit: () => void }) {
  const { id, medium, size, left, bought, opened, iso, note } = pack;
  const name = `${mediumById(medium).name}, ${size}`;
  const count = (change: number): void =>
    void changeUndoable(
      "packs",
      id,
      (now) => withTaken(there(now), crypto.randomUUID(), -change),
      `${name}: ${Math.max(0, left + change)} left.`,
    );
  return (
    <>
      <div className="flex items-start justify-between gap-3">
        <span>
          <span className="font-semibold">{name}</span>
          <span className="block text-[0.93rem] text-quiet">
            {[
              iso ? `your ISO ${iso}` : `ISO ${mediumById(medium).iso}`,
              opened ? `opened ${readableDay(`${opened}T12:00:00Z`)}` : "not opened",
            ].join(" · ")}
          </span>
          {note && <span className="block text-[0.93rem]">{note}</span>}
          {packWarnings(pack, Date.now()).map((words) => (
            <span key={words} className="block text-action" data-pack-warning>
              {words}
            </span>
          ))}
        </span>
        <span className="whitespace-nowrap text-right">
          <span className="font-semibold text-[1.6rem] leading-none">{left}</span>
          {bought !== undefined && <span className="text-quiet"> of {bought}</span>}
        </span>
      </div>
      <div className="mt-1 flex gap-2">
        <Button className="min-h-[3.3rem] min-w-14" aria-label={`−1 of ${name}`} onClick={() => count(-1)}>
          −1
        </Button>
        <Button className="min-h-[3.3rem] min-w-14" aria-label={`+1 of ${name}`} onClick={() => count(1)}>
          +1
        </Button>
        <Button look="quiet" className="min-h-[3.3rem]" onClick={onEdit}>
          Edit
        </Button>
        <Button
          look="quiet"
          className="min-h-[3.3rem]"
          onClick={() => void removeUndoable("packs", id, `${name} is removed.`)}
        >
          Remove it
        </Button>
      </div>
    </>
  );
}
