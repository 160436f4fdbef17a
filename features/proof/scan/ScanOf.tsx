import { useCallback, useEffect, useEffectEvent, useMemo, useState } from "react";
import { allMedia } from "../../../catalogue/media.ts";
import { luminanceOf } from "../../../core/basis/pictureValues/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { isSquare, type ProofSettings } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { EditButtons } from "../../../ui/edits/EditButtons.tsx";
import { putAway } from "../../../ui/edits/undoable.ts";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { readableTime } from "../../../ui/format/localTime.ts";
import type { OpenReport } from "../../../workers/jobs/proof/proofJob.ts";
import { askProof } from "../askProof.ts";
import type { Corner, Corners } from "../corners.ts";
import { asFound, named, turned } from "../quarters.ts";
import { settingsFor } from "../settingsFor.ts";
import { thumbOf } from "../thumb.ts";
import type { Proof } from "../useProof.ts";
import { DpiNote } from "./DpiNote.tsx";
import { HowItStood } from "./HowItStood.tsx";
import { PartFound } from "./PartFound.tsx";
import { SheetOnGlass } from "./SheetOnGlass.tsx";
import { WhichSheet } from "./WhichSheet.tsx";
import { sheetDoubt } from "./whichSheet.ts";

const SIDES = [
  { id: "emulsion", name: "Emulsion down" },
  { id: "back", name: "Back down" },
] as const;
/** A sheet of none of the shots. */
const NONE = "none";

interface OfNegative {
  readonly negative: Negative;
  readonly proof: Proof;
}

/** What is done to a negative on the glass. */
interface ScanHand extends OfNegative {
  readonly edit: ReturnType<typeof useRecordEdits<"negatives">>["edit"];
  readonly set: (change: Partial<ProofSettings>, stroke?: string) => void;
  /** What was found in the scan; `null`: it is being unpacked. */
  readonly report: OpenReport | null;
  /** Where the sheet's corners are: as marked, else as found. */
  readonly corners: Corners | null;
  readonly setCorners: (next: Corners, stroke?: string) => void;
  /** Says of which shot it is the sheet. */
  readonly ofShot: (id: string, more?: Partial<Negative>) => void;
}

/** One negative on the glass: which shot it is of, where its edges are, which way it stood. */
export function ScanOf({ negative: stored, proof }: OfNegative) {
  const { record: negative, edit, undo, redo, undoable } = useRecordEdits("negatives", stored);
  const { report, trouble } = useOpened(negative);
  const [marking, setMarking] = useState(false);
  const { settings } = negative;
  const set = useCallback(
    (change: Partial<ProofSettings>, stroke?: string) =>
      edit((before) => ({ ...before, settings: { ...before.settings, ...change } }), stroke),
    [edit],
  );
  const corners = (settings.sheet.corners ?? report?.corners ?? null) as Corners | null;
  const setCorners = (next: Corners, stroke?: string): void =>
    set({ sheet: { ...settings.sheet, corners: next } }, stroke);
  const markWhite = async ([x, y]: Corner): Promise<void> => {
    setMarking(false);
    const part = await askProof(negative, { kind: "part", x, y, side: 16 });
    if (!part.ok) return;
    set({ white: lightOf(part.value.view.rgba) });
  };
  const ofShot = (id: string, more: Partial<Negative> = {}): void => {
    const shot = proof.shots.find((each) => each.id === id) ?? null;
    const camera = proof.cameras.find((each) => each.id === shot?.cameraId) ?? null;
    edit((before) => {
      const medium = shot?.medium ?? before.medium ?? null;
      return {
        ...before,
        byTurn: null,
        ...more,
        exposureId: shot?.id ?? null,
        cameraId: shot?.cameraId ?? null,
        medium,
        settings: settingsFor(camera, shot, medium, before.settings),
      };
    });
  };
  const hand: ScanHand = { negative, proof, edit, set, report, corners, setCorners, ofShot };
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
      <div>
        {trouble !== null && (
          <p role="alert" className="text-action">
            {trouble}
          </p>
        )}
        {report !== null && corners !== null ? (
          <SheetOnGlass
            negative={negative}
            report={report}
            corners={corners}
            onCorners={setCorners}
            onWhite={marking ? (at) => void markWhite(at) : null}
          />
        ) : (
          trouble === null && <p role="status">Unpacking the scan …</p>
        )}
      </div>
      <div className="grid content-start gap-3">
        <EditButtons undo={undo} redo={redo} />
        <OfWhich hand={hand} />
        <HowItLies hand={hand} />
        <HowItStood negative={negative} camera={proof.camera} />
        <UnexposedPaper hand={hand} marking={marking} onMark={setMarking} />
        {report !== null && <DpiNote negative={negative} report={report} />}
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => void thumbOf(negative).then((thumb) => thumb && edit((now) => ({ ...now, thumb })))}>
            Renew its small picture
          </Button>
          <Button look="quiet" onClick={() => void putAway(undoable, "The sheet is deleted.")}>
            Delete this negative
          </Button>
        </div>
      </div>
    </div>
  );
}

/** Unpacks a scan, and looks for its sheet anew only when it is another one or its numbers are read otherwise. */
function useOpened({ picture, settings }: Negative): {
  readonly report: OpenReport | null;
  readonly trouble: string | null;
} {
  const [report, setReport] = useState<OpenReport | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const encoding = settings.encoding ?? "file";
  const open = useEffectEvent((signal: AbortSignal) => {
    const asked = { ...settings, encoding, sheet: { ...settings.sheet, corners: null } };
    return askProof({ picture, settings: asked }, { kind: "open" }, { signal });
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: another scan, or its numbers read otherwise
  useEffect(() => {
    const stop = new AbortController();
    void open(stop.signal).then((opened) => {
      if (stop.signal.aborted) return;
      if (opened.ok) setReport(opened.value.report);
      else setTrouble(opened.error);
    });
    return () => stop.abort();
  }, [picture, encoding]);
  return { report, trouble };
}

/** Of which shot, camera and medium it is the sheet. */
function OfWhich({ hand: { negative, proof, edit, ofShot } }: { readonly hand: ScanHand }) {
  const doubt = useMemo(() => sheetDoubt(negative, proof), [negative, proof]);
  const shots = useMemo(
    () => [
      { id: NONE, name: "None of the log" },
      ...proof.shots.map(({ id, subject, cameraName, openedAt }) => ({
        id,
        name: subject || cameraName || "A shot",
        note: readableTime(openedAt).replace(/,.*/, ""),
      })),
    ],
    [proof.shots],
  );
  const cameras = useMemo(() => proof.cameras.map(({ id, name }) => ({ id, name })), [proof.cameras]);
  const media = useMemo(() => allMedia().map(({ id, name }) => ({ id, name })), []);
  const ofCamera = (cameraId: string): void => {
    const camera = proof.cameras.find((each) => each.id === cameraId) ?? null;
    edit((before) => ({
      ...before,
      cameraId,
      settings: settingsFor(camera, null, before.medium ?? null, before.settings),
    }));
  };
  const ofMedium = (medium: string): void =>
    edit((before) => ({ ...before, medium, settings: settingsFor(proof.camera, proof.shot, medium, before.settings) }));
  const dpiWrong = { dpiWrong: true };
  return (
    <>
      {doubt !== null && (
        <WhichSheet
          doubt={doubt}
          negative={negative}
          onShot={({ id }) => ofShot(id)}
          onNone={() => ofShot(NONE)}
          onSame={() =>
            doubt.shot === null ? edit((before) => ({ ...before, ...dpiWrong })) : ofShot(doubt.shot.id, dpiWrong)
          }
        />
      )}
      <Choice
        label="This is the sheet of"
        value={negative.exposureId ?? NONE}
        options={shots}
        onChoose={(id) => ofShot(id)}
      />
      {negative.exposureId == null && (
        <Choice label="Camera" value={negative.cameraId ?? null} options={cameras} onChoose={ofCamera} />
      )}
      <Choice label="Paper or film" value={negative.medium ?? null} options={media} onChoose={ofMedium} />
    </>
  );
}

/** Which side lay on the glass, which way up it stood, and where its edges were found. */
function HowItLies({ hand: { negative, set, report, corners, setCorners } }: { readonly hand: ScanHand }) {
  const { sheet } = negative.settings;
  const found = (report?.corners ?? null) as Corners | null;
  return (
    <>
      <Segments
        label="Which side lay on the glass"
        value={sheet.seen ?? "emulsion"}
        options={SIDES}
        onChoose={(seen) => set({ sheet: { ...sheet, seen } })}
      />
      <div className="flex flex-wrap gap-2">
        <Button
          disabled={corners === null}
          onClick={() => corners !== null && setCorners(turned(corners))}
          title="The sheet stood otherwise in the camera"
        >
          Turn by a quarter
        </Button>
        <Button
          disabled={found === null}
          onClick={() => report !== null && found !== null && setCorners(named(found, sheet, report))}
        >
          Find the edges again
        </Button>
      </div>
      {report?.part && corners !== null && found !== null && asFound(corners, found) && (
        <PartFound part={report.part} onWhole={(whole) => setCorners(named(whole, sheet))} />
      )}
      {report !== null && isSquare(sheet) && (
        <p className="text-[0.9rem]" data-square>
          {report.sky === null
            ? "A square sheet, and no sky tells its top: it lies as the one before it did, else as it was found. Turn it where that is wrong."
            : "A square sheet: the sky tells its top. Turn it where that is wrong."}
        </p>
      )}
    </>
  );
}

/** What is taken for paper that had no light. */
function UnexposedPaper({
  hand: { negative, set, report },
  marking,
  onMark,
}: {
  readonly hand: ScanHand;
  /** Whether it is being marked in the scan. */
  readonly marking: boolean;
  readonly onMark: (marking: boolean) => void;
}) {
  const { white } = negative.settings;
  const marked = typeof white === "number";
  return (
    <div data-white>
      <p className="text-[0.9rem]">
        {marked
          ? `Unexposed paper: marked, ${Math.round(100 * white)} % of white.`
          : `Unexposed paper: taken to be the lightest of the sheet${report === null ? "" : `, ${Math.round(100 * report.white)} % of white`}.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button aria-pressed={marking} onClick={() => onMark(!marking)} disabled={report === null}>
          {marking ? "Press on it in the scan" : "Mark a strip that had no light"}
        </Button>
        {marked && (
          <Button look="quiet" onClick={() => set({ white: null })}>
            Take the lightest
          </Button>
        )}
      </div>
    </div>
  );
}

/** Linear light of a small view: its mean. */
function lightOf(rgba: Uint8ClampedArray): number {
  const light = luminanceOf(rgba);
  const mean = light.reduce((sum, value) => sum + value, 0) / Math.max(1, light.length);
  return Math.min(1, Math.max(0.001, mean));
}
