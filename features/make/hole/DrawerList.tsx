import { drawer } from "../../../catalogue/drawer.ts";
import type { HoleAnswer } from "../../../core/make/holeScan/index.ts";
import { sampleArea } from "../../../core/simulate/flatbed/index.ts";
import { Check } from "../../../ui/controls/Check.tsx";
import { cx } from "../../../ui/controls/cx.ts";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";

/** What was measured of the plates in the drawer so far, by plate. */
export type DrawerMeasured = Readonly<Record<string, Pick<HoleAnswer, "diameter" | "uncertainty">>>;

/** The six plates to practise on: which one lies on the glass, what was measured of each, and on request the truth. */
export function DrawerList({
  plate,
  onPlate,
  measured,
  truth,
  onTruth,
}: {
  readonly plate: string;
  readonly onPlate: (id: string) => void;
  readonly measured: DrawerMeasured;
  readonly truth: boolean;
  readonly onTruth: (shown: boolean) => void;
}) {
  const words = useLengthWords();
  const count = drawer.filter(({ id }) => measured[id] !== undefined).length;
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.87rem] text-quiet">
        Measure these six: {count} of {drawer.length} done
      </legend>
      <Radios label="Plate in the drawer" value={plate} onChoose={onPlate}>
        <ul className="mt-1">
          {drawer.map(({ id, name, note, sample }) => {
            const answer = measured[id];
            const real = 2 * Math.sqrt(sampleArea(sample) / Math.PI);
            return (
              <li key={id} className="border-line border-b" data-plate={id}>
                <Radio id={id} className={cx("min-h-9 px-1 py-1", id === plate && "bg-kraft-pale font-semibold")}>
                  <span className="flex gap-x-3">
                    <span>{name}</span>
                    <span className="ml-auto tabular-nums">
                      {answer ? `${words(answer.diameter, 3)} ± ${words(answer.uncertainty, 3)}` : "not yet"}
                    </span>
                  </span>
                  <span className="block font-normal text-[0.87rem] text-quiet">
                    {note}
                    {truth && answer && (
                      <span className="block text-ink" data-truth>
                        in truth {words(real, 3)}: {offWords(answer.diameter / real - 1)}; short to long about{" "}
                        {axesRatio(sample)}, {sample.burrs.length} burrs, {sample.dust.length} specks of dust
                      </span>
                    )}
                  </span>
                </Radio>
              </li>
            );
          })}
        </ul>
      </Radios>
      <Check label="Tell me the truth of those I measured" checked={truth} onCheck={onTruth} />
    </fieldset>
  );
}

function offWords(off: number): string {
  if (Math.abs(off) < 0.0005) return "not off at all";
  return `${Math.abs(off * 100).toFixed(1)} % too ${off > 0 ? "large" : "small"}`;
}

/** Short over long axis as it lies on the glass: a tilted plate shows less of one. */
function axesRatio({ axisRatio, tiltDeg }: (typeof drawer)[number]["sample"]): string {
  return (axisRatio * Math.cos((tiltDeg * Math.PI) / 180)).toFixed(2);
}
