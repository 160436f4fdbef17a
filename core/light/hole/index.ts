export {
  type BandLine,
  lightBand,
  meanWavelength,
  type ResolutionCurve,
  resolutionCurve,
} from "./band.ts";
export { contrast } from "./contrast.ts";
export { effectiveDistance } from "./effectiveDistance.ts";
export { fresnelScale, type Setting } from "./fresnelScale.ts";
export { type ObliquePupil, obliqueContrast } from "./obliqueContrast.ts";
export { type Optimum, optimum } from "./optimum.ts";
export { resolution, toFrequency } from "./resolution.ts";
export { scaledContrast } from "./scaledContrast.ts";
export { scaledResolution } from "./scaledResolution.ts";
export { rayleigh } from "./schools/rayleigh.ts";
export { schools } from "./schools/registry.ts";
export type { School, SchoolId } from "./schools/school.ts";
