import { allMedia, mediumById } from "../../../catalogue/media.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { IsoField } from "../../../ui/controls/entries/IsoField.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { PackChoice } from "../../../ui/records/PackChoice.tsx";
import type { Loading } from "./useLoading.ts";

/** Paper or film, its ISO, the pack it comes from, whose it is. */
export function WhatGoesIn({ loading: { packs, goesIn, take } }: { readonly loading: Loading }) {
  return (
    <>
      <PackChoice packs={packs} packId={goesIn.packId} onTake={take} />
      <div className="grid grid-cols-[minmax(0,1fr)_5rem_6rem] gap-3">
        <Choice
          label="Paper or film"
          value={goesIn.medium}
          options={allMedia()}
          onChoose={(medium) => take({ medium, iso: mediumById(medium).iso, packId: null })}
        />
        <IsoField name="dark-iso" value={goesIn.iso} onTake={(iso) => take({ iso })} />
        <TextEntry
          label="Initials"
          name="dark-initials"
          value={goesIn.initials}
          maxLength={20}
          onChange={(event) => take({ initials: event.target.value })}
        />
      </div>
    </>
  );
}
