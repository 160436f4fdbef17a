import type { PlateSample, ScanSettings } from "../simulate/flatbed/index.ts";

/** A round hole 0.3 mm wide. */
export const ROUND: PlateSample = { diameter: 0.3, axisRatio: 1, angle: 0, burrs: [], dust: [], tiltDeg: 0 };

/** A clean 16-bit scan at 4800 dpi, 240 px square. */
export const CLEAN: ScanSettings = {
  dpi: 4800,
  bits: 16,
  width: 240,
  height: 240,
  at: { x: 121.3, y: 116.8 },
  blur: 1,
  noise: 0.01,
  uneven: 0,
  light: "behind",
  exposure: 0.85,
  encoding: "linear",
  open: 0,
};
