import { INK, TYPE } from "../core/drawing/index.ts";

function declarations(colours: Readonly<Record<string, string>>): string {
  return Object.entries(colours)
    .map(([name, value]) => `--sb-${name}:${value}`)
    .join(";");
}

/** The drawing's tokens as CSS custom properties: one source for page, drawing and print. */
export const tokensCss: string = [
  `:root{${declarations(INK.light)};--sb-type-plain:${TYPE.plain};--sb-type-stamp:${TYPE.stamp}}`,
  `@media (prefers-color-scheme: dark){:root{${declarations(INK.dark)}}}`,
].join("\n");
