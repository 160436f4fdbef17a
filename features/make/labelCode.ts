import { encode } from "uqr";
import type { Camera } from "../../core/camera/container/index.ts";
import { labelPath } from "../../workers/codecs/designLink.ts";

/** The code of a camera's label, dark where true: its address, for its maker the camera, for anybody else its design. */
export function labelCode(camera: Camera): readonly (readonly boolean[])[] {
  return encode(`${window.location.origin}${labelPath(camera)}`, { border: 0, ecc: "M" }).data;
}
