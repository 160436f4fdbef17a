import { encode as encodeJpeg } from "jpeg-js";
import { scenes } from "../../core/bench/preview/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure, Load } from "../../core/document/index.ts";
import { FULL_SUN_EV } from "../../core/light/exposure/index.ts";
import { flatbedOrder } from "../../features/proof/scan/flatbedOrder.ts";
import { readRaw } from "../../workers/codecs/read/readScan.ts";
import { iccSrgb } from "../../workers/codecs/write/iccSrgb.ts";
import { withJpegFacts } from "../../workers/codecs/write/pictureFacts.ts";
import { scanNegative } from "../../workers/jobs/scanNegative/scanNegative.ts";

/** Fine enough to be judged and hung, and small enough to be shipped: so many pixels of the sheet are drawn and scanned. */
const DRAWN = 620;
const SCANNED = 760;
/** A JPEG of this quality holds a scan's grain. */
const QUALITY = 82;
const NOBODY_WAITS = { report: () => {}, cancelled: () => false } as const;

/** What lies before the hole, and what else fell on the sheet. */
export interface Before {
  readonly scene: string;
  readonly walking: boolean;
  readonly flashes: number;
}

/** A shot's sheet as the made-up flatbed scans it, as a JPEG file. */
export async function scanSheet(
  camera: Camera,
  shot: Exposure,
  loads: readonly Load[],
  { scene, walking, flashes }: Before,
): Promise<Uint8Array<ArrayBuffer>> {
  const order = flatbedOrder({ camera, shot }, loads, shot.id);
  const { width, height } = camera.chambers[0].film;
  const dpi = Math.round((SCANNED * 25.4) / Math.max(width, height));
  const { output } = await scanNegative(
    {
      ...order,
      request: {
        ...order.request,
        scene,
        walking,
        // A scene in the shade gets the time of its own light.
        seconds:
          order.request.seconds * 2 ** (FULL_SUN_EV - (scenes.find(({ id }) => id === scene)?.ev ?? FULL_SUN_EV)),
        flashes: order.request.flashes + flashes,
        pixels: DRAWN,
      },
      dpi,
    },
    NOBODY_WAITS,
  );
  return asJpeg(output, dpi);
}

/** A scan's PNG as a JPEG that says as much: its resolution (readers take less than 100 dpi for unsaid), and that it is sRGB. */
export async function asJpeg(png: Uint8Array<ArrayBuffer>, dpi: number): Promise<Uint8Array<ArrayBuffer>> {
  const read = await readRaw(png);
  if (!read.ok) throw new Error(read.error);
  const { width, height, channels, samples, most } = read.value;
  const data = new Uint8Array(4 * width * height);
  for (let i = 0; i < width * height; i++) {
    for (let channel = 0; channel < 3; channel++) {
      const value = samples[channels * i + (channels < 3 ? 0 : channel)] as number;
      data[4 * i + channel] = Math.round((255 * value) / most);
    }
    data[4 * i + 3] = 255;
  }
  const plain = new Uint8Array(encodeJpeg({ width, height, data }, QUALITY).data);
  return withJpegFacts(plain, NOTHING_TOLD, iccSrgb("colour"), dpi);
}

/** A scanner knows nothing of the camera. */
const NOTHING_TOLD = { camera: "", subject: "", fNumber: null, seconds: null, iso: null, openedAt: null } as const;
