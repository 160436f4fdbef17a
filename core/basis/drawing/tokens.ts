/** The colours of a workshop drawing on card, for screen (light and dark) and paper alike; sRGB. */
export const INK = {
  light: {
    card: "#fbf9f3",
    board: "#efe9dc",
    ink: "#1d1b18",
    quiet: "#59544a",
    line: "#c9c0ae",
    kraft: "#7a5228",
    kraftPale: "#e8d9c1",
    tape: "#22211f",
    onTape: "#f6f1e6",
    action: "#b3261e",
    onAction: "#ffffff",
    ray: "#226a9b",
    rayPale: "#cfe6f4",
    good: "#38653a",
  },
  dark: {
    card: "#1c1b19",
    board: "#131211",
    ink: "#f1ebde",
    quiet: "#b5ad9e",
    line: "#48443c",
    kraft: "#d9ac78",
    kraftPale: "#3d3226",
    tape: "#0a0a09",
    onTape: "#f1ebde",
    action: "#ff8a7e",
    onAction: "#1c0705",
    ray: "#7cc3ef",
    rayPale: "#1d3a4c",
    good: "#9cc79a",
  },
  /** For use beside a safelight: red alone, so that green and blue are 0 in every one. */
  red: {
    card: "#1e0000",
    board: "#0c0000",
    ink: "#ff0000",
    quiet: "#d60000",
    line: "#5c0000",
    kraft: "#e80000",
    kraftPale: "#400000",
    tape: "#000000",
    onTape: "#ff0000",
    action: "#ff0000",
    onAction: "#0c0000",
    ray: "#ec0000",
    rayPale: "#3a0000",
    good: "#e80000",
  },
} as const;

export type InkName = keyof (typeof INK)["light"];
/** The inks of one theme. */
export type Inks = (typeof INK)[keyof typeof INK];

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
