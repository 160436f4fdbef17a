import { useCallback, useRef, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { InField } from "../../../storage/index.ts";
import { keep } from "../../../ui/edits/keep.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import type { LightSource } from "../light/readLight.ts";

/** A light that was read so long ago may be another by now, ms. */
const HOUR = 3_600_000;

/** What is at hand in the Field: the light with its entries, and of one camera the place, the time and the medium. */
export interface AtHand {
  readonly source: LightSource;
  /** Of a load: the place that was picked; `null`: the next one. */
  readonly picked: string | null;
  /** One's own time, s; `null`: as reckoned. */
  readonly typed: number | null;
  /** Where no load says what is in the camera. */
  readonly medium: string;
  readonly iso: number;
}

/** What is at hand in a camera that nothing was said of. */
export type Fresh = Omit<AtHand, "source">;

/** What is at hand in a camera that nothing was said of: its own medium, the next place, the time as reckoned. */
export function freshOf(camera: Camera): Fresh {
  const { id, iso } = mediumById(camera.chambers[0].film.medium);
  return { picked: null, typed: null, medium: id, iso };
}

/** A light is at hand from now on, in the camera it was read for. */
export function takeLight(source: LightSource, camera: Camera): void {
  keep("inField", { ...freshOf(camera), source, cameraId: camera.id, at: isoWithOffset(new Date()) }, "The light");
}

const FULL_SUN: LightSource = { by: "table", row: "sun" };

/**
 * What is at hand in the Field as it was left: the light goes along to any camera, place, time and medium stay with theirs.
 *
 * @param kept as it is stored; `null`: nothing yet
 * @param fresh of a camera that nothing was said of
 */
export function atHand(kept: InField | null, cameraId: string, fresh: Fresh): AtHand {
  const source = (kept?.source as LightSource | undefined) ?? FULL_SUN;
  if (kept === null || kept.cameraId !== cameraId) return { ...fresh, source };
  const { picked, typed, medium, iso } = kept;
  return { source, picked, typed, medium, iso };
}

/** Whether a light was read so long ago that it is asked for: it may have changed. */
export function isStale(kept: InField | null, nowMs: number): boolean {
  return kept !== null && nowMs - Date.parse(kept.at) > HOUR;
}

/** What is at hand in the Field, kept through pages, cameras and reloads. */
export function useInField(
  stored: InField | null,
  cameraId: string,
  fresh: Fresh,
): {
  readonly now: AtHand;
  readonly set: (change: Partial<AtHand>) => void;
  /** Whether to ask if the light is still the same. */
  readonly stale: boolean;
  /** It is: its hour begins anew. */
  readonly still: () => void;
} {
  const [now, setNow] = useState(() => atHand(stored, cameraId, fresh));
  const [stale, setStale] = useState(() => isStale(stored, Date.now()));
  const latest = useRef(now);
  const lookedAt = useRef(stored?.at ?? isoWithOffset(new Date()));
  const write = useCallback(
    (next: AtHand): void => {
      // The file itself is the browser's; what was read from it stays.
      const source = next.source.by === "photograph" ? { ...next.source, file: null } : next.source;
      keep("inField", { ...next, source, cameraId, at: lookedAt.current }, "The light");
    },
    [cameraId],
  );
  const set = useCallback(
    (change: Partial<AtHand>): void => {
      latest.current = { ...latest.current, ...change };
      setNow(latest.current);
      if (change.source) {
        lookedAt.current = isoWithOffset(new Date());
        setStale(false);
      }
      write(latest.current);
    },
    [write],
  );
  const still = useCallback((): void => {
    lookedAt.current = isoWithOffset(new Date());
    setStale(false);
    write(latest.current);
  }, [write]);
  return { now, set, stale, still };
}
