export { type FinderAnswer, type FinderQuestion, find } from "./find.ts";
export type { Face, Found, Layout, Merits, Wish } from "./layout.ts";
export { layoutSketch } from "./sketch.ts";
export { withLayout } from "./withLayout.ts";
