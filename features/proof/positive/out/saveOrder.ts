import type { Result } from "../../../../core/basis/units/index.ts";
import type { Negative } from "../../../../core/document/index.ts";
import type { PictureFormat } from "../../../../workers/codecs/write/finishedFile.ts";
import type { PictureFacts } from "../../../../workers/codecs/write/pictureFacts.ts";
import { askProof } from "../../askProof.ts";
import { linesOf } from "../useDrawing.ts";

/** A negative's positive as a file, in full size or as wide as asked. */
export async function positiveFile(
  negative: Negative,
  facts: PictureFacts,
  format: PictureFormat,
  { width, onProgress, signal }: { width?: number; onProgress?: (share: number) => void; signal?: AbortSignal } = {},
): Promise<Result<Uint8Array<ArrayBuffer>, string | null>> {
  const { output: _, ...settings } = negative.settings;
  const asked = { ...settings, ...(width === undefined ? {} : { output: { width } }) };
  const made = await askProof(
    negative,
    {
      kind: "save",
      settings: asked,
      spots: negative.finish?.spots ?? [],
      lines: settings.sharpen ? linesOf(negative) : null,
      finish: negative.finish ?? {},
      format,
      facts,
      dpi: Math.round(negative.dpi ?? 300),
    },
    { ...(onProgress && { onProgress }), ...(signal && { signal }) },
  );
  return made.ok ? { ok: true, value: made.value.file } : made;
}
