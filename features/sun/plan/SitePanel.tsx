import { memo, useEffect, useId, useState } from "react";
import type { Trail } from "../../../core/document/index.ts";
import { parseCoordinates } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { whereabouts } from "../../../ui/format/whereabouts.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { placesClient } from "../../../workers/jobs/places/places.client.ts";
import type { Town } from "../../../workers/jobs/places/places.ts";

type Site = Trail["site"];
const SHOWN = 6;

/** Where the camera will stand: coordinates as people write them, a town of the list, or where the browser is. */
export const SitePanel = memo(function SitePanel({
  site,
  onSite,
}: {
  readonly site: Site;
  readonly onSite: (site: Site) => void;
}) {
  const written = `${site.latitude}, ${site.longitude}`;
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | undefined>();
  const [zone, setZone] = useState<string | null>(null);
  const [zoneError, setZoneError] = useState<string | undefined>();
  const [asking, setAsking] = useState(false);
  const at = async (latitude: number, longitude: number): Promise<void> => {
    const found = await placesClient.run({ kind: "zone", latitude, longitude });
    const timeZone = found.ok && found.value.kind === "zone" ? found.value.timeZone : site.timeZone;
    onSite({ latitude, longitude, height: site.height ?? 0, timeZone });
  };
  const leave = (): void => {
    if (typed === null) return;
    const read = parseCoordinates(typed);
    setError(read.ok ? undefined : read.error);
    if (!read.ok) return;
    setTyped(null);
    void at(read.value.latitude, read.value.longitude);
  };
  const leaveZone = async (): Promise<void> => {
    if (zone === null) return;
    const known = await placesClient.run({ kind: "isZone", name: zone.trim() });
    const is = known.ok && known.value.kind === "isZone" && known.value.is;
    setZoneError(is ? undefined : "A time zone’s name, such as Europe/London or Australia/Sydney.");
    if (!is) return;
    setZone(null);
    onSite({ ...site, timeZone: zone.trim() });
  };
  const locate = async (): Promise<void> => {
    setAsking(true);
    const found = await whereabouts();
    setAsking(false);
    if (!found.ok) return void notify(found.error);
    const { latitude, longitude } = found.value;
    await at(Math.round(latitude * 1e4) / 1e4, Math.round(longitude * 1e4) / 1e4);
  };
  return (
    <Panel title="Place">
      <div className="grid gap-2">
        <TownEntry
          name={site.name}
          onTown={({ name, latitude, longitude, timeZone }) =>
            onSite({ name, latitude, longitude, height: site.height ?? 0, timeZone })
          }
        />
        <TextEntry
          label="Latitude, longitude"
          value={typed ?? written}
          error={error}
          onChange={(event) => {
            setTyped(event.target.value);
            setError(undefined);
          }}
          onBlur={leave}
          onKeyDown={(event) => event.key === "Enter" && leave()}
        />
        <TextEntry
          label="Time zone"
          value={zone ?? site.timeZone}
          error={zoneError}
          onChange={(event) => {
            setZone(event.target.value);
            setZoneError(undefined);
          }}
          onBlur={() => void leaveZone()}
          onKeyDown={(event) => event.key === "Enter" && void leaveZone()}
        />
        <Button look="quiet" className="-ml-3 justify-self-start" disabled={asking} onClick={() => void locate()}>
          {asking ? "Asking the browser" : "Where I am now"}
        </Button>
      </div>
    </Panel>
  );
});

/** A town of the list that ships with the app, by the beginning of its name. */
function TownEntry({ name, onTown }: { readonly name: string | undefined; readonly onTown: (town: Town) => void }) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [towns, setTowns] = useState<readonly Town[]>([]);
  useEffect(() => {
    if (typed === null || typed.trim().length < 2) {
      setTowns([]);
      return;
    }
    const end = new AbortController();
    void placesClient.run({ kind: "towns", words: typed, most: SHOWN }, { signal: end.signal }).then((found) => {
      if (!end.signal.aborted && found.ok && found.value.kind === "towns") setTowns(found.value.towns);
    });
    return () => end.abort();
  }, [typed]);
  return (
    <div>
      <TextEntry
        label="Nearest town"
        value={typed ?? name ?? ""}
        placeholder="its first letters"
        aria-controls={id}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && setTyped(null)}
      />
      <ul id={id} aria-label="Towns found" className="sheet empty:hidden">
        {towns.map((town) => (
          <li key={`${town.name}${town.latitude}${town.longitude}`} className="border-line border-t first:border-t-0">
            <button
              type="button"
              data-town={town.name}
              className="min-h-9 w-full px-2 py-1 text-left hover:bg-kraft-pale"
              onClick={() => {
                setTyped(null);
                onTown(town);
              }}
            >
              {town.name} <span className="text-[0.87rem] text-quiet">{town.region}</span>
            </button>
          </li>
        ))}
      </ul>
      {typed !== null && typed.trim().length >= 2 && towns.length === 0 && (
        <p className="text-[0.83rem] text-quiet">No town of the list begins so: type latitude and longitude.</p>
      )}
    </div>
  );
}
