import { mediumById } from "../../../catalogue/media.ts";
import { formatFNumber } from "../../../core/basis/units/index.ts";
import {
  type Camera,
  combined,
  type Measurement,
  measurementsOf,
  solveRequest,
} from "../../../core/camera/container/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import {
  type FoundHole,
  foundHole,
  type HoleVerdict,
  holeVerdict,
  sheetReach,
  withSheetAt,
} from "../../../core/make/steps/index.ts";
import { Button } from "../../../ui/Button.tsx";
import { readableTime } from "../../../ui/localTime.ts";
import { Panel } from "../../../ui/Panel.tsx";
import { useLengthWords } from "../../../ui/UnitContext.ts";
import type { Wanted } from "../cutOrder.ts";

const WAY_NAMES: Readonly<Record<string, string>> = {
  scan: "from a picture",
  projection: "projected",
  reticle: "by reticle",
  gauge: "against wires or drills",
};

/** What has been measured so far, all together, and what to do about it. */
export function HoleAsItIs({
  camera,
  hole,
  wanted,
  edit,
}: {
  readonly camera: Camera;
  readonly hole: number;
  readonly wanted: Wanted;
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
}) {
  const words = useLengthWords();
  const own = measurementsOf(camera, hole);
  const found = foundHole(camera, hole);
  if (found === null) {
    return (
      <Panel title="The hole as it is">
        <p className="text-quiet">Not measured yet. Several measurements are combined by their ±.</p>
      </Panel>
    );
  }
  const all = own.at(-1)?.uncertainty == null ? null : combined(own);
  const verdict = verdictOf(camera, hole, wanted, found);
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
          {words(found.diameter, 3)}
          {all && <span className="text-[1.1rem]"> ± {words(all.uncertainty, 3)}</span>}
        </strong>
        <span className="text-quiet">
          {formatFNumber(wanted.result.fNumber)}
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
          onClick={() => edit("move the sheet", (from) => withSheetAt(from, verdict.distance))}
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

function verdictOf(camera: Camera, hole: number, { target, band }: Wanted, found: FoundHole): HoleVerdict {
  const { setting } = opticalModel(solveRequest(camera, mediumById(camera.chambers[0].film.medium), hole));
  const verdict = holeVerdict(found, band, target, setting, sheetReach(camera));
  // Nobody sets a sheet to more than a tenth of a millimetre.
  return verdict.action === "move" ? { ...verdict, distance: Math.round(verdict.distance * 10) / 10 } : verdict;
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
