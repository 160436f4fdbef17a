import type { Inks } from "../../../../core/basis/drawing/index.ts";
import {
  fresnelScale,
  type ResolutionCurve,
  type Setting,
  schools,
  toFrequency,
} from "../../../../core/light/hole/index.ts";
import { axis, GRID, lineOf } from "../../../../ui/drawing/chartStyle.ts";

/** The curve of one band of light at one distance: diameters in mm, detail in line pairs per mm. */
export interface PlacedCurve {
  readonly points: readonly (readonly [diameter: number, detail: number])[];
  readonly best: readonly [diameter: number, detail: number];
  readonly band95: readonly [number, number];
  readonly band90: readonly [number, number];
}

/** A scaled curve brought to a distance: d = c·√(λ̄z′), ν = n/((1 + z/u)·√(λ̄z′)). */
export function placedCurve(curve: ResolutionCurve, setting: Setting): PlacedCurve {
  const scale = fresnelScale(setting);
  const place = ([c, n]: readonly [number, number]): readonly [number, number] => [c * scale, toFrequency(n, setting)];
  const ends = ([low, high]: readonly [number, number]): readonly [number, number] => [low * scale, high * scale];
  return {
    points: curve.points.map(place),
    best: place(curve.best),
    band95: ends(curve.band95),
    band90: ends(curve.band90),
  };
}

/** Detail of a diameter on the curve, by straight lines between its points. */
export function detailAt({ points }: PlacedCurve, diameter: number): number {
  const right = points.findIndex(([d]) => d >= diameter);
  const [a, b] = [points[Math.max(0, right - 1)], points[right === -1 ? points.length - 1 : right]];
  if (a === undefined || b === undefined || a[0] === b[0]) return b?.[1] ?? 0;
  return a[1] + ((b[1] - a[1]) * (diameter - a[0])) / (b[0] - a[0]);
}

/** The chart of resolution against diameter with the rules as points on it. */
export function curveOption(
  curve: PlacedCurve,
  rules: readonly (readonly [name: string, diameter: number])[],
  ink: Inks,
  words: (mm: number) => string,
): Readonly<Record<string, unknown>> {
  const band = ([low, high]: readonly [number, number]): unknown => [{ xAxis: low }, { xAxis: high }];
  const last = curve.points.at(-1)?.[0] ?? 1;
  return {
    grid: GRID,
    xAxis: axis(ink, "diameter of the hole, mm", {
      min: curve.points[0]?.[0] ?? 0,
      max: last,
      axisLabel: { color: ink.quiet, fontSize: 12, formatter: (value: number) => value.toFixed(2) },
    }),
    yAxis: axis(ink, "line pairs in a mm", { min: 0, nameGap: 34 }),
    tooltip: {
      trigger: "axis",
      backgroundColor: ink.card,
      borderColor: ink.ink,
      textStyle: { color: ink.ink, fontSize: 12 },
      axisPointer: { lineStyle: { color: ink.quiet } },
      formatter: (found: readonly { readonly value: readonly [number, number] }[]) => {
        const value = found[0]?.value;
        return value === undefined ? "" : `${words(value[0])}: ${value[1].toFixed(2)} line pairs/mm`;
      },
    },
    series: [
      lineOf("detail", curve.points, ink.ray, {
        markArea: {
          silent: true,
          data: [
            [
              { ...(band(curve.band90) as object[])[0], itemStyle: { color: ink.rayPale, opacity: 0.45 } },
              (band(curve.band90) as object[])[1],
            ],
            [
              { ...(band(curve.band95) as object[])[0], itemStyle: { color: ink.rayPale, opacity: 1 } },
              (band(curve.band95) as object[])[1],
            ],
          ],
        },
      }),
      {
        type: "scatter",
        symbol: "rect",
        symbolSize: 7,
        itemStyle: { color: ink.ink },
        label: {
          show: true,
          position: "top",
          color: ink.ink,
          fontSize: 12,
          formatter: ({ data }: { data: { name: string } }) => data.name,
        },
        data: rules.map(([name, diameter], index) => ({
          name,
          value: [diameter, detailAt(curve, diameter)],
          // Neighbours stand close: their names take turns above and below.
          label: { position: index % 2 === 0 ? "top" : "bottom" },
        })),
      },
    ],
  };
}

/** The schools by name at a setting. */
export function schoolPoints(setting: Setting): readonly (readonly [string, number])[] {
  return schools.map(({ name, compute }) => [name, compute(setting)] as const);
}
