import { useState } from "react";
import { allMedia, mediumById } from "../../../../catalogue/media.ts";
import type { LoadPlace } from "../../../../core/camera/container/index.ts";
import type { Pack } from "../../../../core/document/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { Check } from "../../../../ui/controls/Check.tsx";
import { Choice } from "../../../../ui/controls/Choice.tsx";
import { IsoField } from "../../../../ui/controls/entries/IsoField.tsx";
import { TextEntry } from "../../../../ui/controls/entries/TextEntry.tsx";
import type { LoadWish } from "../../../../ui/records/loading.ts";
import { PackChoice } from "../../../../ui/records/PackChoice.tsx";

/** What is put into a camera, all places alike; one press writes it. */
export function LoadForm({
  places,
  packs,
  wish,
  onLoad,
  onCancel,
}: {
  readonly places: readonly LoadPlace[];
  readonly packs: readonly Pack[];
  readonly wish: LoadWish;
  readonly onLoad: (wish: LoadWish) => void;
  readonly onCancel: (() => void) | null;
}) {
  const [now, setNow] = useState(wish);
  const pack = packs.find(({ id }) => id === now.packId);
  const many = places.length;
  return (
    <div className="grid gap-3">
      <PackChoice packs={packs} packId={now.packId} onTake={(part) => setNow({ ...now, ...part })} />
      <div className="grid grid-cols-[minmax(0,1fr)_4.5rem] gap-3">
        <Choice
          label="Paper or film put in"
          value={now.medium}
          options={allMedia()}
          onChoose={(medium) => setNow({ ...now, medium, iso: mediumById(medium).iso, packId: null })}
        />
        <IsoField
          label="ISO of it"
          name="load-iso"
          value={now.iso}
          onTake={(iso) => setNow((before) => ({ ...before, iso }))}
        />
      </div>
      <div className="grid grid-cols-2 items-end gap-3">
        <TextEntry
          label="Initials on the back"
          name="load-initials"
          value={now.initials}
          maxLength={20}
          onChange={(event) => setNow({ ...now, initials: event.target.value })}
        />
        <Check
          label="Pre-flashed"
          checked={now.flashed}
          className="min-h-[3.3rem]"
          onCheck={(flashed) => setNow({ ...now, flashed })}
        />
      </div>
      {pack && pack.left < many && (
        <p role="alert" className="text-action">
          That pack holds {pack.left} by the Stock’s count, and {many} are wanted.
        </p>
      )}
      <div className="flex gap-2">
        <Button className="min-h-[3.3rem] grow" onClick={() => onLoad(now)}>
          {many === 1 ? "It is loaded" : `All ${many} are loaded`}
        </Button>
        {onCancel && (
          <Button look="quiet" className="min-h-[3.3rem]" onClick={onCancel}>
            Leave it as it is
          </Button>
        )}
      </div>
    </div>
  );
}
