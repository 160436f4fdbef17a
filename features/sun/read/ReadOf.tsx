import { useMemo, useState } from "react";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { type Quad, sheetInScan } from "../../../core/negative/index.ts";
import type { FitPoint, FittedAim, SunRequest } from "../../../core/sun/index.ts";
import { savePicture, saveRecord } from "../../../storage/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { EditButtons } from "../../../ui/EditButtons.tsx";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { FileDrop } from "../../../ui/FileDrop.tsx";
import { notify } from "../../../ui/notify.ts";
import { Panel } from "../../../ui/Panel.tsx";
import { Segments } from "../../../ui/Segments.tsx";
import { sunClient } from "../../../workers/sun.client.ts";
import { trailClient } from "../../../workers/trailReading.client.ts";
import { AimPanel } from "../plan/AimPanel.tsx";
import { useFan } from "../plan/useFan.ts";
import { sayDay } from "../sayDay.ts";
import { useRequest, useSame } from "../useRequest.ts";
import { DiaryPanel } from "./DiaryPanel.tsx";
import { HowItStood } from "./HowItStood.tsx";
import { type SheetMark, SheetWithTracks } from "./SheetWithTracks.tsx";
import { SkyPanel } from "./SkyPanel.tsx";
import { useSheet } from "./useSheet.ts";

const save = (trail: Trail): ReturnType<typeof saveRecord> => saveRecord("trails", trail);
const MARKS = [
  { id: "first", name: "first day" },
  { id: "last", name: "last day" },
  { id: "horizon", name: "horizon" },
  { id: "when", name: "when was that?" },
] as const;
/** The made-up flatbed's resolution. */
const DPI = 300;

/** One finished sheet: its scan with the computed tracks over it, the fit, the diary. */
export function ReadOf({ stored, camera }: { readonly stored: Trail; readonly camera: Camera }) {
  const { record: trail, edit, undo, redo } = useRecordEdits(stored, save);
  const [mark, setMark] = useState<SheetMark>("first");
  const [fit, setFit] = useState<FittedAim | null>(null);
  const [times, setTimes] = useState<readonly string[] | null>(null);
  const [making, setMaking] = useState(false);
  const reading = trail.reading ?? null;
  const plan = useRequest(trail, camera);
  const stood: SunRequest = useSame({
    ...plan,
    aim: trail.fittedAim ?? plan.aim,
    hole: { ...plan.hole, y: reading?.holeY ?? plan.hole.y ?? 0 },
  });
  const { fan } = useFan(stood, 1);
  const sheet = useSheet(reading?.picture ?? null, plan.film);
  const quarters = reading?.quarters ?? 0;
  const lie = useMemo(() => {
    if (sheet === null || typeof sheet === "string") return null;
    const corners = sheet.corners.map(([x, y]) => ({ x, y }));
    // The sheet's own upper left corner, wherever that lies on the glass.
    const own = corners.map((_, i) => corners[(i + quarters) % 4]) as unknown as Quad;
    return sheetInScan({ width: plan.film.width, height: plan.film.height, seen: "emulsion", corners: own });
  }, [sheet, quarters, plan.film.width, plan.film.height]);
  const points = reading?.points ?? [];
  const withPoints = (next: readonly FitPoint[]): void =>
    edit((before) => (before.reading ? { ...before, reading: { ...before.reading, points: next } } : before));
  const take = async (file: File): Promise<void> => {
    const kept = await savePicture(file);
    if (!kept.ok) notify(kept.error.message, { urgent: true });
    else {
      edit((before) => ({ ...before, fittedAim: null, reading: { picture: kept.value, name: file.name, points: [] } }));
      setFit(null);
    }
  };
  const makeUp = async (): Promise<void> => {
    setMaking(true);
    const seed = Math.floor(1 + 1e6 * Math.random());
    const done = await trailClient.run({ kind: "simulate", request: plan, dpi: DPI, seed });
    if (done.ok && done.value.ok && done.value.value.kind === "simulate")
      await take(new File([done.value.value.file], "made-up sheet.png", { type: "image/png" }));
    else notify(done.ok ? "The sheet could not be made up." : done.error.message, { urgent: true });
    setMaking(false);
  };
  const place = (s: number, t: number): void => {
    if (mark === "when") {
      void sunClient.run({ kind: "when", request: stood, place: { s, t } }).then((done) => {
        if (done.ok && done.value.kind === "when") setTimes(done.value.times);
      });
      return;
    }
    const date = mark === "first" ? trail.from : trail.to;
    withPoints([...points, mark === "horizon" ? { kind: "horizon", s, t } : { kind: "track", s, t, date }]);
  };
  const runFit = async (): Promise<void> => {
    const done = await sunClient.run({ kind: "fit", request: plan, points });
    if (!done.ok) notify(done.error.message, { urgent: true });
    if (!done.ok || done.value.kind !== "fit" || done.value.fit === null) return;
    const { fit: found } = done.value;
    setFit(found);
    edit((before) =>
      before.reading ? { ...before, fittedAim: found.aim, reading: { ...before.reading, holeY: found.holeY } } : before,
    );
  };
  if (reading === null)
    return (
      <FileDrop
        as="fieldset"
        label="The scan of the finished sheet"
        named="Scan of the finished sheet"
        accept="image/png,image/jpeg,image/tiff,.tif,.tiff"
        className="sheet grid max-w-[46rem] justify-items-start gap-3 p-5"
        onFiles={([file]) => file && void take(file)}
      >
        {(pick) => (
          <>
            <p>
              Dry the sheet in dim light, scan it once, in colour, 400 to 600 dpi, no preview pass; then back into the
              dark with it. Never develop it, never fix it.
            </p>
            <div className="flex flex-wrap gap-2">
              <Button look="action" onClick={pick}>
                Take the scan in
              </Button>
              <Button disabled={making} onClick={() => void makeUp()}>
                {making ? "Half a year goes by" : "Make a finished sheet up"}
              </Button>
            </div>
            <p className="text-[0.93rem] text-quiet">
              The made-up one stood a few degrees otherwise than planned, under a made-up sky: for practice.
            </p>
          </>
        )}
      </FileDrop>
    );
  return (
    <div className="grid gap-x-6 gap-y-5 lg:grid-cols-[minmax(0,1fr)_19rem]">
      <div className="grid min-w-0 content-start gap-4">
        <Panel
          title="The sheet, with the tracks as computed"
          aside={
            <Segments label="A press sets" value={mark} options={MARKS} className="text-[0.87rem]" onChoose={setMark} />
          }
        >
          {typeof sheet === "string" ? (
            <p role="alert">{sheet}</p>
          ) : sheet === null || lie === null ? (
            <p>The sheet is being looked for in its scan.</p>
          ) : (
            <SheetWithTracks
              view={sheet.view}
              lie={lie}
              fan={fan?.request === stood ? fan : null}
              request={stood}
              points={points}
              onPlace={place}
              onDrop={(index) => withPoints(points.filter((_, i) => i !== index))}
            />
          )}
          <p className="mt-1 text-[0.93rem] text-quiet" data-when>
            {mark === "when"
              ? times === null
                ? "Press a place of the sheet: it tells its time of day and its one or two days."
                : times.length === 0
                  ? "The sun never came there."
                  : times.map((time) => `${sayDay(time.slice(0, 10))}, ${time.slice(11, 16)}`).join(" · ")
              : `Press places on the outermost track of ${sayDay(mark === "last" ? trail.to : trail.from)}, and on the horizon. A point is taken out by a press on it.`}
          </p>
        </Panel>
        {lie !== null && (
          <>
            <DiaryPanel
              picture={reading.picture}
              corners={lie.corners}
              request={stood}
              name={reading.name ?? ""}
              isFitted={trail.fittedAim != null}
            />
            <SkyPanel picture={reading.picture} corners={lie.corners} request={stood} />
          </>
        )}
      </div>
      <div className="grid content-start gap-4">
        <HowItStood
          plan={plan.aim}
          stood={trail.fittedAim ?? null}
          fit={fit !== null && isSame(fit.aim, trail.fittedAim) ? fit : null}
          points={points}
          onFit={() => void runFit()}
        />
        <AimPanel
          aim={stood.aim}
          site={trail.site}
          onAim={(aim) => edit((before) => ({ ...before, fittedAim: aim }))}
        />
        <div className="flex flex-wrap gap-2">
          <EditButtons undo={undo} redo={redo} />
          <Button
            onClick={() =>
              edit((before) =>
                before.reading
                  ? { ...before, reading: { ...before.reading, quarters: ((quarters + 1) % 4) as 0 | 1 | 2 | 3 } }
                  : before,
              )
            }
          >
            Turn by a quarter
          </Button>
          <Button look="quiet" onClick={() => edit((before) => ({ ...before, reading: null, fittedAim: null }))}>
            Another scan
          </Button>
        </div>
      </div>
    </div>
  );
}

/** Whether a fit still says how the camera stood: an entry by hand, or undo, is not what it found. */
function isSame(found: FittedAim["aim"], aim: Trail["fittedAim"]): boolean {
  return found.azimuth === aim?.azimuth && found.elevation === aim.elevation && found.roll === aim.roll;
}
