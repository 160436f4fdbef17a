import { failure, type Result, success } from "../../basis/units/index.ts";
import { crossChecks, type Fault, type SolveRequest } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { solveSchema } from "../generated/solve.js";

/**
 * Checks a request of `POST /api/solve` against its schema and the rules between fields.
 *
 * @param data parsed JSON
 * @returns the request, or every fault with its JSON Pointer
 * @example parseSolve({ hole: { diameter: "0.3" } }).ok // false
 */
export function parseSolve(data: unknown): Result<SolveRequest, readonly Fault[]> {
  const faults = schemaFaults(solveSchema, data);
  if (faults.length > 0) return failure(faults);
  const request = data as SolveRequest;
  const crossed = crossChecks(request);
  return crossed.length > 0 ? failure(crossed) : success(request);
}
