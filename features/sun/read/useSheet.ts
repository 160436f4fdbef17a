import { useEffect, useState } from "react";
import type { ScanView } from "../../../core/negative/index.ts";
import { askTrail } from "./askTrail.ts";

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
      const done = await askTrail(picture, { kind: "open", width, height }, { signal: end.signal });
      return done.ok ? done.value : (done.error ?? "");
    };
    void open().then((found) => {
      if (!end.signal.aborted) setSheet(found);
    });
    return () => end.abort();
  }, [picture, width, height]);
  return sheet;
}
