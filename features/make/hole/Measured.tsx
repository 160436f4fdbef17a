import type { HoleAnswer, HoleOutline } from "../../../core/make/holeScan/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { useLengthWords } from "../../../ui/format/UnitContext.ts";
import { HOLE_WARNINGS } from "../../../wording/make/holeScanWords.ts";
import type { HoleReport } from "../../../workers/jobs/hole/holeJob.ts";
import { PictureCanvas } from "./PictureCanvas.tsx";

/** What was measured, with the rim drawn over the hole. */
export function Measured({
  report,
  onTake,
}: {
  readonly report: HoleReport;
  readonly onTake: (answer: HoleAnswer) => void;
}) {
  const words = useLengthWords();
  const { answer, outline, near } = report;
  // That the file does not say what its numbers are stands beside the choice, with both sizes.
  const warnings = (answer?.warnings ?? []).filter((code) => code !== "numbers-unsaid");
  const pixels = (value: number): string => `${value.toFixed(1)} px`;
  const size = (mm: number, px: number): string => (answer === null ? pixels(px) : words(mm, 3));
  const rows: readonly (readonly [name: string, figure: string, why: string])[] = [
    [
      "Diameter",
      `${size(answer?.diameter ?? 0, outline.diameter)} ± ${size(answer?.uncertainty ?? 0, outline.uncertainty)}`,
      "of a circle of the same area, 2√(A/π)",
    ],
    ["Least width", size(answer?.feretLeast ?? 0, outline.feretLeast), "between two parallel lines"],
    ["Greatest width", size(answer?.feretGreatest ?? 0, outline.feretGreatest), "between two parallel lines"],
    ["Circularity", outline.circularity.toFixed(3), "4πA/P²: a circle has 1"],
    ["Short to long axis", outline.axisRatio.toFixed(3), "below 0.8 it is plainly oval"],
    [
      "Rim roughness",
      answer === null ? pixels(outline.roughness) : `${(1000 * answer.roughness).toFixed(1)} µm`,
      "root mean square about the ellipse",
    ],
    ["Burrs, dust", `${outline.burrs.length}, ${outline.dust.length}`, "marked in the picture"],
  ];
  return (
    <div className="grid gap-3 sm:grid-cols-[minmax(0,15rem)_minmax(0,1fr)]">
      {near && (
        <PictureCanvas view={near} label="The hole with the outline that was found">
          <Overlay outline={outline} width={near.width * near.step} />
        </PictureCanvas>
      )}
      <div>
        <dl className="grid grid-cols-[auto_1fr] gap-x-4">
          {rows.map(([name, figure, why]) => (
            <div key={name} className="col-span-2 grid grid-cols-subgrid border-line border-b py-0.5" title={why}>
              <dt className="text-quiet">{name}</dt>
              <dd className="text-right font-semibold tabular-nums" data-figure={name}>
                {figure}
              </dd>
            </div>
          ))}
        </dl>
        {answer === null ? (
          <p className="mt-2">How large is a pixel? Type the resolution below, or set it by a ruler.</p>
        ) : (
          <>
            {warnings.length > 0 && (
              <ul className="mt-2 grid gap-1 text-[0.93rem]">
                {warnings.map((code) => (
                  <li key={code}>{HOLE_WARNINGS[code]}</li>
                ))}
              </ul>
            )}
            <Button look="action" className="mt-2" onClick={() => onTake(answer)}>
              Take this into the design
            </Button>
          </>
        )}
      </div>
    </div>
  );
}

/** The rim, burrs and dust over the picture. */
function Overlay({ outline, width }: { readonly outline: HoleOutline; readonly width: number }) {
  const line = width / 240;
  return (
    <>
      <path
        d={`M${outline.points.map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`).join("L")}Z`}
        fill="none"
        stroke="var(--sb-action)"
        strokeWidth={line}
        data-outline
      />
      {outline.burrs.map(({ x, y }) => (
        <circle key={`b${x} ${y}`} cx={x} cy={y} r={width / 30} fill="none" stroke="var(--sb-ray)" strokeWidth={line} />
      ))}
      {outline.dust.map(({ x, y, size }) => (
        <rect
          key={`d${x} ${y}`}
          x={x - size}
          y={y - size}
          width={2 * size}
          height={2 * size}
          fill="none"
          stroke="var(--sb-ray)"
          strokeWidth={line}
        />
      ))}
    </>
  );
}
