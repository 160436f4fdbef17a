import { useEffect, useState } from "react";
import type { Camera } from "../../../../core/camera/container/index.ts";
import type { Trail } from "../../../../core/document/index.ts";
import { sunRequest } from "../../../../ui/records/sunRequest.ts";
import { sunClient } from "../../../../workers/jobs/sun/sun.client.ts";
import { type GroundLine, sunWays, tracedHorizon } from "./sunWays.ts";

const NONE: readonly GroundLine[] = [];

/** Where the sun goes while a camera hangs out, and the horizon that was traced; none for a camera of pictures. */
export function useSunWays(camera: Camera, trail: Trail | null): readonly GroundLine[] {
  const [lines, setLines] = useState(NONE);
  useEffect(() => {
    if (trail === null) return;
    const stop = new AbortController();
    const order = { kind: "fan", request: sunRequest(trail, camera), seed: 1 } as const;
    void sunClient.run(order, { signal: stop.signal }).then((done) => {
      if (!done.ok || done.value.kind !== "fan") return;
      setLines([...sunWays(done.value.fan), tracedHorizon(trail.horizon ?? [])]);
    });
    return () => stop.abort();
  }, [camera, trail]);
  return trail === null ? NONE : lines;
}
