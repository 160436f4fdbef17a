import { useEffect, useState } from "react";
import type { ScanView } from "../../../core/negative/index.ts";
import { readPicture } from "../../../storage/index.ts";
import { trailClient } from "../../../workers/trailReading.client.ts";

/** A finished sheet in its scan. */
export interface Sheet {
  readonly view: ScanView;
  /** Of the sheet in the scan, px, clockwise from its upper left corner there. */
  readonly corners: readonly (readonly [x: number, y: number])[];
  readonly found: boolean;
}

/** A scan unpacked, its sheet found; a sentence where it can't be. */
export function useSheet(
  picture: string | null,
  film: { readonly width: number; readonly height: number },
): Sheet | string | null {
  const [sheet, setSheet] = useState<Sheet | string | null>(null);
  const { width, height } = film;
  useEffect(() => {
    setSheet(null);
    if (picture === null) return;
    const end = new AbortController();
    const open = async (): Promise<Sheet | string> => {
      const kept = await readPicture(picture);
      if (kept === null) return "The scan of this sheet is not in this browser.";
      const done = await trailClient.run({ kind: "open", bytes: kept.bytes, width, height }, { signal: end.signal });
      if (!done.ok) return done.error.message;
      if (!done.value.ok) return `This scan ${done.value.error}.`;
      return done.value.value.kind === "open" ? done.value.value : "";
    };
    void open().then((found) => {
      if (!end.signal.aborted) setSheet(found);
    });
    return () => end.abort();
  }, [picture, width, height]);
  return sheet;
}
