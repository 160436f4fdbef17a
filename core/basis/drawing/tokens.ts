import type { InkName } from "./ink.ts";

/** What a line of a drawing stands for. */
export type Layer =
  | "body"
  | "shade"
  | "wall"
  | "hatch"
  | "sheet"
  | "light"
  | "beam"
  | "axis"
  | "plate"
  | "contour"
  | "dimension"
  | "cut"
  | "mark"
  | "pinhole"
  | "solid"
  | "trim"
  | "guide"
  | "label"
  | "stamp";

/** How a layer is drawn. Widths in mm on paper; on screen `screenWidth` in pixels. */
export interface LayerStyle {
  readonly ink: InkName;
  readonly width: number;
  readonly screenWidth: number;
  readonly dash?: readonly number[];
  readonly fill?: InkName;
  readonly fillOpacity?: number;
}

export const LAYERS: Readonly<Record<Layer, LayerStyle>> = {
  body: { ink: "ink", width: 0.35, screenWidth: 1.25, fill: "kraftPale" },
  shade: { ink: "ink", width: 0.35, screenWidth: 1.25, fill: "line" },
  wall: { ink: "ink", width: 0.35, screenWidth: 1.25 },
  hatch: { ink: "quiet", width: 0.13, screenWidth: 0.6 },
  sheet: { ink: "kraft", width: 0.7, screenWidth: 3 },
  light: { ink: "ray", width: 0.18, screenWidth: 1 },
  beam: { ink: "rayPale", width: 0, screenWidth: 0, fill: "rayPale", fillOpacity: 0.7 },
  axis: { ink: "quiet", width: 0.13, screenWidth: 0.75, dash: [6, 1.5, 1, 1.5] },
  plate: { ink: "ink", width: 0.5, screenWidth: 2.5 },
  contour: { ink: "ray", width: 0.18, screenWidth: 1 },
  dimension: { ink: "ink", width: 0.13, screenWidth: 0.75 },
  cut: { ink: "ink", width: 0.25, screenWidth: 1.25 },
  // Printed and never cut: crosses, rulers, boxes to tick.
  mark: { ink: "ink", width: 0.25, screenWidth: 1.25 },
  pinhole: { ink: "ink", width: 0.25, screenWidth: 1.25 },
  solid: { ink: "ink", width: 0, screenWidth: 0, fill: "ink" },
  trim: { ink: "action", width: 0.25, screenWidth: 1.25, dash: [4, 1.5] },
  guide: { ink: "quiet", width: 0.13, screenWidth: 0.75, dash: [1, 1] },
  label: { ink: "ink", width: 0, screenWidth: 0 },
  stamp: { ink: "kraft", width: 0, screenWidth: 0 },
};

/** Font families by use. */
export const TYPE = {
  plain: '"Barlow", "Liberation Sans", Arial, sans-serif',
  stamp: '"Barlow Condensed", "Liberation Sans Narrow", Arial, sans-serif',
} as const;
