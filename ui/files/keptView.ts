import { fromSrgb } from "../../core/basis/pictureValues/index.ts";
import type { KeptView } from "../../core/document/index.ts";
import { type SweptView, UNSEEN, type ViewInFrame } from "../../core/viewfinder/index.ts";
import { pictureFile } from "../../storage/index.ts";
import { lightImage } from "../drawing/lightImage.ts";

/** What was seen through a phone as a picture: grey in sRGB, clear where nothing was seen. `null`: no room for it. */
export async function viewFile(view: SweptView): Promise<File | null> {
  const canvas = new OffscreenCanvas(view.width, view.height);
  const context = canvas.getContext("2d");
  if (context === null) return null;
  context.putImageData(lightImage(asSeen(view)), 0, 0);
  return new File([await canvas.convertToBlob({ type: "image/png" })], "what was seen.png", { type: "image/png" });
}

/** What was seen, as it was kept; `null`: its picture is not in this browser, or is none. */
export async function readView({ picture, across }: Pick<KeptView, "picture" | "across">): Promise<SweptView | null> {
  const file = await pictureFile(picture);
  const image = file === null ? null : await createImageBitmap(file).catch(() => null);
  if (image === null) return null;
  const { width, height } = image;
  const context = new OffscreenCanvas(width, height).getContext("2d");
  context?.drawImage(image, 0, 0);
  image.close();
  const data = context?.getImageData(0, 0, width, height).data;
  if (data === undefined) return null;
  const luminance = Float32Array.from({ length: width * height }, (_, i) => fromSrgb((data[4 * i] as number) / 255));
  const seen = Uint8Array.from({ length: width * height }, (_, i) => (data[4 * i + 3] === 255 ? 1 : 0));
  return { width, height, across, luminance, seen };
}

/** What was seen as a picture by itself, as it lies round the camera's axis. */
export function asSeen({ width, height, luminance, seen }: SweptView): ViewInFrame {
  return { width, height, luminance: luminance.map((light, i) => (seen[i] === 1 ? light : UNSEEN)) };
}
