import { useEffect, useRef, useState } from "react";
import { mediumById } from "../../../catalogue/media.ts";
import type { Negative } from "../../../core/document/index.ts";
import { type BandLine, DAYLIGHT, fewLines, lightBand } from "../../../core/light/hole/index.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { askProof } from "../askProof.ts";

/** A positive being drawn. */
export interface Drawing {
  /** The last that was drawn. */
  readonly drawn: DrawReport | null;
  /** Share of the next one, or `null` where none is on its way. */
  readonly working: number | null;
  readonly trouble: string | null;
  readonly cancel: () => void;
}

/** Lines of light that sharpening reckons with. */
const LINES = 3;

/** The light a negative's medium sees, in a few lines. */
export function linesOf(negative: Negative): readonly BandLine[] {
  return fewLines(lightBand(mediumById(negative.medium).sensitivity, DAYLIGHT), LINES);
}

/** Draws a negative's exposures in the worker whenever something else than its tones changed; only the newest counts. `null`: nothing is to be drawn. */
export function useDrawing(negative: Negative | null, width: number): Drawing {
  const [state, setState] = useState<Omit<Drawing, "cancel">>({ drawn: null, working: 0, trouble: null });
  const stop = useRef<AbortController | null>(null);
  const text = negative === null ? null : askedOf(negative, width);
  useEffect(() => {
    if (text === null) return;
    const mine = new AbortController();
    stop.current = mine;
    const [picture, asked, spots, lines] = JSON.parse(text) as [
      string,
      Negative["settings"],
      NonNullable<NonNullable<Negative["finish"]>["spots"]>,
      readonly BandLine[] | null,
    ];
    setState((before) => ({ ...before, working: 0, trouble: null }));
    void askProof(
      { picture, settings: asked },
      { kind: "draw", settings: asked, spots, lines },
      {
        signal: mine.signal,
        onProgress: (share) => !mine.signal.aborted && setState((before) => ({ ...before, working: share })),
      },
    ).then((made) => {
      if (stop.current !== mine) return;
      if (made.ok) setState({ drawn: made.value.report, working: null, trouble: null });
      else setState((before) => ({ ...before, working: null, trouble: made.error }));
    });
    return () => mine.abort();
  }, [text]);
  return { ...state, cancel: () => stop.current?.abort() };
}

/** All that a drawing depends on, as text: tones are put on afterwards. */
function askedOf(negative: Negative, width: number): string {
  const { tone: _, output: __, ...settings } = negative.settings;
  return JSON.stringify([
    negative.picture,
    { ...settings, output: { width } },
    negative.finish?.spots ?? [],
    settings.sharpen ? linesOf(negative) : null,
  ]);
}
