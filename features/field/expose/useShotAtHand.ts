import { useCallback, useMemo } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { type Camera, isTrail, loadPlaces } from "../../../core/camera/container/index.ts";
import {
  type Load,
  type LoadedPlace,
  type Meter,
  type Pack,
  placesHeld,
  withOpen,
} from "../../../core/document/index.ts";
import type { Medium } from "../../../core/light/exposure/index.ts";
import { useLive } from "../../../storage/index.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { useExperience } from "../../../ui/records/useExperience.ts";
import type { Counts } from "../count/useCounts.ts";
import { type FieldData, readKit } from "../fieldData.ts";
import { OWN_METER } from "../light/readLight.ts";
import { nextPlace } from "./load/loading.ts";
import { type InThisLight, timeIn } from "./others/companions.ts";
import type { Suggestion } from "./suggestion.ts";
import { freshOf, useInField } from "./useInField.ts";

/** What would be exposed if the hole were opened now: the sheet, its medium, the light, the time. */
export interface ShotAtHand {
  readonly camera: Camera;
  /** Left out for weeks of sun: no seconds are told. */
  readonly trail: boolean;
  readonly load: Load | null;
  readonly packs: readonly Pack[];
  readonly meters: readonly Meter[];
  readonly places: ReturnType<typeof loadPlaces>;
  /** What each place holds, with what is being exposed; `null`: nothing is noted to be in it. */
  readonly held: readonly LoadedPlace[] | null;
  /** The place that comes next or was picked; `null`: none. */
  readonly place: string | null;
  readonly loaded: LoadedPlace | null;
  /** As it is noted; a medium of that name may have been put away since. */
  readonly mediumId: string;
  readonly medium: Medium;
  readonly iso: number;
  readonly light: InThisLight;
  /** The time for it, or why there is none. */
  readonly suggestion: ReturnType<typeof timeIn>;
  readonly good: Suggestion | null;
  /** How long the hole is to be open: one's own time, the load's plan, else as reckoned; s. */
  readonly seconds: number | null;
  readonly inField: ReturnType<typeof useInField>;
}

/** Follows the camera, its load, the light and the open counts. */
export function useShotAtHand({ kit: firstKit, settings }: FieldData, camera: Camera, { counts }: Counts): ShotAtHand {
  const kitQuery = useCallback(() => readKit(camera.id), [camera.id]);
  const kit = useLive(firstKit, kitQuery).value;
  const { load, packs } = kit;
  const meters = useMemo(() => withOldOffset(kit.meters, settings.meterOffset), [kit.meters, settings.meterOffset]);
  const places = useMemo(() => loadPlaces(camera), [camera]);
  const inField = useInField(settings.inField, camera.id, freshOf(camera));
  const { source, picked, typed, medium: freeMedium, iso: freeIso } = inField.now;
  const notLogged = counts.filter(({ count }) => count.cameraId === camera.id).map(({ count }) => count);
  const held = withOpen(placesHeld(camera, load, freeMedium, freeIso), notLogged);
  const place = nextPlace(held, picked);
  const loaded = load === null ? null : (load.places.find((each) => each.place === place) ?? null);
  const mediumId = loaded?.medium ?? freeMedium;
  const medium = mediumById(mediumId);
  const iso = loaded?.iso ?? freeIso;
  const flashed = loaded?.flashed ?? false;
  const log = useExperience();
  const words = useLengthWords();
  const light = useMemo(() => ({ source, meters, log, words }), [source, meters, log, words]);
  const suggestion = useMemo(
    () => timeIn(light, { camera, medium, iso, flashed }),
    [camera, medium, iso, light, flashed],
  );
  const trail = isTrail(camera);
  const good = suggestion.ok && !trail ? suggestion.value : null;
  const seconds = good === null ? null : (typed ?? loaded?.plannedSeconds ?? good.counted[1]);
  return {
    camera,
    trail,
    load,
    packs,
    meters,
    places,
    held,
    place,
    loaded,
    mediumId,
    medium,
    iso,
    light,
    suggestion,
    good,
    seconds,
    inField,
  };
}

/** Meters as they are stored; a correction that an earlier version kept as a setting stands for the typed meter’s. */
function withOldOffset(meters: readonly Meter[], offset: number): readonly Meter[] {
  if (offset === 0 || meters.some(({ id }) => id === OWN_METER)) return meters;
  return [...meters, { id: OWN_METER, name: "My meter", kind: "meter", offset }];
}
