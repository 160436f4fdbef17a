import { useEffect, useRef, useState } from "react";
import type { Negative } from "../../../core/document/index.ts";
import { askProof } from "../askProof.ts";
import { paintDrawn } from "../paintDrawn.ts";
import { tonesOf } from "../positive/tonesOf.ts";

/** A positive as it hangs: its picture, and how wide it is for its height. */
export interface Hung {
  readonly url: string;
  readonly ratio: number;
}

/** Pixels across of a picture on the screen. */
const ACROSS = 480;

/** The positives of some negatives, as they are set, one after another; what is drawn is not drawn again. */
export function useHung(negatives: readonly Negative[]): ReadonlyMap<string, Hung> {
  const [hung, setHung] = useState<ReadonlyMap<string, Hung>>(new Map());
  /** What each was drawn from. */
  const from = useRef(new Map<string, string>());
  useEffect(() => {
    const stop = new AbortController();
    const draw = async (): Promise<void> => {
      for (const negative of negatives) {
        const text = JSON.stringify([negative.settings, negative.finish]);
        if (from.current.get(negative.id) === text) continue;
        const settings = { ...negative.settings, sharpen: false, output: { width: ACROSS } };
        const made = await askProof(
          negative,
          { kind: "draw", settings, spots: negative.finish?.spots ?? [], lines: null },
          { signal: stop.signal },
        );
        if (stop.signal.aborted) return;
        if (!made.ok) continue;
        const canvas = document.createElement("canvas");
        const { report } = made.value;
        paintDrawn(canvas, report, tonesOf(report.tones, negative), negative.finish);
        const picture = { url: canvas.toDataURL("image/png"), ratio: report.width / report.height };
        from.current.set(negative.id, text);
        setHung((before) => new Map(before).set(negative.id, picture));
      }
    };
    void draw();
    return () => stop.abort();
  }, [negatives]);
  return hung;
}
