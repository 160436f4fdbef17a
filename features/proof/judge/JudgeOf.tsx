import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { Exposure, Negative } from "../../../core/document/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import { isWithin } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Check } from "../../../ui/controls/Check.tsx";
import { Going } from "../../../ui/controls/Going.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { saveUndoable } from "../../../ui/edits/undoable.ts";
import { useUndo } from "../../../ui/edits/useUndo.ts";
import { useUndoKeys } from "../../../ui/edits/useUndoKeys.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { Slider } from "../../../ui/seldom/Slider.tsx";
import { FAULT_WORDS, SPOILT_WORDS } from "../../../wording/proofWords.ts";
import type { DrawReport, JudgeReport } from "../../../workers/jobs/proof/proofJob.ts";
import { negativeName } from "../negativeName.ts";
import { sheetDoubt } from "../scan/whichSheet.ts";
import type { Proof } from "../useProof.ts";
import { judgedByScan, saysNothing, spreadOf, WITHIN } from "./byScan.ts";
import { CurvePanel } from "./CurvePanel.tsx";
import { DensityPicture } from "./DensityPicture.tsx";
import { judgeWordsOf } from "./judgedBefore.ts";
import { proposal, proposedInStops, proposedStops } from "./judgeWords.ts";
import { StopsChart } from "./StopsChart.tsx";
import { offMiddle, stopsWanted } from "./stopsWanted.ts";
import { useJudgement } from "./useJudgement.ts";

/** What is judged here is a shot of the log. */
const JUDGED = [{ name: "exposures" }] as const;

/** A negative judged, where it is known which sheet it is; nothing is reckoned before. */
export function JudgeOf({ negative, proof }: OfNegative) {
  if (sheetDoubt(negative, proof) !== null) {
    return (
      <p role="alert" className="border-action border-l-4 pl-3" data-which-sheet>
        The size of this scan speaks against the sheet it was taken for, so nothing is judged yet.{" "}
        <Link to={`/proof?negative=${encodeURIComponent(negative.id)}`} className="underline underline-offset-4">
          Say which sheet it is
        </Link>
      </p>
    );
  }
  return <Judged negative={negative} proof={proof} />;
}

/** One negative judged, or how far that is. */
function Judged({ negative, proof }: OfNegative) {
  const { judgement, drawn, stop, again } = useJudgement(negative);
  const { undo, redo } = useUndo([], JUDGED);
  useUndoKeys(undo, redo);
  switch (judgement.state) {
    case "refused":
      return (
        <p role="alert" className="text-action">
          {judgement.why}
        </p>
      );
    case "stopped":
      return (
        <p role="status">
          Stopped: nothing is judged. <Button onClick={again}>Judge it</Button>
        </p>
      );
    case "working":
      return (
        <p role="status" data-judging>
          Reading the densities …
          <Going share={judgement.share} onStop={stop} />
        </p>
      );
    case "there":
      return <Judgement negative={negative} proof={proof} report={judgement.report} drawn={drawn} />;
    default:
      return judgement satisfies never;
  }
}

interface OfNegative {
  readonly negative: Negative;
  readonly proof: Proof;
}

interface OfReport {
  readonly report: JudgeReport;
}

/** Its densities, a proposal, and what else it shows. */
function Judgement({ negative, proof, report, drawn }: OfNegative & OfReport & { readonly drawn: DrawReport | null }) {
  const { answer, faults } = report;
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1.25fr)_minmax(20rem,1fr)]" data-judged={negative.id}>
      <div className="grid content-start gap-2">
        <Densities negative={negative} proof={proof} report={report} drawn={drawn} />
        <StopsChart report={report} medium={negative.settings.medium} />
      </div>
      <div className="grid content-start gap-5">
        <NextTime report={report} shot={proof.shot} isPositive={negative.settings.medium.positive === true} />
        <Panel title="What else it shows">
          <Faults faults={faults} />
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

/** The picture of its densities, with what it shows marked or not. */
function Densities({
  negative,
  proof,
  report: { answer, faults },
  drawn,
}: OfNegative & OfReport & { readonly drawn: DrawReport | null }) {
  const [shows, setShows] = useState({ blank: true, burnt: true, faults: true });
  const { camera, medium } = negative.settings;
  const isPart = answer.share < 1;
  const counted = useMemo(() => (camera && isPart ? isWithin(opticalModel(camera), WITHIN) : null), [camera, isPart]);
  return (
    <>
      {drawn && (
        <DensityPicture
          drawn={drawn}
          medium={medium}
          counted={counted}
          shows={shows}
          faults={faults}
          label={`Densities of ${negativeName(negative, proof)}, upright`}
        />
      )}
      <div className="flex flex-wrap gap-x-6">
        <Check
          label={`${medium.positive ? "Black, without drawing" : "Blank"}: ${percent(answer.blank)}`}
          checked={shows.blank}
          onCheck={(blank) => setShows({ ...shows, blank })}
        />
        <Check
          label={`${medium.positive ? "Bare white" : "Black beyond use"}: ${percent(answer.burnt)}`}
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
      {isPart && (
        <p className="text-[0.87rem] text-quiet" data-share={answer.share.toFixed(2)}>
          {percent(answer.share)} of the sheet counts: where the hole lets at least a quarter of the light fall. What is
          hatched grey lies in the shade of plate, wall or slope, and says nothing of the time.
        </p>
      )}
    </>
  );
}

/** The proposal, the maker's own, and what goes into the log. */
function NextTime({
  report: { answer, faults },
  shot,
  isPositive,
}: OfReport & { readonly shot: Exposure | null; readonly isPositive: boolean }) {
  const [own, setOwn] = useState<number | null>(null);
  const sd = spreadOf(answer);
  const chosen = own ?? proposedStops(answer, sd);
  return (
    <Panel title="Next time">
      <p className="text-[1.35rem] leading-snug" data-proposal>
        {proposal(answer, sd, isPositive)}
      </p>
      <p className="mt-1" data-in-stops>
        {proposedInStops(answer, sd)}
      </p>
      <p className="mt-1 text-[0.9rem] text-quiet">
        The darkest twentieth of the picture lies {offMiddle(answer.p05)} or lower, the brightest{" "}
        {offMiddle(answer.p95)} or higher. The proposal sets mid-grey halfway between. Its ± is how much scenes differ
        {answer.warnings.some(({ code }) => code === "white-guessed") ? ", and the unexposed paper is a guess" : ""}. It
        is only a proposal: your own eye counts.
      </p>
      <div className="mt-3">
        <Slider
          label="Stops it should have been longer"
          low="too long: less"
          high="too short: more"
          least={-3}
          most={3}
          step={1 / 3}
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
        <IntoLog shot={shot} answer={answer} own={own} cause={saysNothing(faults, shot)} />
      )}
    </Panel>
  );
}

/** Writes the judgement in the log, or keeps a spoilt sheet out of its sums. */
function IntoLog({
  shot,
  answer,
  own,
  cause,
}: {
  readonly shot: Exposure;
  readonly answer: JudgeReport["answer"];
  /** The maker's own stops; `null`: as proposed. */
  readonly own: number | null;
  /** Why the sheet teaches no time; `null`: it does. */
  readonly cause: ReturnType<typeof saysNothing>;
}) {
  const [counts, setCounts] = useState(false);
  if (cause !== null && !counts) {
    return (
      <div className="grid gap-2" data-says-nothing={cause}>
        <p>{SPOILT_WORDS[cause]} Such a sheet teaches no time.</p>
        <p className="flex flex-wrap gap-2">
          {shot.spoilt ? null : (
            <Button look="action" onClick={() => void inLog({ ...shot, judged: null, spoilt: cause }, shot)}>
              Keep it out of the log’s sums
            </Button>
          )}
          <Button onClick={() => setCounts(true)}>It is not so: its time counts</Button>
        </p>
        <p className="text-[0.9rem]" data-in-log>
          {judgeWordsOf(shot)}
        </p>
      </div>
    );
  }
  const agree = (): void => {
    const judged = judgedByScan(answer, own, isoWithOffset(new Date()));
    void inLog({ ...shot, spoilt: null, judged }, shot);
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button look="action" onClick={agree}>
        {own === null ? "Agree, and write it in the log" : "Write mine in the log"}
      </Button>
      <p className="text-[0.9rem]" data-in-log>
        {judgeWordsOf(shot)}
      </p>
    </div>
  );
}

async function inLog(next: Exposure, before: Exposure): Promise<void> {
  const what = next.judged ? `judged: ${stopsWanted(next.judged.correction)}` : "kept out of what the log learns";
  await saveUndoable("exposures", next, `${next.subject || next.cameraName || "The shot"} is ${what}.`, before);
}

function Faults({ faults }: { readonly faults: JudgeReport["faults"] }) {
  if (faults.length === 0) {
    return <p data-faults="none">No fault found: no leak, no dust, no finger. Look at it yourself, too.</p>;
  }
  return (
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
