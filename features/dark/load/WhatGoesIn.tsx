import { allMedia, mediumById } from "../../../catalogue/media.ts";
import { plainNumber } from "../../../core/basis/units/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { QuantityField } from "../../../ui/controls/entries/QuantityField.tsx";
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
        <QuantityField
          label="ISO"
          name="dark-iso"
          value={goesIn.iso}
          show={String}
          read={plainNumber}
          take={(iso) => {
            if (iso === null || !(iso > 0)) return "Above 0, such as 6.";
            take({ iso });
            return null;
          }}
        />
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
