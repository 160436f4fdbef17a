import type { Inks } from "../../../../core/basis/drawing/index.ts";
import { MM_PER_NM } from "../../../../core/basis/units/index.ts";
import { type BandLine, obliqueContrast } from "../../../../core/light/hole/index.ts";
import { stopsLost } from "../../../../core/light/rays/index.ts";
import { lightFrom, type OpticalModel, sightAt } from "../../../../core/light/solve/index.ts";
import { axis, GRID, lineOf } from "../../../../ui/drawing/chartStyle.ts";

type Points = readonly (readonly [number, number | null])[];

const STEPS = 60;

/** Contrast against frequency at a sheet place, along s and along t; `null` where the place can't see the hole. */
function contrastAt(
  model: OpticalModel,
  band: readonly BandLine[],
  s: number,
  t: number,
  most: number,
): { readonly along: Points; readonly up: Points } | null {
  const sight = sightAt(model, s, t);
  if (sight === null) return null;
  const radius = model.aperture.diameter / 2;
  const pupil = {
    along: radius * sight.cosAxis,
    across: radius,
    length: sight.length,
    subjectDistance: model.setting.subjectDistance,
  };
  const { a11, a12, a21, a22 } = sight.projection;
  const det = a11 * a22 - a12 * a21;
  const contrast = (fs: number, ft: number): number =>
    band.reduce(
      (sum, { wavelengthNm, share }) =>
        sum +
        share *
          obliqueContrast(pupil, wavelengthNm * MM_PER_NM, (a22 * fs - a21 * ft) / det, (a11 * ft - a12 * fs) / det),
      0,
    );
  const frequencies = Array.from({ length: STEPS + 1 }, (_, i) => (most * i) / STEPS);
  return {
    along: frequencies.map((f) => [f, contrast(f, 0)] as const),
    up: frequencies.map((f) => [f, contrast(0, f)] as const),
  };
}

/** How fine lines may be in the middle and in a corner until their contrast falls to `contrast`; `null` in the dark. */
export function partedLines(
  model: OpticalModel,
  band: readonly BandLine[],
  contrast: number,
  most: number,
): { readonly middle: number | null; readonly corner: number | null } {
  const crossing = (points: Points | undefined): number | null =>
    points?.find(([, value]) => value !== null && value < contrast)?.[0] ?? null;
  const [s, t] = [model.width / 2, model.height / 2];
  const corner = lightFrom([model], 0, s, t) > 0 ? contrastAt(model, band, s, t, most) : null;
  const [along, up] = [crossing(corner?.along), crossing(corner?.up)];
  return {
    middle: crossing(contrastAt(model, band, 0, 0, most)?.along),
    corner: along === null || up === null ? null : Math.min(along, up),
  };
}

/** The chart of contrast in the middle and in a corner of the sheet. */
export function contrastOption(
  model: OpticalModel,
  band: readonly BandLine[],
  resolution: number,
  ink: Inks,
): Readonly<Record<string, unknown>> {
  const most = Math.max(1, 2.4 * resolution);
  const middle = contrastAt(model, band, 0, 0, most);
  const corner = contrastAt(model, band, model.width / 2, model.height / 2, most);
  return {
    grid: GRID,
    xAxis: axis(ink, "line pairs in a mm", {
      min: 0,
      max: most,
      axisLabel: {
        color: ink.quiet,
        fontSize: 12,
        showMaxLabel: false,
        formatter: (value: number) => value.toFixed(1),
      },
    }),
    yAxis: axis(ink, "contrast", { max: 1, nameGap: 34 }),
    series: [
      ...(middle === null ? [] : [lineOf("in the middle", middle.along, ink.ray, named(ink.ray, "middle"))]),
      ...(corner === null
        ? []
        : [
            lineOf("in the corner, along", corner.along, ink.kraft, named(ink.kraft, "corner, along")),
            lineOf("in the corner, up", corner.up, ink.kraft, {
              ...named(ink.kraft, "corner, up"),
              lineStyle: { color: ink.kraft, width: 1.5, type: "dashed" },
            }),
          ]),
    ],
  };
}

/** The chart of stops lost along the sheet's middle line and its diagonal. */
export function fallOffOption(
  models: readonly OpticalModel[],
  divider: number,
  ink: Inks,
): Readonly<Record<string, unknown>> {
  const [first] = models as readonly [OpticalModel, ...OpticalModel[]];
  const { width, height } = first;
  const along = (s: number, t: number): Points =>
    Array.from({ length: 2 * STEPS + 1 }, (_, i) => {
      const share = i / STEPS - 1;
      const lost = stopsLost(lightFrom(models, divider, share * s, share * t));
      return [share * Math.hypot(s, t), lost === null ? null : -lost] as const;
    });
  return {
    grid: GRID,
    xAxis: axis(ink, "mm from the sheet’s middle"),
    yAxis: axis(ink, "stops", {
      max: (value: { max: number }) => Math.max(0.5, Math.ceil(value.max)),
      min: (value: { min: number }) => Math.max(-8, Math.floor(value.min)),
      nameGap: 34,
    }),
    series: [
      lineOf("along the middle", along(width / 2, 0), ink.ray, named(ink.ray, "side to side")),
      lineOf("corner to corner", along(width / 2, height / 2), ink.kraft, named(ink.kraft, "corner to corner")),
    ],
  };
}

function named(color: string, text: string): Readonly<Record<string, unknown>> {
  return { endLabel: { show: false }, itemStyle: { color }, name: text };
}
