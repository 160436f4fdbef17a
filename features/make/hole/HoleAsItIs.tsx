import { formatFNumber } from "../../../core/basis/units/index.ts";
import { type Camera, combined, type Measurement, measurementsOf } from "../../../core/camera/container/index.ts";
import { holeFix, type JudgedHole } from "../../../core/camera/holeToMake/index.ts";
import { fNumber } from "../../../core/light/exposure/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { readableTime } from "../../../ui/format/localTime.ts";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { holeVerdictWords } from "../../../wording/make/holeWords.ts";
import { mendWords } from "../../../wording/verdicts.ts";

const WAY_NAMES: Readonly<Record<string, string>> = {
  scan: "from a picture",
  projection: "projected",
  reticle: "by reticle",
  gauge: "against wires or drills",
  made: "as it was meant, not measured",
};

/** What has been measured so far, all together, and what to do about it. */
export function HoleAsItIs({
  camera,
  hole,
  judged,
  edit,
}: {
  readonly camera: Camera;
  readonly hole: number;
  readonly judged: JudgedHole;
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
}) {
  const words = useLengthWords();
  const own = measurementsOf(camera, hole);
  const { found } = judged;
  if (found === null) {
    return (
      <Panel title="The hole as it is">
        <p className="text-quiet">Not measured yet. Several measurements are combined by their ±.</p>
      </Panel>
    );
  }
  const all = own.at(-1)?.uncertainty == null ? null : combined(own);
  const said = holeVerdictWords(judged, words);
  const fix = holeFix(judged, hole);
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
          {formatFNumber(fNumber(judged.toMake.setting.distance, judged.diameter))}
          {all && all.count > 1 ? `, ${all.count} measurements combined` : ""}
        </span>
      </p>
      {all && !all.agree && (
        <p role="status" className="border-kraft border-l-4 pl-2">
          The measurements differ by more than their ±: measure once more, and drop the odd one out.
        </p>
      )}
      <p className="mt-1" data-verdict={judged.verdict.action}>
        <strong className="font-semibold">{said.title}.</strong> {said.sentence}
      </p>
      {fix && (
        <Button look="action" className="mt-2" onClick={() => edit(mendWords(fix.mend, words), fix.apply)}>
          {mendWords(fix.mend, words)}
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
