import { type DragEvent, useRef, useState } from "react";
import { type HoleAnswer, type PixelPoint, refusalWords } from "../../../core/holeScan/index.ts";
import { failure, MM_PER_INCH, parseNumber, success } from "../../../core/units/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { cx } from "../../../ui/cx.ts";
import { LengthField } from "../../../ui/LengthField.tsx";
import { Pick } from "../../../ui/Pick.tsx";
import { QuantityField } from "../../../ui/QuantityField.tsx";
import { holeClient } from "../../../workers/hole.client.ts";
import type { HoleReport, HoleTrouble } from "../../../workers/hole.ts";
import { Measured } from "./Measured.tsx";
import { PictureCanvas } from "./PictureCanvas.tsx";

/** A picture in hand and what came of it. */
interface InHand {
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly dpi: number | null;
  readonly at: PixelPoint | null;
  readonly encoding: "linear" | "srgb" | null;
}

/** What the numbers of a picture may stand for. */
const ENCODINGS = [
  { id: "file", name: "what the file says" },
  { id: "linear", name: "light itself (a scanner’s raw numbers)" },
  { id: "srgb", name: "a picture for screens (sRGB)" },
] as const;

type Outcome =
  | { readonly state: "measuring" }
  | { readonly state: "measured"; readonly report: HoleReport }
  | { readonly state: "refused"; readonly trouble: HoleTrouble }
  | { readonly state: "failed"; readonly message: string };

/** Measures the hole in a scan or a microscope photograph; what was measured is handed on when the maker takes it. */
export function MeasureFromPicture({
  offered,
  onTake,
}: {
  /** A scan that came from the scanner, newest first taken. */
  readonly offered: { readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> } | null;
  readonly onTake: (answer: HoleAnswer) => void;
}) {
  const [inHand, setInHand] = useState<InHand | null>(null);
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const [ruler, setRuler] = useState<readonly PixelPoint[] | null>(null);
  const [dropping, setDropping] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
  const run = useRef(0);
  const taken = useRef<typeof offered>(null);

  const measure = async (next: InHand): Promise<void> => {
    const mine = ++run.current;
    setInHand(next);
    setOutcome({ state: "measuring" });
    const done = await holeClient.run({
      bytes: next.bytes,
      dpi: next.dpi,
      at: next.at,
      encoding: next.encoding,
      views: true,
    });
    if (mine !== run.current) return;
    if (!done.ok) setOutcome({ state: "failed", message: done.error.message });
    else if (done.value.ok) setOutcome({ state: "measured", report: done.value.value });
    else setOutcome({ state: "refused", trouble: done.value.error });
  };
  const take = async (file: File | undefined): Promise<void> => {
    if (file)
      await measure({
        name: file.name,
        bytes: new Uint8Array(await file.arrayBuffer()),
        dpi: null,
        at: null,
        encoding: null,
      });
  };
  if (offered !== null && taken.current !== offered) {
    taken.current = offered;
    queueMicrotask(() => void measure({ ...offered, dpi: null, at: null, encoding: null }));
  }
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    setDropping(false);
    void take(event.dataTransfer.files[0]);
  };
  const seen =
    outcome?.state === "measured"
      ? outcome.report
      : outcome?.state === "refused" && outcome.trouble.kind === "hole"
        ? outcome.trouble
        : null;
  const whole = seen?.whole ?? null;
  const dpi = seen?.dpi ?? null;
  return (
    <div>
      <fieldset
        aria-label="Picture of the hole"
        className={cx("border border-ink border-dashed p-3", dropping && "bg-kraft-pale")}
        onDragOver={(event) => {
          event.preventDefault();
          setDropping(true);
        }}
        onDragLeave={() => setDropping(false)}
        onDrop={drop}
      >
        <p className="flex flex-wrap items-center gap-2">
          <Button onClick={() => picker.current?.click()}>Choose a picture</Button>
          <span className="text-[0.93rem] text-quiet">
            or drop a scan or microscope photograph here: PNG, JPEG or TIFF.
          </span>
        </p>
        <input
          ref={picker}
          type="file"
          accept=".png,.jpg,.jpeg,.tif,.tiff,image/png,image/jpeg,image/tiff"
          className="sr-only"
          aria-label="Picture of a hole"
          tabIndex={-1}
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </fieldset>
      {inHand && outcome && (
        <div className="mt-3" data-outcome={outcome.state}>
          <p className="text-[0.87rem] text-quiet">{inHand.name}</p>
          {outcome.state === "measuring" && <p role="status">Looking for the rim…</p>}
          {outcome.state === "failed" && <p role="alert">The picture could not be measured: {outcome.message}.</p>}
          {outcome.state === "refused" && (
            <p role="alert" className="border-action border-l-4 bg-card p-2">
              {outcome.trouble.kind === "file"
                ? `This file ${outcome.trouble.message}.`
                : refusalWords(outcome.trouble.refusal).replace(
                    "Say which one with x and y.",
                    "Press on the one you mean.",
                  )}
            </p>
          )}
          {outcome.state === "refused" &&
            outcome.trouble.kind === "hole" &&
            outcome.trouble.refusal.reason === "several" && (
              <p className="mt-2 flex flex-wrap gap-2">
                {outcome.trouble.refusal.candidates.slice(0, 8).map((at) => (
                  <Button key={`${at.x} ${at.y}`} onClick={() => void measure({ ...inHand, at })}>
                    Spot at {Math.round(at.x)}, {Math.round(at.y)}
                  </Button>
                ))}
              </p>
            )}
          {outcome.state === "measured" && <Measured report={outcome.report} onTake={onTake} />}
          {whole && (
            <div className="mt-3 grid gap-3 sm:grid-cols-[11rem_minmax(0,1fr)]">
              <PictureCanvas
                view={whole}
                label={
                  ruler
                    ? "Whole picture: press on two marks of the ruler"
                    : "Whole picture: press on another spot to measure it"
                }
                onPoint={(at) => {
                  if (ruler === null) void measure({ ...inHand, at });
                  else setRuler([...ruler.slice(-1), at]);
                }}
              >
                {outcome.state === "measured" && (
                  <circle
                    cx={outcome.report.outline.centre.x}
                    cy={outcome.report.outline.centre.y}
                    r={Math.max(outcome.report.outline.feretGreatest, whole.step * 6)}
                    fill="none"
                    stroke="var(--sb-action)"
                    strokeWidth={2 * whole.step}
                  />
                )}
                {outcome.state === "refused" &&
                  outcome.trouble.kind === "hole" &&
                  outcome.trouble.refusal.reason === "several" &&
                  outcome.trouble.refusal.candidates.map(({ x, y }) => (
                    <circle
                      key={`${x} ${y}`}
                      cx={x}
                      cy={y}
                      r={whole.step * 9}
                      fill="none"
                      stroke="var(--sb-action)"
                      strokeWidth={2 * whole.step}
                    />
                  ))}
                {ruler?.map(({ x, y }) => (
                  <path
                    key={`${x} ${y}`}
                    d={`M${x - 8 * whole.step} ${y}h${16 * whole.step}M${x} ${y - 8 * whole.step}v${16 * whole.step}`}
                    stroke="var(--sb-ray)"
                    strokeWidth={2 * whole.step}
                  />
                ))}
              </PictureCanvas>
              <div className="grid content-start gap-2">
                <QuantityField
                  label="Resolution, dpi"
                  name="dpi"
                  value={dpi}
                  show={(value) => String(Math.round(value * 10) / 10)}
                  hint={
                    dpi === null
                      ? "The file states none: type it, or set it by a ruler in the picture."
                      : "As the file says, or as you typed."
                  }
                  read={(text) => {
                    const number = parseNumber(text.replace(/\s*dpi$/i, ""));
                    return number.ok ? success(number.value.value) : failure(number.error);
                  }}
                  take={(value) => {
                    if (value === null || !(value >= 10 && value <= 1_000_000))
                      return "A resolution is 10 to 1,000,000 dots per inch.";
                    void measure({ ...inHand, dpi: value });
                    return null;
                  }}
                />
                <Pick
                  label="Its numbers stand for"
                  value={inHand.encoding ?? "file"}
                  options={ENCODINGS}
                  onPick={(id) => void measure({ ...inHand, encoding: id === "linear" || id === "srgb" ? id : null })}
                />
                {ruler === null ? (
                  <Button look="quiet" className="justify-self-start" onClick={() => setRuler([])}>
                    Set it by a ruler in the picture
                  </Button>
                ) : (
                  <div>
                    <p className="text-[0.93rem]">
                      {ruler.length < 2
                        ? `Press on two marks of the ruler (${ruler.length} of 2).`
                        : "How far apart are they?"}
                    </p>
                    {ruler.length === 2 && (
                      <LengthField
                        label="Between the two marks"
                        name="between"
                        value={null}
                        optional
                        onTake={(mm) => {
                          if (mm === null) return null;
                          const [a, b] = ruler as readonly [PixelPoint, PixelPoint];
                          const pixels = Math.hypot(b.x - a.x, b.y - a.y);
                          if (pixels < 20)
                            return "The marks are too close to each other in the picture: take two further apart.";
                          void measure({ ...inHand, dpi: (pixels * MM_PER_INCH) / mm });
                          setRuler(null);
                          return null;
                        }}
                      />
                    )}
                    <Button look="quiet" onClick={() => setRuler(null)}>
                      Leave it
                    </Button>
                  </div>
                )}
              </div>
            </div>
          )}
        </div>
      )}
    </div>
  );
}
