import { useEffect, useMemo, useState } from "react";
import {
  type Camera,
  holeAt,
  measuredDiameter,
  solveRequest,
  withAim,
} from "../../../../core/camera/container/index.ts";
import { contrastOf } from "../../../../core/camera/holeToMake/index.ts";
import { DAYLIGHT, LAMPLIGHT, lightBand } from "../../../../core/light/hole/index.ts";
import { opticalModel } from "../../../../core/light/solve/index.ts";
import { LengthField } from "../../../../ui/controls/entries/LengthField.tsx";
import { Segments } from "../../../../ui/controls/Segments.tsx";
import { Chart } from "../../../../ui/drawing/Chart.tsx";
import { useInk } from "../../../../ui/drawing/useInk.ts";
import { useLengthWords } from "../../../../ui/format/UnitContext.ts";
import { Slider } from "../../../../ui/seldom/Slider.tsx";
import { curveClient } from "../../../../workers/jobs/curve/curve.client.ts";
import type { CurveAnswer } from "../../../../workers/jobs/curve/curve.ts";
import type { EditDesign, SetField } from "../../design/edit.ts";
import type { Reading } from "../../readings/reading.ts";
import { ChartMark } from "./ChartMark.tsx";
import { curveOption, detailAt, placedCurve, schoolPoints } from "./curveOption.ts";
import { contrastOption, fallOffOption, partedLines } from "./sheetCharts.ts";

/** From strong contrast to the finest faint detail. */
const STRONGEST = 0.45;
const FAINTEST = 0.06;
const LIGHTS = [
  { id: "day", name: "Daylight", kelvin: DAYLIGHT },
  { id: "lamps", name: "Lamps", kelvin: LAMPLIGHT },
] as const;

/** Behind the rules: detail against diameter, contrast in middle and corner, fall-off; with what to conclude. */
export default function CurvePanel({
  camera,
  reading,
  hole,
  setField,
  onEdit,
}: {
  readonly camera: Camera;
  readonly reading: Reading;
  readonly hole: number;
  readonly setField: SetField;
  readonly onEdit: EditDesign;
}) {
  const ink = useInk();
  const words = useLengthWords();
  const { medium, result } = reading;
  const { aim, divider = null } = camera.chambers[0];
  const contrast = contrastOf(camera);
  const [light, setLight] = useState<(typeof LIGHTS)[number]["id"]>("day");
  const { kelvin } = LIGHTS.find(({ id }) => id === light) ?? LIGHTS[0];
  const [answer, setAnswer] = useState<CurveAnswer | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    const question = { sensitivity: medium.sensitivity, kelvin, contrast };
    void curveClient.run(question, { signal: stop.signal }).then((done) => {
      if (done.ok && !stop.signal.aborted) setAnswer(done.value);
    });
    return () => stop.abort();
  }, [medium, kelvin, contrast]);

  const models = useMemo(
    () => camera.chambers[0].holes.map((_, index) => opticalModel(solveRequest(camera, medium, index))),
    [camera, medium],
  );
  const model = models[hole] ?? models[0];
  const curve = useMemo(
    () =>
      answer === null || model === undefined
        ? null
        : placedCurve(answer.curve, { ...model.setting, wavelengthNm: answer.wavelengthNm }),
    [answer, model],
  );
  const rules = useMemo(() => (model === undefined ? [] : schoolPoints(model.setting)), [model]);
  const option = useMemo(
    () => (curve === null ? null : curveOption(curve, rules, ink, (mm) => words(mm, 3))),
    [curve, rules, ink, words],
  );
  const band = useMemo(() => lightBand(medium.sensitivity, kelvin), [medium, kelvin]);
  const contrasts = useMemo(
    () => (model === undefined ? null : contrastOption(model, band, result.resolution, ink)),
    [model, band, result.resolution, ink],
  );
  const fallOff = useMemo(() => fallOffOption(models, divider ?? 0, ink), [models, divider, ink]);
  if (model === undefined) return null;
  const drawn = holeAt(camera, hole).diameter;
  const planned = drawn === "best" ? result.best.rayleigh : drawn;
  const measured = measuredDiameter(camera, hole);
  const own = measured ?? planned;
  return (
    <div className="grid gap-6" data-curve={answer === null ? "waiting" : "ready"}>
      <div className="grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_17rem]">
        <div className="sheet p-2">
          {option === null || curve === null ? (
            <p className="grid h-80 place-content-center text-quiet">Working out the curve.</p>
          ) : (
            <Chart option={option} label="Finest detail against the hole’s diameter" className="h-80 w-full">
              {(scale) => (
                <>
                  <ChartMark
                    name="Hole to make"
                    value={planned}
                    at={detailAt(curve, planned)}
                    words={words(planned, 3)}
                    step={0.005}
                    scale={scale}
                    filled={false}
                    onMove={(mm) => setField("hole.diameter", mm)}
                  />
                  {measured !== null && (
                    <ChartMark
                      name="Hole as measured"
                      value={measured}
                      at={detailAt(curve, measured)}
                      words={words(measured, 3)}
                      step={0.005}
                      scale={scale}
                      filled
                      onMove={(mm) => setField("hole.measured", mm)}
                    />
                  )}
                </>
              )}
            </Chart>
          )}
        </div>
        <div className="grid content-start gap-3">
          <div>
            <Slider
              label="Contrast to care for"
              low="strong contrast"
              high="finest detail"
              least={FAINTEST}
              most={STRONGEST}
              step={0.01}
              inverted
              value={contrast}
              say={(value) => `${Math.round(100 * value)} % contrast`}
              onSlide={(value) =>
                onEdit("contrast", (now) => withAim(now, { contrast: Math.round(value * 100) / 100 }))
              }
            />
            <p className="text-[0.87rem] text-quiet">
              Two lines count as two at {Math.round(contrast * 100)} % contrast.
            </p>
          </div>
          <LengthField
            label="Subject at"
            name="subjectDistance"
            optional
            hint="Empty: far away. Near things want a smaller hole."
            value={aim?.subjectDistance ?? null}
            onTake={(mm) => {
              if (mm !== null && !(mm >= 0.1 && mm <= 1e9))
                return `From ${words(0.1)} to 1000 km, or empty for far away.`;
              onEdit("subject distance", (now) => withAim(now, { subjectDistance: mm }));
              return null;
            }}
          />
          <Segments label="Light" value={light} options={LIGHTS} onChoose={setLight} />
          {curve && answer && (
            <p data-conclusion>
              From <strong>{words(curve.band95[0], 2)}</strong> to <strong>{words(curve.band95[1], 2)}</strong> you
              can’t see the difference
              {own >= curve.band95[0] && own <= curve.band95[1]
                ? "; yours is among them"
                : `; yours, ${words(own, 2)}, draws ${Math.round((100 * detailAt(curve, own)) / curve.best[1])} % of the best`}
              .
              <span className="mt-1 block text-[0.87rem] text-quiet">
                Over the whole light it sees, {answer.from} to {answer.to} nm, the best is {words(curve.best[0], 3)},
                for {medium.wavelengthNm} nm alone {words(result.best.computed, 3)}. Pale: 95 % and 90 % of the best.
              </span>
            </p>
          )}
        </div>
      </div>
      <div className="grid gap-6 lg:grid-cols-2">
        <figure>
          <div className="sheet p-2">
            {contrasts && (
              <Chart option={contrasts} label="Contrast in the middle and in the corner" className="h-60 w-full" />
            )}
          </div>
          <figcaption className="mt-1 text-[0.87rem] text-quiet">
            {linesWords(partedLines(model, band, contrast, 3 * result.resolution))} Blue: in the middle. Brown: in a
            corner, along the sheet and (dashed) up it; there the hole looks narrower and stands farther away.
          </figcaption>
        </figure>
        <figure>
          <div className="sheet p-2">
            <Chart option={fallOff} label="Light along the sheet" className="h-60 w-full" />
          </div>
          <figcaption className="mt-1 text-[0.87rem] text-quiet">
            Blue: from side to side. Brown: from corner to corner. {fallWords(result.stopsLost.corner)}
          </figcaption>
        </figure>
      </div>
    </div>
  );
}

function linesWords({ middle, corner }: ReturnType<typeof partedLines>): string {
  if (middle === null) return "";
  if (corner === null) return `In the middle ${middle.toFixed(1)} lines in a mm part; a corner stays dark.`;
  return `In the middle ${middle.toFixed(1)} lines in a mm part, in the corner ${corner.toFixed(1)}.`;
}

function fallWords(corner: number | null): string {
  if (corner === null) return "A corner stays dark.";
  if (corner <= 1) return "So little that nobody will see it.";
  return corner <= 2 ? "It shows as a soft darkening." : "The corners come out clearly darker.";
}
