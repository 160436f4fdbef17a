import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../../catalogue/media.ts";
import { formatTime } from "../../../../core/basis/units/index.ts";
import type { LoadPlace } from "../../../../core/camera/container/index.ts";
import type { Load, LoadedPlace, Pack } from "../../../../core/document/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { cx } from "../../../../ui/controls/cx.ts";
import { readableDay } from "../../../../ui/format/localTime.ts";
import type { LoadWish } from "../../../../ui/records/loading.ts";
import { ConfirmDialog } from "../../../../ui/seldom/ConfirmDialog.tsx";
import { UNLOADED } from "../../../../wording/make/loadingSteps.ts";
import { LoadForm } from "./LoadForm.tsx";

/** More places than this are folded; so many are shown round the next one. */
const FOLDED = 12;
const NEARBY = 4;

/** The place before the chosen one, itself, and the next few. */
function nearby(held: readonly LoadedPlace[], chosen: string | null): readonly LoadedPlace[] {
  const at = Math.max(
    0,
    held.findIndex(({ place }) => place === chosen),
  );
  const from = Math.max(0, Math.min(at - 1, held.length - NEARBY));
  return held.slice(from, from + NEARBY);
}

/** The card of a load: every place with what it holds, the used ones crossed out, the next one marked. */
export function LoadCard({
  cameraId,
  unloaded,
  places,
  load,
  held,
  chosen,
  packs,
  wish,
  locked,
  together,
  onTogether,
  onGather,
  onChoose,
  onLoad,
  onUnload,
  children,
}: {
  readonly cameraId: string;
  /** What comes out of it in the end. */
  readonly unloaded: keyof typeof UNLOADED;
  readonly places: readonly LoadPlace[];
  /** `null`: nothing that is known of. */
  readonly load: Load | null;
  /** What its places hold; `null`: nothing is known of them. */
  readonly held: readonly LoadedPlace[] | null;
  readonly chosen: string | null;
  readonly packs: readonly Pack[];
  /** What it would be loaded with unless something else is said. */
  readonly wish: LoadWish;
  readonly locked: boolean;
  /** Places chosen to be opened at one press; `null`: one by one. */
  readonly together: ReadonlySet<string> | null;
  /** Begins or ends choosing several; `null`: this camera has one hole. */
  readonly onTogether: ((on: boolean) => void) | null;
  readonly onGather: (place: string) => void;
  readonly onChoose: (place: string) => void;
  readonly onLoad: (wish: LoadWish) => void;
  readonly onUnload: () => void;
  /** What else is asked about winding it on. */
  readonly children?: ReactNode;
}) {
  const [loading, setLoading] = useState(false);
  // Of a roll's many places only what comes next is looked at; the rest is folded away.
  const isLong = (held?.length ?? 0) > FOLDED;
  const [all, setAll] = useState(false);
  const shown = held === null || !isLong || all ? held : nearby(held, chosen);
  const left = held?.filter(({ exposureId }) => !exposureId).length ?? 0;
  const advance = places.find(({ id }) => id === chosen)?.advance ?? null;
  return (
    <section aria-label="The load’s card" className="sheet p-3" data-load={load?.id ?? "none"}>
      <p className="mb-2 flex items-baseline justify-between gap-3 border-ink border-b pb-0.5">
        <span className="stamp">{load ? `Loaded ${readableDay(load.at)}` : "Not loaded, as far as noted"}</span>
        {held && (
          <span data-left>
            {left} of {held.length} left
          </span>
        )}
      </p>
      {shown && (
        <ul className="mb-2 grid grid-cols-[repeat(auto-fill,minmax(5.2rem,1fr))] pt-px pl-px">
          {shown.map((place) => (
            <li key={place.place} className="-mt-px -ml-px border border-line">
              <PlaceButton
                place={place}
                name={places.find(({ id }) => id === place.place)?.name ?? place.place}
                chosen={together === null ? place.place === chosen : together.has(place.place)}
                locked={locked}
                onChoose={together === null ? onChoose : onGather}
              />
            </li>
          ))}
        </ul>
      )}
      {onTogether && held && (
        <Button
          className="mb-2 min-h-[3.3rem]"
          aria-pressed={together !== null}
          onClick={() => onTogether(together === null)}
        >
          {together === null ? "Open several together" : `${together.size} chosen: one by one again`}
        </Button>
      )}
      {isLong && (
        <Button look="quiet" className="mb-2 px-0" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? "Only the next" : `All ${held?.length} places`}
        </Button>
      )}
      {advance && <p className="mb-2">To come to it: {advance}.</p>}
      {advance && children}
      <Link
        to={`/dark?camera=${encodeURIComponent(cameraId)}`}
        className="flex min-h-[3.3rem] items-center underline underline-offset-4"
      >
        {unloaded === "cartridges"
          ? "Load or unload it, by daylight"
          : load === null
            ? "Load it in the dark, place by place"
            : "Unload or load it in the dark"}
      </Link>
      {load === null || loading ? (
        <LoadForm
          places={places}
          packs={packs}
          wish={wish}
          onLoad={(chosenWish) => {
            setLoading(false);
            onLoad(chosenWish);
          }}
          onCancel={loading ? () => setLoading(false) : null}
        />
      ) : (
        <div className="flex flex-wrap gap-2">
          <ConfirmDialog
            title="Unload it?"
            words={`${left > 0 ? `${left} ${left === 1 ? "place is" : "places are"} not exposed yet. ` : ""}${UNLOADED[unloaded]}`}
            yes="It is unloaded"
            no="Leave it loaded"
            onYes={onUnload}
          >
            <Button className="min-h-[3.3rem]" disabled={locked}>
              Unload
            </Button>
          </ConfirmDialog>
          <Button look="quiet" className="min-h-[3.3rem]" disabled={locked} onClick={() => setLoading(true)}>
            Load it anew
          </Button>
          <Link
            to={`/log?load=${encodeURIComponent(load.id)}`}
            className="flex min-h-[3.3rem] items-center underline underline-offset-4"
          >
            Its shots
          </Link>
        </div>
      )}
    </section>
  );
}

function PlaceButton({
  place: { place, medium, exposureId, plannedSeconds },
  name,
  chosen,
  locked,
  onChoose,
}: {
  readonly place: LoadedPlace;
  readonly name: string;
  readonly chosen: boolean;
  readonly locked: boolean;
  readonly onChoose: (place: string) => void;
}) {
  const used = Boolean(exposureId);
  const face = (
    <button
      type="button"
      disabled={locked}
      aria-pressed={chosen}
      data-place={place}
      data-used={used || undefined}
      className={cx(
        "relative min-h-[3.6rem] w-full px-1 py-1 text-left leading-tight",
        chosen && "bg-kraft-pale outline-2 outline-action -outline-offset-2",
      )}
      {...(used ? {} : { onClick: () => onChoose(place) })}
    >
      <span className="block font-semibold">{name}</span>
      <span className="block truncate text-[0.8rem] text-quiet">
        {used ? "exposed" : plannedSeconds ? formatTime(plannedSeconds) : mediumById(medium).name}
      </span>
      {used && (
        <svg
          viewBox="0 0 10 10"
          preserveAspectRatio="none"
          className="absolute inset-0 h-full w-full"
          aria-hidden="true"
        >
          <path d="M0 10L10 0" stroke="var(--sb-quiet)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        </svg>
      )}
    </button>
  );
  if (!used) return face;
  return (
    <ConfirmDialog
      title="Expose it twice?"
      words={`${name} is exposed already. A second picture falls on the first, and both are on the sheet.`}
      yes="Expose it a second time"
      no="Leave it"
      onYes={() => onChoose(place)}
    >
      {face}
    </ConfirmDialog>
  );
}
