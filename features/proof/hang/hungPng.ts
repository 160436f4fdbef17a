import type { Negative } from "../../../core/document/index.ts";
import type { HangPlace } from "../../../core/negative/index.ts";
import { bytesOfCanvas } from "../canvasFile.ts";
import type { Hung } from "./useHung.ts";

/** Pixels for a millimetre of a page. */
const PER_MM = 8;

/** Pages as PNGs, as they stand on the screen. */
export async function hungPng(
  places: readonly HangPlace[],
  pictures: ReadonlyMap<string, Hung>,
  hung: readonly Negative[],
  captions: readonly string[],
  page: { readonly width: number; readonly height: number },
  pages: number,
): Promise<readonly Uint8Array<ArrayBuffer>[]> {
  const files: Uint8Array<ArrayBuffer>[] = [];
  for (let number = 0; number < pages; number++) {
    const canvas = new OffscreenCanvas(Math.round(page.width * PER_MM), Math.round(page.height * PER_MM));
    const context = canvas.getContext("2d");
    if (context === null) continue;
    context.fillStyle = "#fff";
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.fillStyle = "#222";
    context.font = `${2.8 * PER_MM}px "Barlow", sans-serif`;
    for (const place of places.filter((each) => each.page === number)) {
      const picture = pictures.get(hung[place.index]?.id ?? "");
      const [x, y, width, height] = [place.x, place.y, place.width, place.height].map((mm) => mm * PER_MM) as [
        number,
        number,
        number,
        number,
      ];
      if (picture !== undefined) {
        const image = new Image();
        image.src = picture.url;
        await image.decode();
        context.drawImage(image, x, y, width, height);
      }
      context.fillText(captions[place.index] ?? "", x, y + height + 4 * PER_MM, width + 4 * PER_MM);
    }
    files.push(await bytesOfCanvas(canvas, "image/png"));
  }
  return files;
}
