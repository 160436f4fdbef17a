import { useEffect } from "react";
import { rememberCamera } from "../../storage/index.ts";

/** What a page was asked to show takes its camera along: that is at hand from then on. `null`: nothing was asked for. */
export function useAtHand(cameraId: string | null): void {
  useEffect(() => {
    if (cameraId !== null) void rememberCamera(cameraId);
  }, [cameraId]);
}
