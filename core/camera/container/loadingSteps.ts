import { kindRecord } from "../kinds/registry.ts";
import type { LoadingStep } from "../lies/lie.ts";
import { lieOf } from "../lies/lieOf.ts";
import type { Camera } from "./camera.ts";
import { cameraKind } from "./cameraKind.ts";

/**
 * What is done in the dark to load a camera of this kind, in its order: the sheet cut and told from its back, put in as it
 * lies in this kind, felt for, shut.
 *
 * @returns names of steps; film that is wound is put in as a roll
 * @source TRADE section 4, common practice
 * @example loadingSteps(can) // ["emulsion", "write", "gap", "tabs", "feel", "lid", "collar"]
 */
export function loadingSteps(camera: Camera): readonly LoadingStep[] {
  const kind = cameraKind(camera);
  const { parts, steps } = kindRecord(kind);
  const { film, roll } = camera.chambers[0];
  const held = steps.includes("holder") ? (camera.making?.choices?.hold === "strips" ? "strips" : "hold") : null;
  const sheet: readonly LoadingStep[] = [
    ...(film.trim ? (["trim"] as const) : []),
    "emulsion",
    "write",
    lieOf(kind).loading,
    ...(held === null ? [] : ([held] as const)),
    ...(parts.includes("tabs") ? (["tabs"] as const) : []),
  ];
  return [
    ...(camera.chambers.length > 1 ? (["chambers"] as const) : []),
    ...(camera.set ? (["tray"] as const) : []),
    ...(roll ? (["roll"] as const) : sheet),
    ...(roll ? [] : (["feel"] as const)),
    "lid",
    "collar",
  ];
}
