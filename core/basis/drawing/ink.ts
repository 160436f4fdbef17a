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
  /** For use beside a safelight: red alone, so that green and blue are 0 in every one; all that is read is 4.5 : 1 and more on card and board (WCAG 2.2, 1.4.3). */
  red: {
    card: "#1e0000",
    board: "#0c0000",
    ink: "#ff0000",
    quiet: "#f20000",
    line: "#5c0000",
    kraft: "#f40000",
    kraftPale: "#400000",
    tape: "#000000",
    onTape: "#ff0000",
    action: "#ff0000",
    onAction: "#0c0000",
    ray: "#f20000",
    rayPale: "#3a0000",
    good: "#f40000",
  },
} as const;

export type InkName = keyof (typeof INK)["light"];
/** The inks of one theme. */
export type Inks = (typeof INK)[keyof typeof INK];
