import { useState } from "react";
import type { HoleAnswer, PixelPoint } from "../../../core/make/holeScan/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { FileDrop } from "../../../ui/files/FileDrop.tsx";
import { SCAN_FILES_AND_HEIC } from "../../../ui/files/scanFiles.ts";
import { refusalWords } from "../../../wording/make/holeScanWords.ts";
import type { HoleTrouble } from "../../../workers/jobs/hole/holeJob.ts";
import { Measured } from "./Measured.tsx";
import { PictureCanvas } from "./PictureCanvas.tsx";
import { PictureScale } from "./PictureScale.tsx";
import { type PictureFile, useMeasuring } from "./useMeasuring.ts";

/** Measures the hole in a scan or a microscope photograph; what was measured is handed on when the maker takes it. */
export function MeasureFromPicture({
  offered,
  onMeasured,
  onTake,
}: {
  /** A scan that came from the scanner, newest first taken. */
  readonly offered: PictureFile | null;
  readonly onMeasured: (bytes: PictureFile["bytes"], answer: HoleAnswer) => void;
  readonly onTake: (answer: HoleAnswer) => void;
}) {
  const { inHand, outcome, open, again } = useMeasuring(offered, onMeasured);
  const [ruler, setRuler] = useState<readonly PixelPoint[] | null>(null);
  const take = async (file: File | undefined): Promise<void> => {
    if (file) open({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
  };
  const report = outcome?.state === "measured" ? outcome.report : null;
  const trouble = outcome?.state === "refused" ? outcome.trouble : null;
  const seen = report ?? (trouble?.kind === "hole" ? trouble : null);
  const candidates = trouble === null ? [] : candidatesOf(trouble);
  return (
    <div>
      <FileDrop
        as="fieldset"
        label="Picture of the hole"
        named="Picture of a hole"
        accept={SCAN_FILES_AND_HEIC}
        className="border border-ink border-dashed p-3"
        onFiles={([file]) => void take(file)}
      >
        {(pick) => (
          <p className="flex flex-wrap items-center gap-2">
            <Button onClick={pick}>Choose a picture</Button>
            <span className="text-[0.93rem] text-quiet">
              or drop a scan or microscope photograph here: PNG, JPEG, TIFF or a scanner’s PDF.
            </span>
          </p>
        )}
      </FileDrop>
      {inHand && outcome && (
        <div className="mt-3" data-outcome={outcome.state}>
          <p className="text-[0.87rem] text-quiet">{inHand.name}</p>
          {outcome.state === "measuring" && <p role="status">Looking for the rim…</p>}
          {outcome.state === "failed" && <p role="alert">The picture could not be measured: {outcome.message}.</p>}
          {trouble && (
            <p role="alert" className="border-action border-l-4 bg-card p-2">
              {troubleWords(trouble)}
            </p>
          )}
          {candidates.length > 0 && (
            <p className="mt-2 flex flex-wrap gap-2">
              {candidates.slice(0, 8).map((at) => (
                <Button key={`${at.x} ${at.y}`} onClick={() => again({ at })}>
                  Spot at {Math.round(at.x)}, {Math.round(at.y)}
                </Button>
              ))}
            </p>
          )}
          {report && <Measured report={report} onTake={onTake} />}
          {seen?.whole && (
            <div className="mt-3 grid gap-3 sm:grid-cols-[11rem_minmax(0,1fr)]">
              <PictureCanvas
                view={seen.whole}
                label={
                  ruler
                    ? "Whole picture: press on two marks of the ruler"
                    : "Whole picture: press on another spot to measure it"
                }
                onPoint={(at) => {
                  if (ruler === null) again({ at });
                  else setRuler([...ruler.slice(-1), at]);
                }}
              >
                <Marks
                  step={seen.whole.step}
                  rings={
                    report
                      ? [{ ...report.outline.centre, radius: report.outline.feretGreatest }]
                      : candidates.map((at) => ({ ...at, radius: 9 * (seen.whole?.step ?? 1) }))
                  }
                  crosses={ruler ?? []}
                />
              </PictureCanvas>
              <PictureScale
                dpi={seen.dpi}
                encoding={inHand.encoding}
                outline={report?.outline ?? null}
                ruler={ruler}
                onRuler={setRuler}
                again={again}
              />
            </div>
          )}
        </div>
      )}
    </div>
  );
}

/** Rings round spots and crosses on a ruler's marks; `step` is a screen pixel in pixels of the picture. */
function Marks({
  step,
  rings,
  crosses,
}: {
  readonly step: number;
  readonly rings: readonly (PixelPoint & { readonly radius: number })[];
  readonly crosses: readonly PixelPoint[];
}) {
  return (
    <>
      {rings.map(({ x, y, radius }) => (
        <circle
          key={`${x} ${y}`}
          cx={x}
          cy={y}
          r={Math.max(radius, 6 * step)}
          fill="none"
          stroke="var(--sb-action)"
          strokeWidth={2 * step}
        />
      ))}
      {crosses.map(({ x, y }) => (
        <path
          key={`${x} ${y}`}
          d={`M${x - 8 * step} ${y}h${16 * step}M${x} ${y - 8 * step}v${16 * step}`}
          stroke="var(--sb-ray)"
          strokeWidth={2 * step}
        />
      ))}
    </>
  );
}

function candidatesOf(trouble: HoleTrouble): readonly PixelPoint[] {
  return trouble.kind === "hole" && trouble.refusal.reason === "several" ? trouble.refusal.candidates : [];
}

function troubleWords(trouble: HoleTrouble): string {
  if (trouble.kind === "file") return `This file ${trouble.message}.`;
  return refusalWords(trouble.refusal, "Press on the one you mean.");
}
