import { bilinear } from "../../basis/numeric/index.ts";
import { type Crop, type Finish, tinted } from "../model/finish.ts";
import type { ProofPicture } from "../proof.ts";

/** A finished picture: grey or colour, with opacity, row by row. */
export type FinishedPicture = Omit<ProofPicture, "tones">;

/** A picture that is turned, tinted and cropped as its maker set it; its border is drawn where it is saved. */
export function finishPicture(picture: ProofPicture, finish: Finish): FinishedPicture {
  // As on the screen: left and right change places first, then it is turned; the crop is set on what is seen.
  const facing = finish.mirrored ? mirroredPicture(picture) : picture;
  const turned = finish.turn ? turnedPicture(facing, (finish.turn * Math.PI) / 180) : facing;
  const cropped = finish.crop ? croppedPicture(turned, finish.crop) : turned;
  return finish.tint === undefined || finish.tint === "neutral" || cropped.channels === 4
    ? cropped
    : tintedPicture(cropped, finish);
}

function blank(picture: FinishedPicture, width: number, height: number, channels: 2 | 4): FinishedPicture["data"] {
  const size = width * height * channels;
  return picture.bits === 8 ? new Uint8Array(size) : new Uint16Array(size);
}

/** Turned about its middle, clockwise; what comes in at the corners is empty. */
function turnedPicture(picture: FinishedPicture, angle: number): FinishedPicture {
  const { width, height, channels, data } = picture;
  const out = blank(picture, width, height, channels);
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [x + 0.5 - width / 2, y + 0.5 - height / 2];
      const px = dx * cos + dy * sin + width / 2 - 0.5;
      const py = dy * cos - dx * sin + height / 2 - 0.5;
      const [left, top] = [Math.floor(px), Math.floor(py)];
      if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) continue;
      const [u, v] = [px - left, py - top];
      const from = (top * width + left) * channels;
      for (let k = 0; k < channels; k++) {
        const at = (i: number): number => data[from + i + k] as number;
        const mixed = bilinear(at(0), at(channels), at(width * channels), at((width + 1) * channels), u, v);
        out[(y * width + x) * channels + k] = Math.round(mixed);
      }
    }
  }
  return { ...picture, data: out };
}

function mirroredPicture(picture: FinishedPicture): FinishedPicture {
  const { width, height, channels, data } = picture;
  const out = blank(picture, width, height, channels);
  for (let i = 0; i < width * height; i++) {
    const from = (i - (i % width) + (width - 1 - (i % width))) * channels;
    for (let k = 0; k < channels; k++) out[i * channels + k] = data[from + k] as number;
  }
  return { ...picture, data: out };
}

function croppedPicture(picture: FinishedPicture, crop: Crop): FinishedPicture {
  const { channels, data } = picture;
  const left = Math.min(picture.width - 1, Math.round(crop.left * picture.width));
  const top = Math.min(picture.height - 1, Math.round(crop.top * picture.height));
  const width = Math.max(1, Math.round((1 - crop.right) * picture.width) - left);
  const height = Math.max(1, Math.round((1 - crop.bottom) * picture.height) - top);
  const out = blank(picture, width, height, channels);
  for (let y = 0; y < height; y++) {
    const from = ((top + y) * picture.width + left) * channels;
    out.set(data.subarray(from, from + width * channels), y * width * channels);
  }
  return { ...picture, width, height, data: out };
}

/** Grey in the colour of a tint. */
function tintedPicture(picture: FinishedPicture, { tint = "neutral" }: Finish): FinishedPicture {
  const { width, height, bits, data } = picture;
  const most = bits === 8 ? 255 : 65535;
  const out = blank(picture, width, height, 4);
  for (let i = 0; i < width * height; i++) {
    const colour = tinted(tint, (data[2 * i] as number) / most);
    for (let k = 0; k < 3; k++) out[4 * i + k] = Math.round(most * (colour[k] as number));
    out[4 * i + 3] = data[2 * i + 1] as number;
  }
  return { ...picture, channels: 4, data: out };
}
