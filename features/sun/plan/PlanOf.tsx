import { useCallback, useMemo, useState } from "react";
import { Link } from "react-router";
import { mediumById } from "../../../catalogue/media.ts";
import { lastWhere, once } from "../../../core/basis/numeric/index.ts";
import {
  type Camera,
  fieldValue,
  lidLeavesHole,
  refusal,
  settled,
  withField,
} from "../../../core/camera/container/index.ts";
import { contrastOf, idealAt } from "../../../core/camera/holeToMake/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import type { HorizonPoint, SunAim, SunFix } from "../../../core/sun/index.ts";
import { Choice } from "../../../ui/controls/Choice.tsx";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { TextEntry } from "../../../ui/controls/entries/TextEntry.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { EditButtons } from "../../../ui/edits/EditButtons.tsx";
import { putAway } from "../../../ui/edits/undoable.ts";
import { useCameraEdits } from "../../../ui/edits/useCameraEdits.ts";
import { useRecordEdits } from "../../../ui/edits/useRecordEdits.ts";
import { useUndo } from "../../../ui/edits/useUndo.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { useRested } from "../../../ui/page/useRested.ts";
import { limitWords } from "../../../wording/limits.ts";
import { FIRST_SKY } from "../../../workers/jobs/sun/skies.ts";
import { trailName } from "../SunPages.tsx";
import { useRequest } from "../useRequest.ts";
import { AimPanel } from "./AimPanel.tsx";
import { DaysPanel } from "./DaysPanel.tsx";
import type { FanView } from "./drawFan.ts";
import { FanCanvas } from "./FanCanvas.tsx";
import { HorizonPanel } from "./HorizonPanel.tsx";
import { HoursChart } from "./HoursChart.tsx";
import { SitePanel } from "./SitePanel.tsx";
import { type OfferedFix, SunVerdicts } from "./SunVerdicts.tsx";
import { TrailView } from "./TrailView.tsx";
import { useFan } from "./useFan.ts";

/** A hole that can be moved by less than this, mm, is left where it is. */
const LEAST_LIFT = 2;
/** No container is higher, mm. */
const FARTHEST_LIFT = 1000;
/** The one thing of its camera that a plan changes. */
const HOLE_HEIGHT = ["hole height"] as const;
const OPEN: readonly HorizonPoint[] = [];
const VIEWS = [
  { id: "sky", name: "as the sky stands" },
  { id: "sheet", name: "as the sheet lies" },
] as const;

/** One plan: what is known at the left, the sheet with its fan in the middle, what is to be said at the right. */
export function PlanOf({
  stored,
  storedCamera,
  cameras,
}: {
  readonly stored: Trail;
  readonly storedCamera: Camera;
  readonly cameras: readonly Camera[];
}) {
  const { record: trail, edit, undoable } = useRecordEdits("trails", stored);
  const hand = useCameraEdits(storedCamera);
  // What the Bench did to the camera is taken back there.
  const { undo, redo } = useUndo([undoable, { ...hand.undoable, labels: HOLE_HEIGHT }]);
  const { camera } = hand;
  const [view, setView] = useState<FanView>("sky");
  const [seed, setSeed] = useState(FIRST_SKY);
  const words = useLengthWords();
  const request = useRequest(trail, camera);
  const { fan, failed } = useFan(request, seed);
  const aimAt = useCallback((aim: SunAim, stroke?: string) => edit((before) => ({ ...before, aim }), stroke), [edit]);
  const take = useCallback((part: Partial<Trail>) => edit((before) => ({ ...before, ...part })), [edit]);
  const takeSite = useCallback((site: Trail["site"]) => take({ site }), [take]);
  const takeHorizon = useCallback((horizon: readonly HorizonPoint[]) => take({ horizon }), [take]);
  const otherSky = useCallback(() => setSeed((before) => before + 1), []);
  // A chart is too slow to follow a hand: it waits until that rests.
  const rested = useRested(fan?.report ?? null, false);
  const options = useMemo(() => cameras.map(({ id, name }) => ({ id, name })), [cameras]);
  const above = fieldValue(camera, "hole.above");
  const holeAt = (mm: number): Camera => withHoleAt(camera, mm);
  const raised = (by: number): Camera => withHoleAt(camera, (above ?? 0) + by);
  const holeAbove = (mm: number | null): string | null => {
    if (mm === null) return "A height is needed.";
    const limit = refusal(holeAt(mm), "hole.above");
    if (limit !== null) return limitWords(limit, words);
    hand.edit(HOLE_HEIGHT[0], () => holeAt(mm));
    return null;
  };
  // Pulled further than the design allows, the hole stays where it is.
  const pullHole = (mm: number): void => void holeAbove(mm);
  // An aim that is dragged asks for other heights, frame by frame; how far this hole can go it does not change.
  const reach = useMemo(() => holeReach(camera), [camera]);
  const within = (fix: SunFix): OfferedFix | null => {
    if (fix.kind === "aim" || reach.holds(fix.by)) return { ...fix, isPart: false };
    const by = fix.by > 0 ? reach.up() : reach.down();
    return Math.abs(by) < LEAST_LIFT || Math.abs(by) >= Math.abs(fix.by) ? null : { kind: "hole", by, isPart: true };
  };
  const apply = (fix: SunFix): void => {
    if (fix.kind === "aim") aimAt(fix.aim);
    else {
      hand.edit(HOLE_HEIGHT[0], () => raised(fix.by));
      notify(`The hole of ${camera.name} is ${words(Math.abs(fix.by))} ${fix.by > 0 ? "higher" : "lower"} now.`);
    }
  };
  return (
    <div className="grid gap-x-6 gap-y-4 lg:grid-cols-[15.5rem_minmax(0,1fr)] xl:grid-cols-[15.5rem_minmax(0,1fr)_17rem]">
      <div className="grid content-start gap-3" data-plan-entries>
        <TextEntry
          label="Called"
          value={trail.name ?? ""}
          placeholder={trailName({ ...trail, name: "" })}
          onChange={(event) => edit((before) => ({ ...before, name: event.target.value }), "name")}
        />
        <Choice
          label="Camera"
          value={camera.id}
          options={options}
          onChoose={(cameraId) => edit((before) => ({ ...before, cameraId }))}
        />
        <DaysPanel from={trail.from} to={trail.to} onDays={take} />
        <SitePanel site={trail.site} onSite={takeSite} />
        {above !== null && (
          <LengthField label="Hole above the bottom" name="hole-above" value={above} onTake={holeAbove} />
        )}
        <AimPanel aim={trail.aim} onAim={aimAt} site={trail.site} />
      </div>
      <div className="grid min-w-0 content-start gap-4 max-lg:order-first">
        <Panel
          title="The sheet with its fan"
          aside={<Segments label="Seen" value={view} options={VIEWS} className="text-[0.87rem]" onChoose={setView} />}
        >
          <FanCanvas
            request={request}
            fan={fan}
            view={view}
            hole={above === null ? null : { above, words, onAbove: pullHole, onHold: hand.hold }}
            onAim={aimAt}
          />
          <p className="text-[0.87rem] text-quiet">
            {failed ??
              `Blue: recorded. Grey: beside the sheet or cut off. Each line is a day${(request.everyDays ?? 1) > 1 ? ` of ${request.everyDays}` : ""}. Take hold of the sheet to turn and lean the camera, of the ring beside it to move the hole.`}
          </p>
        </Panel>
        <HoursChart report={rested} onOtherSky={otherSky} />
      </div>
      <div className="grid content-start gap-4 lg:col-span-2 lg:grid-cols-2 xl:col-span-1 xl:grid-cols-1">
        <SunVerdicts
          fan={fan}
          request={request}
          timeZone={trail.site.timeZone}
          within={within}
          fixName={(fix) => fixName(fix, words)}
          onFix={apply}
        />
        <TrailView request={request} seed={seed} view={view} />
        <HorizonPanel horizon={trail.horizon ?? OPEN} onHorizon={takeHorizon} />
        <div className="flex flex-wrap items-center gap-3">
          <EditButtons undo={undo} redo={redo} />
          <Link to={`/cameras/${encodeURIComponent(camera.id)}`} className="underline">
            To the Bench
          </Link>
          <button
            type="button"
            className="min-h-9 text-quiet underline"
            onClick={() => void putAway(undoable, `The plan ${trailName(trail)} is deleted.`)}
          >
            Delete this plan
          </button>
        </div>
      </div>
    </div>
  );
}

function withHoleAt(camera: Camera, mm: number): Camera {
  const next = withField(camera, "hole.above", mm);
  return settled(next, mediumById(next.chambers[0].film.medium), idealAt(contrastOf(next)));
}

/** How far a hole can be raised and lowered, whole mm: to where the design would refuse it, or it lay under its cap. */
function holeReach(camera: Camera) {
  const above = fieldValue(camera, "hole.above") ?? 0;
  const holds = (by: number): boolean => {
    const moved = withHoleAt(camera, above + by);
    return refusal(moved, "hole.above") === null && lidLeavesHole(moved);
  };
  const farthest = (by: number): number => Math.trunc(lastWhere(holds, 0, by, 0.5));
  return { holds, up: once(() => farthest(FARTHEST_LIFT)), down: once(() => farthest(-FARTHEST_LIFT)) };
}

function fixName(fix: OfferedFix, words: (mm: number) => string): string {
  if (fix.kind === "hole")
    return `${fix.by > 0 ? "Raise" : "Lower"} the hole by ${words(Math.abs(fix.by))}${fix.isPart ? ", as far as it goes" : ""}`;
  const { azimuth, elevation = 0 } = fix.aim;
  return `Aim at ${Math.round(azimuth)}°, ${lean(elevation)}`;
}

function lean(elevation: number): string {
  if (elevation === 0) return "level";
  return `leaning ${Math.abs(Math.round(elevation))}° ${elevation > 0 ? "back" : "forward"}`;
}
