import { focalLengthFromExif } from "../basis/plane/index.ts";
import { scenes, sceneView } from "../bench/preview/index.ts";

/** The size of what a made-up phone sees, pixels. */
export const ROW_SIZE = { width: 640, height: 480 } as const;
/** Focal length of a phone of 26 mm in 35 mm terms, as the page takes one for that nobody calibrated, pixels. */
export const ROW_FOCAL: number = focalLengthFromExif(26, ROW_SIZE.width, ROW_SIZE.height);

/** What such a phone sees of Thistle Row, held straight: grey bytes, rows from the top. */
export function rowSeen(): Uint8Array {
  const { width, height } = ROW_SIZE;
  const across = (2 * Math.atan(width / 2 / ROW_FOCAL) * 180) / Math.PI;
  const [scene] = scenes;
  if (scene === undefined) throw new Error("no scene");
  const { luminance } = sceneView(scene, width, height, across);
  return Uint8Array.from(luminance, (light) => Math.min(255, 255 * (light / 12_000) ** (1 / 2.2)));
}
