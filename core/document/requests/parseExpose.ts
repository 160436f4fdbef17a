import { failure, type Result, success } from "../../basis/units/index.ts";
import type { ExposeRequest } from "../../learning/index.ts";
import type { Fault } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { exposeSchema } from "../generated/expose.js";
import { tableFaults } from "../tableFaults.ts";

/**
 * Checks a request of `POST /api/expose` against its schema and the rules within its tables.
 *
 * @param data parsed JSON
 * @returns the request, or every fault with its JSON Pointer
 * @example parseExpose({ fNumber: 226, iso: 6, light: { ev: 15 } }).ok // true
 */
export function parseExpose(data: unknown): Result<ExposeRequest, readonly Fault[]> {
  const faults = schemaFaults(exposeSchema, data);
  if (faults.length > 0) return failure(faults);
  const request = data as ExposeRequest;
  const crossed = [
    ...tableFaults(request.longTime, "/longTime"),
    ...(request.judged ?? []).flatMap(({ longTime }, index) => tableFaults(longTime, `/judged/${index}/longTime`)),
  ];
  return crossed.length > 0 ? failure(crossed) : success(request);
}
