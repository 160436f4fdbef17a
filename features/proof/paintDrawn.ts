import { type Finish, MISSING, type TintId, type Tone, tinted, toneTable } from "../../core/negative/index.ts";

/** Exposures of an upright picture, as the worker draws them. */
export interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly planes: readonly Float32Array[];
}

/** A picture's bytes: each plane by its tone; nothing where nothing is known. */
export function drawnBytes(
  { width, height, planes }: Drawn,
  tones: readonly Tone[],
  tint: TintId = "neutral",
): ImageData {
  const image = new ImageData(width, height);
  const pixels = new Uint32Array(image.data.buffer);
  const [first] = planes;
  if (first === undefined) return image;
  const [tone] = tones;
  if (planes.length === 1 && tone !== undefined) {
    const number = toneTable(tone, 255);
    const colours = Uint32Array.from({ length: 256 }, (_, value) => packed(tinted(tint, value / 255)));
    for (let i = 0; i < pixels.length; i++) {
      const log = first[i] as number;
      if (log !== MISSING) pixels[i] = colours[number(log)] as number;
    }
    return image;
  }
  for (const [plane, logs] of planes.entries()) {
    const number = toneTable(tones[plane] ?? (tone as Tone), 255);
    for (let i = 0; i < pixels.length; i++) {
      const log = logs[i] as number;
      if (log === MISSING) continue;
      image.data[4 * i + plane] = number(log);
      image.data[4 * i + 3] = 255;
    }
  }
  return image;
}

function packed([red, green, blue]: readonly [number, number, number]): number {
  const byte = (share: number): number => Math.round(255 * share);
  return ((255 << 24) | (byte(blue) << 16) | (byte(green) << 8) | byte(red)) >>> 0;
}

/** Paints a picture on a canvas of its own size, as it is finished. */
export function paintDrawn(
  canvas: HTMLCanvasElement,
  drawn: Drawn,
  tones: readonly Tone[],
  { tint, mirrored = false }: Pick<Finish, "tint" | "mirrored"> = {},
): void {
  canvas.width = drawn.width;
  canvas.height = drawn.height;
  const context = canvas.getContext("2d");
  if (context === null) return;
  context.putImageData(drawnBytes(drawn, tones, tint), 0, 0);
  if (!mirrored) return;
  context.globalCompositeOperation = "copy";
  context.setTransform(-1, 0, 0, 1, drawn.width, 0);
  context.drawImage(canvas, 0, 0);
}
