import { mediumById } from "../../catalogue/media.ts";
import type { Pack } from "../../core/document/index.ts";
import { Choice } from "../controls/Choice.tsx";
import type { LoadWish } from "./loading.ts";

const NO_PACK = "none";

/** From which pack of the Stock a sheet is taken: with it come its medium and its speed. Nothing where there is none. */
export function PackChoice({
  packs,
  packId,
  onTake,
}: {
  readonly packs: readonly Pack[];
  readonly packId: string | null;
  readonly onTake: (part: Pick<LoadWish, "packId"> & Partial<Pick<LoadWish, "medium" | "iso">>) => void;
}) {
  if (packs.length === 0) return null;
  const take = (id: string): void => {
    const pack = packs.find((each) => each.id === id);
    if (pack === undefined) onTake({ packId: null });
    else onTake({ packId: id, medium: pack.medium, iso: pack.iso ?? mediumById(pack.medium).iso });
  };
  return (
    <Choice
      label="From the pack"
      value={packId ?? NO_PACK}
      options={[
        { id: NO_PACK, name: "no pack of the Stock" },
        ...packs.map(({ id, medium, size, left }) => ({
          id,
          name: `${mediumById(medium).name}, ${size}`,
          note: `${left} left`,
        })),
      ]}
      onChoose={take}
    />
  );
}
