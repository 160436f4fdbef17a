import { boardOf, type Camera, cameraKind } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { type LoadingStep, mountOf } from "../../camera/mounts/index.ts";
import type { HoldingPlan } from "./holding.ts";
import type { PiecePlan } from "./piece.ts";

/** What writes on the back of any sheet: pencil does not hold on plastic-coated paper. Common practice. */
export const MARKED_WITH = "a soft pen";

/** What fingers see to, by what holds the sheet; a sheet that springs, leans or bows is held by the way it is put in. */
const HELD: Readonly<Record<HoldingPlan["by"], LoadingStep | null>> = {
  tape: "hold",
  magnets: "magnets",
  strips: "strips",
  slot: "slot",
  liner: "liner",
  "a liner a chamber": "liner",
  "its own spring": null,
  "a sloped back": "hold",
  stops: null,
};

/**
 * What is done in the dark to load a camera, in its order: the sheet cut and told from its back, put in as it lies in this
 * kind, held, felt for, shut.
 *
 * @returns names of steps; film that is wound is put in as a roll
 * @source TRADE section 4, common practice
 */
export function loadingStepsOf(camera: Camera, holding: HoldingPlan | null, piece: PiecePlan): readonly LoadingStep[] {
  const kind = cameraKind(camera);
  const { roll } = camera.chambers[0];
  const held = holding === null ? "hold" : HELD[holding.by];
  const { loading } = mountOf(kind);
  // One whose ends stay far from the hole is laid on the far wall.
  const putIn = loading === "gap" && piece.gap === null ? "mark" : loading;
  const several = (camera.set?.count ?? 1) > 1;
  const isDivided = (camera.chambers[0].divider ?? 0) > 0;
  const sheet: readonly LoadingStep[] = [
    ...(piece.offRoll !== null ? (["gauge"] as const) : []),
    ...(piece.cuts.length > 0 ? (["trim"] as const) : []),
    "emulsion",
    "write",
    // Into a liner it goes before the liner goes in.
    ...(held === "liner" ? (["liner"] as const) : [putIn]),
    ...(isDivided ? (["behind"] as const) : []),
    ...(held === null || held === "liner" ? [] : [held]),
    ...(kindRecord(kind).parts.includes("tabs") ? (["tabs"] as const) : []),
  ];
  return [
    ...(camera.chambers.length > 1 ? (["chambers"] as const) : []),
    ...(several ? ([boardOf(camera) === null ? "set" : "tray"] as const) : []),
    ...(roll ? (["roll"] as const) : sheet),
    // Only a sheet whose ends come round to the hole could cover it.
    ...(piece.gap === null ? [] : (["feel"] as const)),
    "lid",
    "collar",
  ];
}
