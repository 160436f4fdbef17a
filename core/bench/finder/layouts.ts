import { type Camera, cameraKind, type HoleRule } from "../../camera/container/index.ts";
import { type CameraKind, type FinderFamily, kindRecord, kinds } from "../../camera/kinds/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import { type Bare, FAMILIES } from "./families.ts";
import type { Layout } from "./layout.ts";

/** What layouts are made of. */
export interface Stock {
  readonly formats: readonly SheetFormat[];
  /** Plate thicknesses that can be had, mm. */
  readonly plates: readonly number[];
}

const RULES: readonly Layout["rule"][] = ["petzval", "airy", "computed", "rayleigh", "zone"];

/** Every layout of a container but for the hole's size: {@link rulesOf} and plates multiply them. */
export function bareLayouts(camera: Camera, { formats }: Stock): readonly Bare[] {
  const own = kindRecord(cameraKind(camera));
  // Of two kinds whose layouts are alike, the camera's own.
  const families = new Map<FinderFamily, CameraKind>();
  for (const kind of kinds) {
    if (kind.shape !== own.shape || kind.finder === null) continue;
    if (!families.has(kind.finder) || kind.id === own.id) families.set(kind.finder, kind.id);
  }
  return [...families].flatMap(([family, kind]) => FAMILIES[family]({ kind, camera, formats }));
}

/** The rules that give a layout its hole. */
export function rulesOf(): readonly Exclude<HoleRule, "own">[] {
  return RULES;
}
