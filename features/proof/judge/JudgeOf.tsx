import { useCallback, useEffect, useState } from "react";
import { FAULT_WORDS } from "../../../catalogue/proofWords.ts";
import type { Exposure, Negative } from "../../../core/document/index.ts";
import { saveExposure } from "../../../storage/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { Check } from "../../../ui/Check.tsx";
import { isoWithOffset } from "../../../ui/localTime.ts";
import { notify } from "../../../ui/notify.ts";
import { Panel } from "../../../ui/Panel.tsx";
import { Slide } from "../../../ui/Slide.tsx";
import type { DrawReport, JudgeReport } from "../../../workers/proof.ts";
import { askProof } from "../askProof.ts";
import { negativeName } from "../negativeName.ts";
import type { Proof } from "../useProof.ts";
import { CurvePanel } from "./CurvePanel.tsx";
import { DensityPicture } from "./DensityPicture.tsx";
import { judgeWordsOf } from "./judgedBefore.ts";
import { proposal } from "./judgeWords.ts";
import { StopsChart } from "./StopsChart.tsx";
import { offMiddle, stopsWanted } from "./stopsWanted.ts";

/** Pixels across of the density picture. */
const ACROSS = 620;

/** One negative judged: its densities, a proposal, and what else it shows. */
export function JudgeOf({ negative, proof }: { readonly negative: Negative; readonly proof: Proof }) {
  const [report, setReport] = useState<JudgeReport | null>(null);
  const [drawn, setDrawn] = useState<DrawReport | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [shows, setShows] = useState({ blank: true, burnt: true, faults: true });
  const [own, setOwn] = useState<number | null>(null);
  const text = JSON.stringify([negative.picture, negative.settings]);
  useEffect(() => {
    const stop = new AbortController();
    const [picture, settings] = JSON.parse(text) as [string, Negative["settings"]];
    const asked = { picture, settings: { ...settings, projection: "lay" as const, evenLight: false, sharpen: false } };
    void askProof(asked, { kind: "judge" }, { signal: stop.signal }).then((judged) => {
      if (stop.signal.aborted) return;
      if (judged.ok) setReport(judged.value.report);
      else setTrouble(judged.error);
    });
    const small = { ...asked.settings, colour: false, output: { width: ACROSS } };
    void askProof(asked, { kind: "draw", settings: small, spots: [], lines: null }, { signal: stop.signal }).then(
      (made) => {
        if (made.ok && !stop.signal.aborted) setDrawn(made.value.report);
      },
    );
    return () => stop.abort();
  }, [text]);
  const { shot } = proof;
  const keep = useCallback(async (correction: number, shotNow: Exposure, atLeast: boolean): Promise<void> => {
    const judged = { correction, by: "scan" as const, at: isoWithOffset(new Date()), ...(atLeast && { atLeast }) };
    const done = await saveExposure({ ...shotNow, judged, spoilt: null });
    if (!done.ok) {
      notify(done.error.message, { urgent: true });
      return;
    }
    notify(`${shotNow.subject || shotNow.cameraName || "The shot"} is judged: ${stopsWanted(correction)}.`, {
      action: { name: "Undo", run: () => void saveExposure(shotNow) },
    });
  }, []);
  if (trouble !== null) {
    return (
      <p role="alert" className="text-action">
        {trouble}
      </p>
    );
  }
  if (report === null) return <p role="status">Reading the densities …</p>;
  const { answer, faults } = report;
  const proposed = Math.round(answer.correction * 6) / 6;
  const chosen = own ?? proposed;
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1.25fr)_minmax(20rem,1fr)]" data-judged={negative.id}>
      <div className="grid content-start gap-2">
        {drawn && (
          <DensityPicture
            drawn={drawn}
            medium={negative.settings.medium}
            shows={shows}
            faults={faults}
            label={`Densities of ${negativeName(negative, proof)}, upright`}
          />
        )}
        <div className="flex flex-wrap gap-x-6">
          <Check
            label={`Blank: ${percent(answer.blank)}`}
            checked={shows.blank}
            onCheck={(blank) => setShows({ ...shows, blank })}
          />
          <Check
            label={`Black beyond use: ${percent(answer.burnt)}`}
            checked={shows.burnt}
            onCheck={(burnt) => setShows({ ...shows, burnt })}
          />
          {faults.length > 0 && (
            <Check
              label="What may be wrong"
              checked={shows.faults}
              onCheck={(on) => setShows({ ...shows, faults: on })}
            />
          )}
        </div>
        <StopsChart report={report} medium={negative.settings.medium} />
      </div>
      <div className="grid content-start gap-5">
        <Panel title="Next time">
          <p className="text-[1.35rem] leading-snug" data-proposal>
            {proposal(answer)}
          </p>
          <p className="mt-1 text-[0.9rem] text-quiet">
            A twentieth of the sheet lies {offMiddle(answer.p05)} and less, a twentieth {offMiddle(answer.p95)} and
            more; to be even about mid-grey it wanted {stopsWanted(answer.correction)}. A proposal only: yours counts.
          </p>
          <div className="mt-3">
            <Slide
              label="Stops it should have been longer"
              low="too long: less"
              high="too short: more"
              least={-3}
              most={3}
              step={1 / 6}
              value={chosen}
              say={stopsWanted}
              onSlide={setOwn}
            />
            <p className="mb-2 text-center font-semibold" data-chosen>
              {stopsWanted(chosen)}
            </p>
          </div>
          {shot === null ? (
            <p data-no-shot>Say on Scan which shot this is the sheet of: then the log learns from it.</p>
          ) : (
            <div className="flex flex-wrap items-center gap-3">
              <Button look="action" onClick={() => void keep(chosen, shot, answer.atLeast && own === null)}>
                {own === null ? "Agree, and write it in the log" : "Write mine in the log"}
              </Button>
              <p className="text-[0.9rem]" data-in-log>
                {judgeWordsOf(shot)}
              </p>
            </div>
          )}
        </Panel>
        <Panel title="What else it shows">
          {faults.length === 0 ? (
            <p data-faults="none">Nothing that is not a picture was found. Look at it yourself all the same.</p>
          ) : (
            <ol className="grid gap-3" data-faults={faults.map(({ code }) => code).join(" ")}>
              {grouped(faults).map(({ code, numbers, measured }) => {
                const { name, cause, mend } = FAULT_WORDS[code];
                return (
                  <li key={code} className="border-kraft border-l-4 pl-3">
                    <p className="font-semibold">
                      {numbers.join(", ")} · {name}
                      {measured}
                    </p>
                    <p className="text-[0.93rem]">{cause}</p>
                    <p className="text-[0.93rem] text-quiet">{mend}</p>
                  </li>
                );
              })}
            </ol>
          )}
        </Panel>
        <CurvePanel negative={negative} />
        {answer.warnings.length > 0 && (
          <ul className="grid gap-1 text-[0.87rem] text-quiet">
            {answer.warnings.map(({ code, message }) => (
              <li key={code}>
                {message[0]?.toUpperCase()}
                {message.slice(1)}.
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  );
}

function percent(share: number): string {
  return `${share > 0 && share < 0.01 ? "under 1" : Math.round(100 * share)} %`;
}

/** Faults of one kind together, each place with its number in the picture. */
function grouped(faults: JudgeReport["faults"]) {
  const codes = [...new Set(faults.map(({ code }) => code))];
  return codes.map((code) => {
    const of = faults.flatMap((fault, index) => (fault.code === code ? [{ ...fault, number: index + 1 }] : []));
    const [first] = of;
    const measured =
      first?.measured === undefined
        ? ""
        : code === "soft"
          ? `: ${first.measured.toFixed(1)} times as wide`
          : `: ${first.measured.toFixed(1)} mm`;
    return { code, numbers: of.map(({ number }) => number), measured };
  });
}
