import { INK } from "../../core/basis/drawing/index.ts";

/** The drawing's inks as CSS custom properties: one source for page, drawing and print. */
export function inkProperties(theme: keyof typeof INK): Readonly<Record<`--sb-${string}`, string>> {
  return Object.fromEntries(Object.entries(INK[theme]).map(([name, colour]) => [`--sb-${name}`, colour]));
}
