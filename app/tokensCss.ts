import { TYPE } from "../core/basis/drawing/index.ts";
import { inkProperties } from "../ui/drawing/inkProperties.ts";

function declarations(properties: Readonly<Record<string, string>>): string {
  return Object.entries(properties)
    .map(([name, value]) => `${name}:${value}`)
    .join(";");
}

/** The drawing's tokens as the page's own, in light, dark and red. On paper it is ink on white, whatever the screen is. */
export function tokensCss(): string {
  return [
    `:root{${declarations(inkProperties("light"))};--sb-type-plain:${TYPE.plain};--sb-type-stamp:${TYPE.stamp}}`,
    `@media screen and (prefers-color-scheme: dark){:root{${declarations(inkProperties("dark"))}}}`,
    `@media screen{:root[data-red]{${declarations(inkProperties("red"))}}}`,
    "@media print{:root{--sb-card:#fff;--sb-board:#fff}}",
  ].join("\n");
}
