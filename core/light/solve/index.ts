export { crossChecks, filmFaults, holeFaults } from "./crossChecks.ts";
export type { Fault } from "./fault.ts";
export { lightFrom } from "./lightFrom.ts";
export { type OpticalModel, opticalModel, surfaceOf } from "./model.ts";
export { type FilmSpec, type HoleSpec, type LightSpec, SOLVE_DEFAULTS, type SolveRequest } from "./request.ts";
export { type AcrossRay, acrossRay, contrastAcross, type RaySight, sightAt } from "./sight.ts";
export { type SightGrid, sightGrid } from "./sightGrid.ts";
export { type SolveResult, sheetStops, solve } from "./solve.ts";
export type { SolveWarning, WarningCode } from "./warnings.ts";
