import { useMemo, useState } from "react";
import type { Quad } from "../../../core/basis/plane/index.ts";
import type { Camera } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { sheetInScan } from "../../../core/negative/index.ts";
import type { Disturbance, FitPoint, FittedAim, SunAim, SunRequest } from "../../../core/sun/index.ts";
import { savePicture } from "../../../storage/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { EditButtons } from "../../../ui/edits/EditButtons.tsx";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { sayDay } from "../../../ui/format/sayDay.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { sunClient } from "../../../workers/jobs/sun/sun.client.ts";
import { AimPanel } from "../plan/AimPanel.tsx";
import { useFan } from "../plan/useFan.ts";
import { useRequest, useSame } from "../useRequest.ts";
import { DiaryPanel } from "./DiaryPanel.tsx";
import { DisturbancePanel } from "./DisturbancePanel.tsx";
import { FitPanel } from "./FitPanel.tsx";
import { type SheetMark, SheetWithTracks } from "./SheetWithTracks.tsx";
import { SkyPanel } from "./SkyPanel.tsx";
import { isOfStand, type StandId, standsOf, withAimOf } from "./standsOf.ts";
import { TakeScan } from "./TakeScan.tsx";
import { useSheet } from "./useSheet.ts";

const MARKS = [
  { id: "first", name: "first day" },
  { id: "last", name: "last day" },
  { id: "horizon", name: "horizon" },
  { id: "move", name: "move the tracks" },
  { id: "when", name: "when was that?" },
] as const;
/** One finished sheet: its scan with the computed tracks over it, the fit, the diary. */
export function ReadOf({ stored, camera }: { readonly stored: Trail; readonly camera: Camera }) {
  const { record: trail, edit, undo, redo } = useRecordEdits("trails", stored);
  const [mark, setMark] = useState<SheetMark>("first");
  const [fit, setFit] = useState<FittedAim | null>(null);
  const [times, setTimes] = useState<readonly string[] | null>(null);
  const [standId, setStandId] = useState<StandId>("first");
  const reading = trail.reading ?? null;
  const plan = useRequest(trail, camera);
  const stands = standsOf(trail, plan);
  const stand = stands.find(({ id }) => id === standId) ?? stands[0];
  const stood: SunRequest = useSame(stand.request);
  const whole: SunRequest = useSame({ ...stands[0].request, to: plan.to });
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
  const own = points.filter((point) => isOfStand(point, stand));
  const withPoints = (next: readonly FitPoint[]): void =>
    edit((before) => (before.reading ? { ...before, reading: { ...before.reading, points: next } } : before));
  const begin = (picture: string, name: string): void => {
    edit((before) => ({ ...before, fittedAim: null, reading: { picture, name, points: [] } }));
    setFit(null);
  };
  const take = async (file: File): Promise<void> => {
    const kept = await savePicture(file);
    if (!kept.ok) notify(kept.error.message, { urgent: true });
    else begin(kept.value, file.name);
  };
  const place = (s: number, t: number): void => {
    if (mark === "when") {
      void sunClient.run({ kind: "when", request: stood, place: { s, t } }).then((done) => {
        if (done.ok && done.value.kind === "when") setTimes(done.value.times);
      });
      return;
    }
    const date = mark === "last" ? stood.to : stood.from;
    withPoints([...points, { kind: mark === "horizon" ? "horizon" : "track", s, t, date }]);
  };
  const runFit = async (): Promise<void> => {
    // The first stand is fitted from the plan, the later one from where the knock was found to have left it.
    const from = stand.id === "first" ? plan : stood;
    const done = await sunClient.run({ kind: "fit", request: from, points: own });
    if (!done.ok) notify(done.error.message, { urgent: true });
    if (!done.ok || done.value.kind !== "fit" || done.value.fit === null) return;
    const { fit: found } = done.value;
    setFit(found);
    edit((before) => {
      const aimed = withAimOf(before, stand.id, found.aim);
      // The hole stays where the first days put it.
      return stand.id === "later" || !aimed.reading
        ? aimed
        : { ...aimed, reading: { ...aimed.reading, holeY: found.holeY } };
    });
  };
  const aimAt = (aim: SunAim, stroke?: string): void => edit((before) => withAimOf(before, stand.id, aim), stroke);
  const befell = (disturbance: Disturbance | null): void => {
    setStandId("first");
    edit((before) => (before.reading ? { ...before, reading: { ...before.reading, mishap: disturbance } } : before));
  };
  if (reading === null) return <TakeScan plan={plan} camera={camera.id} onPicture={begin} onFile={take} />;
  const disturbance = reading.mishap ?? null;
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
            <p>Looking for the sheet in its scan …</p>
          ) : (
            <SheetWithTracks
              view={sheet.view}
              lie={lie}
              fan={fan !== null && fan.request.from === stood.from && fan.request.to === stood.to ? fan : null}
              request={stood}
              points={own}
              onPlace={mark === "move" ? null : place}
              onDrop={(point) => withPoints(points.filter((each) => each !== point))}
              onAim={aimAt}
            />
          )}
          <p className="mt-1 text-[0.93rem] text-quiet" data-when>
            {mark === "when"
              ? times === null
                ? "Press a place of the sheet: it tells its time of day and its one or two days."
                : times.length === 0
                  ? "The sun never came there."
                  : times.map((time) => `${sayDay(time.slice(0, 10))}, ${time.slice(11, 16)}`).join(" · ")
              : mark === "move"
                ? "Take hold of the tracks and lay them over those of the sheet; arrow keys turn and lean by a tenth of a degree, with Shift by one."
                : `Press places on the outermost track of ${sayDay(mark === "last" ? stood.to : stood.from)}, and on the horizon. Press a point to remove it.`}
          </p>
        </Panel>
        {lie !== null && (
          <>
            <DiaryPanel
              picture={reading.picture}
              corners={lie.corners}
              request={stood}
              shut={disturbance?.kind === "shut" ? disturbance : null}
              name={reading.name ?? ""}
              isFitted={trail.fittedAim != null}
              off={fit !== null && isSame(fit.aim, stood.aim) ? fit.rms : null}
            />
            <SkyPanel picture={reading.picture} corners={lie.corners} request={stood} />
          </>
        )}
      </div>
      <div className="grid content-start gap-4">
        <FitPanel
          plan={plan.aim}
          stood={trail.fittedAim == null ? null : stood.aim}
          fit={fit !== null && isSame(fit.aim, stood.aim) ? fit : null}
          points={own}
          onFit={() => void runFit()}
        />
        <AimPanel aim={stood.aim} site={trail.site} onAim={aimAt} />
        {lie !== null && (
          <DisturbancePanel
            picture={reading.picture}
            corners={lie.corners}
            request={whole}
            disturbance={disturbance}
            stand={stand.id}
            isFitted={trail.fittedAim != null}
            onDisturbance={befell}
            onStand={setStandId}
          />
        )}
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
function isSame(found: FittedAim["aim"], aim: SunAim): boolean {
  return found.azimuth === aim.azimuth && found.elevation === aim.elevation && found.roll === aim.roll;
}
