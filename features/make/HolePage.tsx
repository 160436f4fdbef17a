import { useState } from "react";
import { mediumById } from "../../catalogue/media.ts";
import {
  type Camera,
  cameraBody,
  cameraKind,
  combined,
  foldedSizes,
  type Measurement,
  measuredDiameter,
  measurementsOf,
  solveRequest,
  traitsOf,
  withField,
} from "../../core/container/index.ts";
import type { HoleAnswer } from "../../core/holeScan/index.ts";
import { type HoleVerdict, holeVerdict } from "../../core/making/index.ts";
import { opticalModel } from "../../core/solve/index.ts";
import { formatFNumber } from "../../core/units/index.ts";
import { Button } from "../../ui/Button.tsx";
import { isoWithOffset, readableTime } from "../../ui/localTime.ts";
import { Panel } from "../../ui/Panel.tsx";
import { Segments } from "../../ui/Segments.tsx";
import { useLengthWords } from "../../ui/UnitContext.ts";
import { wantedHole } from "./cutOrder.ts";
import { HoleToMake } from "./hole/HoleToMake.tsx";
import { MeasureFromPicture } from "./hole/MeasureFromPicture.tsx";
import { OtherWays } from "./hole/OtherWays.tsx";
import { ScannerPanel } from "./hole/ScannerPanel.tsx";
import { MakeFrame } from "./MakeHeader.tsx";
import type { MakeData } from "./makeData.ts";
import { useMaking } from "./useMaking.ts";

const WAY_NAMES: Readonly<Record<string, string>> = {
  scan: "from a picture",
  projection: "projected",
  reticle: "by reticle",
  gauge: "against wires or drills",
};

/** The hole: what to make, with what, and what it measures once it is made. */
export function HolePage({ data }: { readonly data: MakeData }) {
  const { camera, failed, edit } = useMaking(data.camera);
  const [hole, setHole] = useState(0);
  const [scan, setScan] = useState<{ readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> } | null>(null);
  const [shape, setShape] = useState<HoleAnswer | null>(null);
  const holes = camera.chambers[0].holes.length;
  const wanted = wantedHole(camera, hole);
  const take = (way: string, sized: Pick<Measurement, "diameter" | "uncertainty">): void => {
    const { diameter, uncertainty } = sized;
    const at = isoWithOffset(new Date());
    edit("measure the hole", (from) => ({
      ...from,
      measurements: [...(from.measurements ?? []), { chamber: 0, hole, diameter, uncertainty, way, at }],
    }));
  };
  return (
    <MakeFrame camera={camera} page="Hole" failed={failed}>
      <div className="mt-4 grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
        <HoleToMake camera={camera} wanted={wanted} edit={edit} />
        <div className="grid min-w-0 content-start gap-6">
          {holes > 1 && (
            <Segments
              label="Which hole"
              name="hole"
              value={String(hole)}
              options={Array.from({ length: holes }, (_, i) => ({ id: String(i), name: `Hole ${i + 1}` }))}
              onChoose={(id) => {
                setHole(Number(id));
                setShape(null);
              }}
            />
          )}
          <Panel title="Measure it from a picture">
            <MeasureFromPicture
              offered={scan}
              onTake={(answer) => {
                setShape(answer);
                take("scan", answer);
              }}
            />
          </Panel>
          <Taken camera={camera} hole={hole} shape={shape} edit={edit} />
          <div className="grid gap-x-8 gap-y-6 md:grid-cols-2">
            <Panel title="Or by other means">
              <OtherWays onTake={take} />
            </Panel>
            <Panel title="Simulated flatbed">
              <ScannerPanel onScan={setScan} />
            </Panel>
          </div>
        </div>
      </div>
    </MakeFrame>
  );
}

/** What has been measured so far, all together, and what to do about it. */
function Taken({
  camera,
  hole,
  shape,
  edit,
}: {
  readonly camera: Camera;
  readonly hole: number;
  readonly shape: HoleAnswer | null;
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
}) {
  const words = useLengthWords();
  const own = measurementsOf(camera, hole);
  const diameter = measuredDiameter(camera, hole);
  if (diameter === null) {
    return (
      <Panel title="The hole as it is">
        <p className="text-quiet">Not measured yet. Several measurements are combined by their ±.</p>
      </Panel>
    );
  }
  const all = own.at(-1)?.uncertainty == null ? null : combined(own);
  const { result } = wantedHole(camera, hole);
  const verdict = verdictOf(camera, hole, diameter, all?.uncertainty ?? 0, shape);
  const drop = (measurement: Measurement): void =>
    edit("drop a measurement", (from) => ({
      ...from,
      measurements: (from.measurements ?? []).filter(
        (each) => each !== measurement && JSON.stringify(each) !== JSON.stringify(measurement),
      ),
    }));
  return (
    <Panel title="The hole as it is">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <strong className="font-semibold text-[2rem] tabular-nums leading-tight" data-measured>
          {words(diameter, 3)}
          {all && <span className="text-[1.1rem]"> ± {words(all.uncertainty, 3)}</span>}
        </strong>
        <span className="text-quiet">
          {formatFNumber(result.fNumber)}
          {all && all.count > 1 ? `, ${all.count} measurements combined` : ""}
        </span>
      </p>
      {all && !all.agree && (
        <p role="status" className="border-kraft border-l-4 pl-2">
          The measurements differ by more than their ±: measure once more, and drop the odd one out.
        </p>
      )}
      <p className="mt-1" data-verdict={verdict.action}>
        <VerdictWords verdict={verdict} />
      </p>
      {verdict.action === "move" && (
        <Button
          look="action"
          className="mt-2"
          onClick={() => edit("move the sheet", (from) => moved(from, verdict.distance))}
        >
          Move the sheet to {words(verdict.distance)}
        </Button>
      )}
      <ul className="mt-3 grid gap-1 text-[0.93rem]">
        {own.map((measurement) => (
          <li
            key={`${measurement.at} ${measurement.diameter}`}
            className="flex flex-wrap items-baseline justify-between gap-x-3 border-line border-b py-0.5"
          >
            <span>
              {words(measurement.diameter, 3)}
              {measurement.uncertainty != null && ` ± ${words(measurement.uncertainty, 3)}`}{" "}
              <span className="text-quiet">
                {WAY_NAMES[measurement.way ?? ""] ?? measurement.way ?? "typed"}
                {measurement.at ? `, ${readableTime(measurement.at)}` : ""}
              </span>
            </span>
            <button type="button" className="min-h-6 underline underline-offset-4" onClick={() => drop(measurement)}>
              Drop
            </button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

function verdictOf(
  camera: Camera,
  hole: number,
  diameter: number,
  uncertainty: number,
  shape: HoleAnswer | null,
): HoleVerdict {
  const { target, band } = wantedHole(camera, hole);
  const { setting } = opticalModel(solveRequest(camera, mediumById(camera.chambers[0].film.medium), hole));
  return holeVerdict(
    { diameter, uncertainty, axisRatio: shape?.axisRatio ?? 1, roughness: shape?.roughness ?? 0 },
    band,
    target,
    setting,
    reachOf(camera),
  );
}

/** The sheet moved: the two boxes slid, or a false back put into a box, which makes it so much shallower. */
function moved(camera: Camera, distance: number): Camera {
  return withField(camera, camera.container.shape === "folded" ? "film.distance" : "container.depth", distance);
}

/** Distances at which the sheet of a camera can stand, mm. */
function reachOf(camera: Camera): readonly [nearest: number, farthest: number] {
  const { container } = camera;
  const { distance } = camera.chambers[0].film;
  if (container.shape === "folded") {
    const { nearest, farthest } = foldedSizes(container);
    return [nearest, farthest];
  }
  if (container.shape !== "box" || traitsOf(cameraKind(camera)).lies !== "on the back") return [distance, distance];
  return [10, cameraBody(camera).depth];
}

function VerdictWords({ verdict }: { readonly verdict: HoleVerdict }) {
  const words = useLengthWords();
  switch (verdict.action) {
    case "keep":
      return verdict.reason === "in band"
        ? "Keep it: it draws as fine as the best."
        : "Keep it: it is off the best by less than a quarter, which few would see.";
    case "sand":
      return verdict.reason === "burrs"
        ? "Sand more: the rim is rough. Fine wet paper on both sides, then measure again."
        : "It is small: sand or turn the needle a little more, and measure again. A small hole is slow and soft, not useless.";
    case "remake":
      return verdict.reason === "oval"
        ? "Make it again: it is plainly oval. Straight in, no wobble, or turn the needle."
        : verdict.reason === "rough"
          ? "Make it again: the rim is torn."
          : "Make it again: it is too large for this depth, and pictures would be soft.";
    case "move":
      return `Keep the hole and move the sheet to ${words(verdict.distance)}: that is the distance this hole suits (in a box, a false back there).`;
    default:
      return verdict satisfies never;
  }
}
