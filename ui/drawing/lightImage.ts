import { toSrgb } from "../../core/basis/pictureValues/index.ts";
import { UNSEEN, type ViewInFrame } from "../../core/viewfinder/index.ts";
import { greyPixel } from "./greyPixel.ts";

/** Light as the pixels of a picture in grey; clear where nothing was seen. */
export function lightImage({ width, height, luminance }: ViewInFrame): ImageData {
  const image = new ImageData(width, height);
  const pixels = new Uint32Array(image.data.buffer);
  for (let i = 0; i < pixels.length; i++) {
    const light = luminance[i] as number;
    if (light !== UNSEEN) pixels[i] = greyPixel(Math.round(255 * toSrgb(light)));
  }
  return image;
}
