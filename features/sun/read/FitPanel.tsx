import { turnBetween } from "../../../core/basis/units/index.ts";
import type { FitPoint, FittedAim, SunAim } from "../../../core/sun/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";

/** Tracks lie on themselves when the camera turns about the pole: so many points of the horizon tell how far. */
const GROUND = 1;
const LEAST_POINTS = 4;

/** How the camera stood by the points that were set, its ±, and by how much that is not the plan. */
export function FitPanel({
  plan,
  stood,
  fit,
  points,
  onFit,
}: {
  readonly plan: SunAim;
  readonly stood: SunAim | null;
  readonly fit: FittedAim | null;
  readonly points: readonly FitPoint[];
  readonly onFit: () => void;
}) {
  const ground = points.filter(({ kind }) => kind === "horizon").length;
  const enough = points.length >= LEAST_POINTS;
  return (
    <Panel title="How it stood">
      <p data-points>
        {points.length - ground} on tracks, {ground} on the horizon.{" "}
        {!enough
          ? `Set ${LEAST_POINTS} or more, spread over the sheet.`
          : ground < GROUND
            ? "Tracks alone leave one turn open, that about the pole: set one or two on the horizon as well."
            : ""}
      </p>
      <Button look="action" className="mt-2" disabled={!enough} onClick={onFit}>
        Fit the tracks
      </Button>
      {stood !== null && (
        <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-3" data-stood>
          <dt className="text-quiet">Looked at</dt>
          <dd>{said(stood.azimuth, fit?.sd.azimuth)}</dd>
          <dt className="text-quiet">Leaned back</dt>
          <dd>{said(stood.elevation ?? 0, fit?.sd.elevation)}</dd>
          <dt className="text-quiet">Turned</dt>
          <dd>{said(stood.roll ?? 0, fit?.sd.roll)}</dd>
          <dt className="text-quiet">Beside the plan</dt>
          <dd>{moved(plan, stood)}</dd>
          {fit !== null && (
            <>
              <dt className="text-quiet">Points off by</dt>
              <dd>{fit.rms.toFixed(2)} mm</dd>
            </>
          )}
        </dl>
      )}
    </Panel>
  );
}

function said(degrees: number, sd: number | undefined): string {
  return `${degrees.toFixed(1).replace("-", "−")}°${sd === undefined ? "" : ` ± ${sd.toFixed(1)}`}`;
}

function moved(plan: SunAim, stood: SunAim): string {
  const aside = turnBetween(plan.azimuth, stood.azimuth);
  const up = (stood.elevation ?? 0) - (plan.elevation ?? 0);
  return `${Math.abs(aside).toFixed(1)}° to the ${aside < 0 ? "left" : "right"}, ${Math.abs(up).toFixed(1)}° ${up < 0 ? "lower" : "higher"}`;
}
