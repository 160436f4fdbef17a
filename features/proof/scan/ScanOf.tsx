import { useCallback, useEffect, useMemo, useRef, useState } from "react";
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

/** One negative on the glass: which shot it is of, where its edges are, which way it stood. */
export function ScanOf({ negative: stored, proof }: { readonly negative: Negative; readonly proof: Proof }) {
  const { record: negative, edit, undo, redo, undoable } = useRecordEdits("negatives", stored);
  const [report, setReport] = useState<OpenReport | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [marking, setMarking] = useState(false);
  const { settings, picture } = negative;
  const encoding = settings.encoding ?? "file";
  const kept = useRef(settings);
  kept.current = settings;
  // The scan is looked at anew only when it is another, or its numbers are read otherwise.
  useEffect(() => {
    const stop = new AbortController();
    const { sheet } = kept.current;
    const asked = { picture, settings: { ...kept.current, encoding, sheet: { ...sheet, corners: null } } };
    void askProof(asked, { kind: "open" }, { signal: stop.signal }).then((opened) => {
      if (stop.signal.aborted) return;
      if (opened.ok) setReport(opened.value.report);
      else setTrouble(opened.error);
    });
    return () => stop.abort();
  }, [picture, encoding]);
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
      const next = settingsFor(camera, shot, shot?.medium ?? before.medium ?? null, before.settings);
      return {
        ...before,
        byTurn: null,
        ...more,
        exposureId: shot?.id ?? null,
        cameraId: shot?.cameraId ?? null,
        medium: shot?.medium ?? before.medium ?? null,
        settings: next,
      };
    });
  };
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
        {doubt !== null && (
          <WhichSheet
            doubt={doubt}
            negative={negative}
            onShot={({ id }) => ofShot(id)}
            onNone={() => ofShot(NONE)}
            onSame={() =>
              doubt.shot === null
                ? edit((before) => ({ ...before, dpiWrong: true }))
                : ofShot(doubt.shot.id, { dpiWrong: true })
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
          <Choice
            label="Camera"
            value={negative.cameraId ?? null}
            options={cameras}
            onChoose={(id) => {
              const camera = proof.cameras.find((each) => each.id === id) ?? null;
              edit((before) => ({
                ...before,
                cameraId: id,
                settings: settingsFor(camera, null, before.medium ?? null, before.settings),
              }));
            }}
          />
        )}
        <Choice
          label="Paper or film"
          value={negative.medium ?? null}
          options={media}
          onChoose={(medium) =>
            edit((before) => ({
              ...before,
              medium,
              settings: settingsFor(proof.camera, proof.shot, medium, before.settings),
            }))
          }
        />
        <Segments
          label="Which side lay on the glass"
          value={settings.sheet.seen ?? "emulsion"}
          options={SIDES}
          onChoose={(seen) => set({ sheet: { ...settings.sheet, seen } })}
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
            disabled={report === null}
            onClick={() => report !== null && setCorners(named(report.corners as Corners, settings.sheet, report))}
          >
            Find the edges again
          </Button>
        </div>
        {report?.part && corners !== null && asFound(corners, report.corners as Corners) && (
          <PartFound part={report.part} onWhole={(whole) => setCorners(named(whole, settings.sheet))} />
        )}
        {report !== null && isSquare(settings.sheet) && (
          <p className="text-[0.9rem]" data-square>
            {report.sky === null
              ? "A square sheet, and no sky tells its top: it lies as the one before it did, else as it was found. Turn it where that is wrong."
              : "A square sheet: the sky tells its top. Turn it where that is wrong."}
          </p>
        )}
        <HowItStood negative={negative} camera={proof.camera} />
        <div data-white>
          <p className="text-[0.9rem]">
            {typeof settings.white === "number"
              ? `Unexposed paper: marked, ${Math.round(100 * settings.white)} % of white.`
              : `Unexposed paper: taken to be the lightest of the sheet${report === null ? "" : `, ${Math.round(100 * report.white)} % of white`}.`}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button aria-pressed={marking} onClick={() => setMarking(!marking)} disabled={report === null}>
              {marking ? "Press on it in the scan" : "Mark a strip that had no light"}
            </Button>
            {typeof settings.white === "number" && (
              <Button look="quiet" onClick={() => set({ white: null })}>
                Take the lightest
              </Button>
            )}
          </div>
        </div>
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

/** Linear light of a small view: its mean. */
function lightOf(rgba: Uint8ClampedArray): number {
  const light = luminanceOf(rgba);
  const mean = light.reduce((sum, value) => sum + value, 0) / Math.max(1, light.length);
  return Math.min(1, Math.max(0.001, mean));
}
