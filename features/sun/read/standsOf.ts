import type { Trail } from "../../../core/document/index.ts";
import type { FitPoint, SunAim, SunRequest } from "../../../core/sun/index.ts";
import { dayAfter } from "../../../ui/format/dayAfter.ts";

/** Which of its stands a camera is looked at in: that from the first day on, or the one after it was moved. */
export type StandId = "first" | "later";

/** A camera in one of its stands: how it stood, on which days. */
export interface ReadStand {
  readonly id: StandId;
  readonly request: SunRequest;
}

/** The stands of a finished sheet's camera: one, or two where it was moved on the way. */
export function standsOf(
  { fittedAim, reading }: Pick<Trail, "fittedAim" | "reading">,
  plan: SunRequest,
): readonly [ReadStand, ...ReadStand[]] {
  const stood = { ...plan, aim: fittedAim ?? plan.aim, hole: { ...plan.hole, y: reading?.holeY ?? plan.hole.y ?? 0 } };
  const disturbance = reading?.mishap ?? null;
  if (disturbance?.kind !== "moved" || disturbance.date <= plan.from || disturbance.date > plan.to)
    return [{ id: "first", request: stood }];
  return [
    { id: "first", request: { ...stood, to: dayAfter(disturbance.date, -1) } },
    { id: "later", request: { ...stood, aim: disturbance.aim, from: disturbance.date } },
  ];
}

/** A trail with another aim of one of its stands. */
export function withAimOf(trail: Trail, stand: StandId, aim: SunAim): Trail {
  if (stand === "first") return { ...trail, fittedAim: aim };
  const { reading } = trail;
  if (reading?.mishap?.kind !== "moved") return trail;
  return { ...trail, reading: { ...reading, mishap: { ...reading.mishap, aim } } };
}

/** Whether a point was set on a stand's tracks or horizon; points without a day belong to the first. */
export function isOfStand({ date }: FitPoint, { id, request }: ReadStand): boolean {
  return date === undefined ? id === "first" : date >= request.from && date <= request.to;
}
