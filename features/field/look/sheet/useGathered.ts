import { useCallback, useEffect, useMemo, useRef } from "react";
import type { Vector } from "../../../../core/light/rays/index.ts";
import type { FrameLines, PhoneModel, PhonePicture, Pose, SweptView } from "../../../../core/viewfinder/index.ts";
import { sweepClient } from "../../../../workers/jobs/sweep/sweep.client.ts";
import { anglesAround } from "../finderView.ts";

/** What is seen is gathered this often, ms. */
const GATHER_MS = 300;

/** What was gathered: the view, and the share of it that was seen, 0 to 1. */
export interface Gathered {
  readonly view: SweptView;
  readonly share: number;
}

/** What is gathered from. */
interface Source {
  readonly frame: FrameLines<Vector>;
  readonly phone: PhoneModel;
  /** What the phone sees now; `null`: nothing. */
  readonly look: () => PhonePicture | null;
  /** How it is held now, as seen from the box. */
  readonly poseNow: () => Pose;
}

const keys = new WeakMap<object, number>();
let last = 0;

/** A number for each thing that a view is gathered of. */
function keyOf(of: object): number {
  const key = keys.get(of) ?? ++last;
  keys.set(of, key);
  return key;
}

/**
 * Gathers what a phone sees of a camera's frame, in a worker.
 *
 * @param sweeps whether to go on by itself
 * @param of what it is gathered of: where that is another object, it begins anew
 * @returns adds what is seen now and hands all of it over; `null`: there is nothing
 */
export function useGathered(source: Source, sweeps: boolean, of: object): () => Promise<Gathered | null> {
  const angles = useMemo(() => anglesAround(source.frame), [source.frame]);
  const latest = useRef({ ...source, angles, of });
  latest.current = { ...source, angles, of };
  const add = useCallback(async (give: boolean) => {
    const now = latest.current;
    const picture = now.look();
    if (picture === null) return null;
    const order = { key: keyOf(now.of), ...now.angles, picture, phone: now.phone, pose: now.poseNow(), give };
    const done = await sweepClient.run(order);
    return done.ok ? done.value : null;
  }, []);
  useEffect(() => {
    if (!sweeps) return;
    let busy = false;
    const timer = setInterval(() => {
      // A slow phone gathers less often.
      if (busy) return;
      busy = true;
      void add(false).finally(() => {
        busy = false;
      });
    }, GATHER_MS);
    return () => clearInterval(timer);
  }, [sweeps, add]);
  return useCallback(async () => {
    const done = await add(true);
    return done === null || done.view === null ? null : { view: done.view, share: done.share };
  }, [add]);
}
