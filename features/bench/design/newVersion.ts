import type { Camera } from "../../../core/camera/container/index.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";

/** Number, name and time of the next version of a design. */
export function newVersion(
  camera: Camera,
  name = "",
): { readonly id: string; readonly name: string; readonly at: string } {
  const number = (camera.versions?.length ?? 0) + 1;
  return { id: crypto.randomUUID(), name: name.trim() || `Version ${number}`, at: isoWithOffset(new Date()) };
}
