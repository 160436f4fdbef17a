import { TYPE } from "../core/basis/drawing/index.ts";
import { inkProperties } from "../ui/inkProperties.ts";

function declarations(properties: Readonly<Record<string, string>>): string {
  return Object.entries(properties)
    .map(([name, value]) => `${name}:${value}`)
    .join(";");
}

/** The drawing's tokens as the page's own, in light, dark and red. */
export function tokensCss(): string {
  return [
    `:root{${declarations(inkProperties("light"))};--sb-type-plain:${TYPE.plain};--sb-type-stamp:${TYPE.stamp}}`,
    `@media (prefers-color-scheme: dark){:root{${declarations(inkProperties("dark"))}}}`,
    `:root[data-red]{${declarations(inkProperties("red"))}}`,
  ].join("\n");
}
