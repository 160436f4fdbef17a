import { memo } from "react";
import { formatFNumber, sayTime } from "../../../core/basis/units/index.ts";
import { type Camera, type HoleRule, holeAt, solveRequest, withAim } from "../../../core/camera/container/index.ts";
import { FULL_SUN_EV, sheetTime } from "../../../core/light/exposure/index.ts";
import { resolution, schools } from "../../../core/light/hole/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { LengthField } from "../../../ui/controls/entries/LengthField.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Radio, Radios } from "../../../ui/controls/Radio.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { holeAdvice } from "../../../wording/make/holeWords.ts";
import type { EditDesign, SetField } from "../design/edit.ts";
import type { Reading } from "../readings/reading.ts";

interface RuleRow {
  readonly id: HoleRule;
  readonly name: string;
  readonly diameter: number;
  readonly idea: string;
  readonly source: string;
}

/** The published rules and the computed best hole side by side, with what each would give here. */
export const HoleRules = memo(function HoleRules({
  camera,
  reading,
  hole: at,
  setField,
  onEdit,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
  readonly hole: number;
  readonly setField: SetField;
  readonly onEdit: EditDesign;
}) {
  const words = useLengthWords();
  const { result, medium } = reading;
  const { setting, contrast } = opticalModel(solveRequest(camera, medium, at));
  const hole = holeAt(camera, at);
  const chosen = camera.chambers[0].aim?.rule ?? (hole.diameter === "best" ? "rayleigh" : "own");
  const rows: readonly RuleRow[] = [
    ...schools.map(({ id, name, idea, source }) => ({ id, name, idea, source, diameter: result.best[id] })),
    {
      id: "computed",
      name: "Computed here",
      diameter: result.best.computed,
      idea: `Most detail at ${Math.round(contrast * 100)} % contrast.`,
      source:
        "Largest resolution of the exact diffraction integral (paraxial Fresnel), worked out for this distance and light",
    },
    {
      id: "own",
      name: "My own",
      diameter: hole.diameter === "best" ? result.best.rayleigh : hole.diameter,
      idea: "What you typed.",
      source: "",
    },
  ];
  const choose = (id: string): void => {
    const row = rows.find((each) => each.id === id);
    if (row !== undefined) onEdit(`hole by ${row.name}`, (now) => withAim(now, { rule: row.id }));
  };
  return (
    <Panel
      title="The hole, by rule"
      aside={
        <span className="text-[0.87rem] text-quiet">for {medium.wavelengthNm} nm, the light this medium sees</span>
      }
    >
      <Radios label="Rule for the hole" value={chosen} className="overflow-x-auto" onChoose={choose}>
        <table className="w-full min-w-[44rem] text-left text-[0.93rem]">
          <thead className="text-quiet">
            <tr>
              <th className="py-1 font-normal">Rule</th>
              <th className="text-right font-normal">Hole</th>
              <th className="text-right font-normal">f-number</th>
              <th className="text-right font-normal">Detail</th>
              <th className="text-right font-normal">Full sun</th>
              <th className="pl-5 font-normal">What it asks for, and who says so</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, diameter, idea, source }) => {
              const n = result.focalLength / diameter;
              const detail = resolution(diameter, setting, contrast) / result.bestResolution;
              return (
                <tr
                  key={id}
                  data-rule={id}
                  className={cx("border-line border-t align-top", chosen === id && "bg-kraft-pale")}
                >
                  <td className="whitespace-nowrap py-1.5 pr-3">
                    <Radio id={id} className="min-h-6">
                      {name}
                    </Radio>
                  </td>
                  <td className="whitespace-nowrap py-1.5 text-right font-semibold">{words(diameter, 3)}</td>
                  <td className="whitespace-nowrap py-1.5 pl-3 text-right">{formatFNumber(n)}</td>
                  <td className="whitespace-nowrap py-1.5 pl-3 text-right">{Math.round(100 * detail)} %</td>
                  <td className="whitespace-nowrap py-1.5 pl-3 text-right">
                    {sayTime(sheetTime(FULL_SUN_EV, n, medium))}
                  </td>
                  <td className="py-1.5 pl-5">
                    {id === "own" ? (
                      <div className="max-w-44">
                        <LengthField
                          label="Diameter"
                          name="hole.diameter"
                          digits={3}
                          value={diameter}
                          onTake={(mm) => setField("hole.diameter", mm)}
                        />
                      </div>
                    ) : (
                      <>
                        {idea} <span className="text-[0.83rem] text-quiet">{source}</span>
                      </>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </Radios>
      <p className="mt-2 text-[0.87rem] text-quiet">
        A new camera starts from the computed hole: it draws the most detail at {Math.round(contrast * 100)} % contrast.{" "}
        {holeAdvice(reading.judged, words)} Most makers’ tables have Rayleigh’s, which is larger and quicker; the rules
        are points on one curve.
      </p>
    </Panel>
  );
});
