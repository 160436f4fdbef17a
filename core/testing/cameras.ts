import { type Camera, type CameraKind, newCamera, settled } from "../container/index.ts";
import { type Optimum, optimum } from "../hole/index.ts";

export const PAPER_LIGHT = { wavelengthNm: 440, iso: 6 } as const;
export const ideal: Optimum = optimum(0.2, 0.95);
export const inMm = (mm: number): string => `${Math.round(mm * 100) / 100} mm`;

const SIZES: Readonly<Record<CameraKind, Readonly<Record<string, number>>>> = {
  "flat-box": { width: 165, height: 118, depth: 70, sheetWidth: 127, sheetHeight: 101.6 },
  "curled-can": { diameter: 66.6, height: 168, sheetWidth: 177.8, sheetHeight: 127 },
  "far-wall-tin": { diameter: 300, height: 215, sheetWidth: 254, sheetHeight: 203.2 },
  canister: { diameter: 29.5, height: 47, sheetWidth: 44.45, sheetHeight: 44.45 },
};

/** A camera of a kind with usual sizes; `more` replaces some. */
export function testCamera(
  kind: CameraKind,
  more: Readonly<Record<string, number | string | boolean | null>> = {},
): Camera {
  const draft = newCamera({
    id: "test",
    name: "Potting-shed tin",
    kind,
    width: 0,
    height: 0,
    depth: 0,
    diameter: 0,
    wall: 1,
    material: "card",
    insideBlack: true,
    sheetWidth: 0,
    sheetHeight: 0,
    format: null,
    trimmed: false,
    medium: "rc-graded",
    plateThickness: 0.05,
    holeAbove: null,
    openingDiameter: null,
    now: "2026-05-01T10:00:00+01:00",
    ...SIZES[kind],
    ...more,
  } as Parameters<typeof newCamera>[0]);
  return settled(draft, PAPER_LIGHT, ideal);
}
