import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import { type Camera, type LoadPlace, loadPlaces } from "../../../core/camera/container/index.ts";
import type { Load, Pack } from "../../../core/document/index.ts";
import type { BuildPlan } from "../../../core/make/plan/index.ts";
import { type Live, useLive } from "../../../storage/index.ts";
import { speak } from "../../../ui/device/speech.ts";
import { type LoadWish, loadIt, unloadIt } from "../../../ui/records/loading.ts";
import { planOf } from "../../../ui/records/planOf.ts";
import { type LoadData, type LoadKit, readLoadKit } from "./loadData.ts";

/** What goes in, and from where; whether it is flashed is asked sheet by sheet. */
type GoesIn = Omit<LoadWish, "flashed">;

/** A camera that is being loaded. */
export interface Loading {
  readonly camera: Camera;
  readonly plan: BuildPlan;
  readonly live: Live<LoadKit>;
  readonly load: Load | null;
  readonly packs: readonly Pack[];
  readonly places: readonly LoadPlace[];
  /** Places that are empty, and those that are filled next: of a roll all of them. */
  readonly rest: readonly LoadPlace[];
  readonly next: readonly LoadPlace[];
  readonly goesIn: GoesIn;
  readonly take: (part: Partial<GoesIn>) => void;
  readonly flashed: boolean;
  readonly setFlashed: (flashed: boolean) => void;
  readonly fill: (which: readonly LoadPlace[]) => void;
  readonly unload: () => void;
}

/** Holds what is loaded into a camera, and stores it place by place. */
export function useLoading({ kit, settings }: LoadData, camera: Camera): Loading {
  const query = useCallback(() => readLoadKit(camera.id), [camera.id]);
  const live = useLive(kit, query);
  const { load, packs } = live.value;
  const places = useMemo(() => loadPlaces(camera), [camera]);
  const plan = useMemo(() => planOf(camera), [camera]);
  const [goesIn, setGoesIn] = useState(() => begunWith(camera, load));
  const [flashed, setFlashed] = useState(false);

  // A wet hand presses twice: until the first press is stored, the next is none; and it is stored before it is seen here.
  const storing = useRef(false);
  const made = useRef<Load | null>(null);
  // From then on what is stored counts: another tab may unload it.
  useEffect(() => {
    if (load !== null) made.current = null;
  }, [load]);
  const fill = async (which: readonly LoadPlace[]): Promise<void> => {
    if (storing.current) return;
    storing.current = true;
    const filled = await loadIt(camera, which, { ...goesIn, flashed }, load ?? made.current, load);
    storing.current = false;
    if (filled === null) return;
    made.current = filled;
    setFlashed(false);
    if (settings.speech) speak(`${which.map(({ name }) => name).join(", ")} loaded`);
  };
  const rest = places.filter(({ id }) => !load?.places.some(({ place }) => place === id));
  return {
    camera,
    plan,
    live,
    load,
    packs,
    places,
    rest,
    // A roll goes in as a whole; sheets one by one.
    next: plan.isWound ? rest : rest.slice(0, 1),
    goesIn,
    take: (part) => setGoesIn((before) => ({ ...before, ...part })),
    flashed,
    setFlashed,
    fill: (which) => void fill(which),
    unload() {
      if (load === null) return;
      made.current = null;
      void unloadIt(load);
    },
  };
}

/** What is filled already goes on as it began, also after a reload. */
function begunWith(camera: Camera, load: Load | null): GoesIn {
  const begun = load?.places[0];
  const medium = begun?.medium ?? mediumById(camera.chambers[0].film.medium).id;
  return {
    medium,
    iso: begun?.iso ?? mediumById(medium).iso,
    packId: load?.packId ?? null,
    initials: begun?.initials ?? "",
  };
}
