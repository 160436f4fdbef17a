import { fromSrgb, toSrgb } from "../../../../core/basis/pictureValues/index.ts";
import type { Negative } from "../../../../core/document/index.ts";
import type { Medium } from "../../../../core/light/exposure/index.ts";
import { processFilm } from "../../../../core/negative/index.ts";
import { fileName, saveFile } from "../../../../ui/files/saveFile.ts";
import { isoWithOffset } from "../../../../ui/format/localTime.ts";
import { notify } from "../../../../ui/notices/notify.ts";
import { picturePdfClient } from "../../../../workers/jobs/picturePdf/picturePdf.client.ts";
import { askProof } from "../../askProof.ts";
import { bytesOfCanvas } from "../../canvasFile.ts";
import { sheetWords } from "../../negativeName.ts";
import { drawnBytes } from "../../paintDrawn.ts";
import { tonesOf } from "../tonesOf.ts";
import { linesOf } from "../useDrawing.ts";

/** Pixels an inch of what is printed, and white round it, mm. */
const DPI = 300;
const ROUND = 12;

/** Saves a sheet of film to print from: at the negative's own size, mirrored tones, with the process's curve in it. */
export async function saveFilmPositive(negative: Negative, paper: Medium): Promise<void> {
  const { width: mm } = negative.settings.sheet;
  const settings = { ...negative.settings, output: { width: Math.round((mm / 25.4) * DPI) } };
  const drawn = await askProof(negative, {
    kind: "draw",
    settings,
    spots: negative.finish?.spots ?? [],
    lines: settings.sharpen ? linesOf(negative) : null,
  });
  if (!drawn.ok) {
    notify(drawn.error ?? "given up", { urgent: true });
    return;
  }
  const { report } = drawn.value;
  const image = drawnBytes(report, tonesOf(report.tones, negative));
  const table = Uint8Array.from({ length: 256 }, (_, value) =>
    Math.round(255 * toSrgb(processFilm(paper.density, fromSrgb(value / 255)))),
  );
  for (let i = 0; i < image.data.length; i += 4) {
    for (let k = 0; k < 3; k++) image.data[i + k] = table[image.data[i + k] as number] as number;
  }
  const canvas = new OffscreenCanvas(report.width, report.height);
  canvas.getContext("2d")?.putImageData(image, 0, 0);
  const height = (mm * report.height) / report.width;
  const made = await picturePdfClient.run({
    pages: [
      {
        width: mm + 2 * ROUND,
        height: height + 2 * ROUND,
        items: [
          { kind: "picture", x: ROUND, y: ROUND, width: mm, height, file: await bytesOfCanvas(canvas, "image/png") },
          { kind: "line", from: [ROUND, ROUND + height + 4], to: [ROUND + 50, ROUND + height + 4] },
          { kind: "words", x: ROUND, y: ROUND + height + 8, size: 3, words: "50 mm: measure it. No scaling." },
        ],
      },
    ],
    title: "Film positive",
    createdAt: isoWithOffset(new Date()),
  });
  if (made.ok) saveFile(fileName(`film positive ${sheetWords(negative)}`, ".pdf"), made.value, "application/pdf");
  else notify(made.error.message, { urgent: true });
}
