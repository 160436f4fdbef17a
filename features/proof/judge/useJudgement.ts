import { useCallback, useEffect, useRef, useState } from "react";
import type { Negative } from "../../../core/document/index.ts";
import type { DrawReport, JudgeReport } from "../../../workers/jobs/proof/proofJob.ts";
import { askProof } from "../askProof.ts";
import { asJudged } from "./byScan.ts";

/** Pixels across of the density picture. */
const ACROSS = 620;

/** How far a judgement is: being worked out, stopped by the maker, refused, or there. */
export type Judgement =
  | { readonly state: "working"; readonly share: number }
  | { readonly state: "stopped" }
  | { readonly state: "refused"; readonly why: string }
  | { readonly state: "there"; readonly report: JudgeReport };

/** Judges a negative, and again when its scan or its settings change; its densities are drawn beside. */
export function useJudgement({ picture, settings }: Negative): {
  readonly judgement: Judgement;
  readonly drawn: DrawReport | null;
  readonly stop: () => void;
  readonly again: () => void;
} {
  const [judgement, setJudgement] = useState<Judgement>({ state: "working", share: 0 });
  const [drawn, setDrawn] = useState<DrawReport | null>(null);
  const [round, setRound] = useState(0);
  const running = useRef<AbortController | null>(null);
  const text = JSON.stringify([picture, settings]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new round begins anew
  useEffect(() => {
    const abort = new AbortController();
    const { signal } = abort;
    running.current = abort;
    const [picture, settings] = JSON.parse(text) as [string, Negative["settings"]];
    const asked = { picture, settings: asJudged(settings) };
    const onProgress = (share: number): void => {
      if (!signal.aborted) setJudgement((now) => (now.state === "there" ? now : { state: "working", share }));
    };
    void askProof(asked, { kind: "judge" }, { signal, onProgress }).then((judged) => {
      if (signal.aborted) return;
      if (judged.ok) setJudgement({ state: "there", report: judged.value.report });
      else if (judged.error !== null) setJudgement({ state: "refused", why: judged.error });
    });
    const small = { ...asked.settings, colour: false, output: { width: ACROSS } };
    void askProof(asked, { kind: "draw", settings: small, spots: [], lines: null }, { signal }).then((made) => {
      if (made.ok && !signal.aborted) setDrawn(made.value.report);
    });
    return () => abort.abort();
  }, [text, round]);
  const stop = useCallback((): void => {
    running.current?.abort();
    setJudgement({ state: "stopped" });
  }, []);
  const again = useCallback((): void => {
    setJudgement({ state: "working", share: 0 });
    setRound((before) => before + 1);
  }, []);
  return { judgement, drawn, stop, again };
}
