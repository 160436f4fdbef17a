import { Suspense, useEffect, useState } from "react";
import type { Quad } from "../../../core/basis/plane/index.ts";
import {
  type Diary,
  diaryDoubt,
  hoursOfDiary,
  type SunRequest,
  sheetSky,
  trackWidth,
} from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { lazyPart } from "../../../ui/page/lazyPart.tsx";
import type { ShutDays } from "../../../workers/jobs/trailReading/trailReading.ts";
import { askTrail, placesOf } from "./askTrail.ts";
import { DiaryRaster } from "./DiaryRaster.tsx";
import { diaryCsv } from "./diaryCsv.ts";

const DiaryCalendar = lazyPart(() => import("./DiaryCalendar.tsx"));

/** The weather that a sheet tells: by day as a calendar, by day and hour as a raster, as a table to save. */
export function DiaryPanel({
  picture,
  corners,
  request,
  shut,
  name,
  isFitted,
  off,
}: {
  readonly picture: string;
  readonly corners: Quad;
  readonly request: SunRequest;
  readonly shut: ShutDays | null;
  readonly name: string;
  readonly isFitted: boolean;
  /** By how much the tracks miss the points that were set, mm; `null`: not known here. */
  readonly off: number | null;
}) {
  const [diary, setDiary] = useState<{ readonly of: string; readonly read: Diary } | null>(null);
  const asked = JSON.stringify([request, shut]);
  const [share, setShare] = useState<number | null>(null);
  const [job, setJob] = useState<AbortController | null>(null);
  useEffect(() => () => job?.abort(), [job]);
  const read = async (): Promise<void> => {
    const end = new AbortController();
    setJob(end);
    setShare(0);
    const order = { kind: "diary", corners: placesOf(corners), request, shut } as const;
    const done = await askTrail(picture, order, { signal: end.signal, onProgress: setShare });
    setShare(null);
    if (done.ok) setDiary({ of: asked, read: done.value.diary });
    else if (done.error !== null) notify(done.error, { urgent: true });
  };
  const days = diary === null ? [] : hoursOfDiary(diary.read);
  const sunny = days.filter(({ sun }) => sun > 0).length;
  const sum = days.reduce((all, { sun }) => all + sun, 0);
  return (
    <Panel title="The diary of sun and cloud">
      {!isFitted && (
        <p className="mb-2 text-[0.93rem] text-quiet">
          Fit the tracks first: as planned they lie beside those of the sheet, and what is read there is not the
          weather.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <Button look="action" disabled={share !== null} onClick={() => void read()}>
          {share === null ? "Read the weather" : `Reading: ${Math.round(100 * share)} %`}
        </Button>
        {share !== null && <Button onClick={() => job?.abort()}>Stop</Button>}
        {diary !== null && (
          <Button
            onClick={() =>
              saveFile(
                fileName(name || "diary", ".csv"),
                diaryCsv(diary.read, request.site.timeZone),
                "text/csv;charset=utf-8",
              )
            }
          >
            Save as CSV
          </Button>
        )}
      </div>
      {diary !== null && (
        <div className="mt-3 grid gap-3" data-diary={diary.of === asked ? "now" : "before"}>
          <p>
            Tracks on {sunny} of {days.length} days, {Math.round(sum)} hours of sun where the sheet can tell.
            {diary.of !== asked && " The camera’s aim has changed since: read it again."}
          </p>
          <Doubt diary={diary.read} request={request} off={off} />
          <Suspense fallback={<div className="h-44" />}>
            <DiaryCalendar days={days} />
          </Suspense>
          <DiaryRaster diary={diary.read} />
          <p className="text-[0.87rem] text-quiet">
            Each column is a day, each row a time of day by the sun, noon in the middle: blue sun, pale cloud, blank
            where the sheet can’t tell. Near the solstices days lie on each other, and the parting is less sure.
          </p>
        </div>
      )}
    </Panel>
  );
}

/** What the diary can't say: a fit that is worse than a day's step, and days that lie on each other. */
function Doubt({
  diary,
  request,
  off,
}: {
  readonly diary: Diary;
  readonly request: SunRequest;
  readonly off: number | null;
}) {
  const width = trackWidth(sheetSky(request).model, { s: 0, t: 0 });
  const { together, step } = diaryDoubt(diary, width);
  const isCoarse = off !== null && off > step;
  if (!isCoarse && off !== null && together.length === 0) return null;
  return (
    <div role="note" className="border-action border-l-4 pl-3" data-doubt={isCoarse ? "fit" : "days"}>
      {isCoarse && (
        <p>
          The tracks miss the points you set by {off.toFixed(2)} mm; from one day to the next is {step.toFixed(2)} mm.
          So a day may show its neighbour’s weather, and regular stripes are not weather. Set more points, and fit
          again.
        </p>
      )}
      {off === null && (
        <p>
          Laid by eye, nobody knows how well: half a millimetre off is {Math.round(0.5 / Math.max(0.01, step))} days
          here. Fit the tracks to points to know.
        </p>
      )}
      {together.length > 0 && (
        <p>
          Days that can’t be told apart, since their tracks overlap:{" "}
          {together.map(([from, to]) => (from === to ? from : `${from} to ${to}`)).join(", ")}.
        </p>
      )}
    </div>
  );
}
