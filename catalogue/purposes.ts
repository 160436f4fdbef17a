import type { Purpose } from "../core/camera/container/index.ts";

/** What a camera can be for, as it is chosen. */
export const PURPOSES: readonly { readonly id: Purpose; readonly name: string }[] = [
  { id: "picture", name: "a picture" },
  { id: "trail", name: "weeks or months of sun" },
];
