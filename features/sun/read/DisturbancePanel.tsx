import { useEffect, useState } from "react";
import type { Quad } from "../../../core/basis/plane/index.ts";
import type { Disturbance, SunRequest } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Segments } from "../../../ui/controls/Segments.tsx";
import { daysOut } from "../../../ui/format/dayAfter.ts";
import { sayDay } from "../../../ui/format/sayDay.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { askTrail, placesOf } from "./askTrail.ts";
import type { StandId } from "./standsOf.ts";

/** Whether the camera was knocked or shut on the way: looked for on the sheet, told, and taken back. */
export function DisturbancePanel({
  picture,
  corners,
  request,
  disturbance,
  stand,
  isFitted,
  onDisturbance,
  onStand,
}: {
  readonly picture: string;
  readonly corners: Quad;
  /** As it stood in its first days, and all its days. */
  readonly request: SunRequest;
  readonly disturbance: Disturbance | null;
  readonly stand: StandId;
  readonly isFitted: boolean;
  readonly onDisturbance: (disturbance: Disturbance | null) => void;
  readonly onStand: (stand: StandId) => void;
}) {
  const [share, setShare] = useState<number | null>(null);
  const [nothing, setNothing] = useState(false);
  const [job, setJob] = useState<AbortController | null>(null);
  useEffect(() => () => job?.abort(), [job]);
  const look = async (): Promise<void> => {
    const end = new AbortController();
    setJob(end);
    setShare(0);
    const order = { kind: "disturbance", corners: placesOf(corners), request } as const;
    const done = await askTrail(picture, order, { signal: end.signal, onProgress: setShare });
    setShare(null);
    if (!done.ok) {
      if (done.error !== null) notify(done.error, { urgent: true });
      return;
    }
    setNothing(done.value.disturbance === null);
    onDisturbance(done.value.disturbance);
  };
  return (
    <Panel title="On the way">
      <p className="text-[0.93rem]" data-disturbance={disturbance?.kind ?? (nothing ? "none" : "unknown")}>
        {disturbance !== null ? said(disturbance) : nothing ? "No sign that it was knocked or shut." : HOW}
      </p>
      {disturbance?.kind === "moved" && (
        <Segments
          label="Its tracks"
          value={stand}
          options={[
            { id: "first", name: "before" },
            { id: "later", name: "after" },
          ]}
          className="mt-2"
          onChoose={onStand}
        />
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {disturbance === null ? (
          <Button disabled={!isFitted || share !== null} onClick={() => void look()}>
            {share === null ? "Look for a knock or a shut can" : `Looking: ${Math.round(100 * share)} %`}
          </Button>
        ) : (
          <Button look="quiet" className="-ml-3" onClick={() => onDisturbance(null)}>
            It was not so
          </Button>
        )}
        {share !== null && <Button onClick={() => job?.abort()}>Stop</Button>}
      </div>
    </Panel>
  );
}

const HOW =
  "If it was knocked, the horizon is there twice, and no aim fits both the first and the last day. Fit with points of the first day and its horizon only, then look.";

function said(disturbance: Disturbance): string {
  if (disturbance.kind === "shut") {
    const { from, to } = disturbance;
    return `No light came in from about ${sayDay(from)} to ${sayDay(to)}: ${daysOut(from, to)} days are lost, and are left out of the diary.`;
  }
  const { azimuth, elevation = 0 } = disturbance.aim;
  return `From about ${sayDay(disturbance.date)} on it looked elsewhere: towards ${azimuth.toFixed(0)}°, leaned back ${elevation.toFixed(0)}°, within some degrees. Choose “after”, set points there and fit it too.`;
}
