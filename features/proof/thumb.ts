import type { Negative } from "../../core/document/index.ts";
import { askProof } from "./askProof.ts";
import { asListed } from "./asListed.ts";
import { paintDrawn } from "./paintDrawn.ts";

/** A small positive of a negative as a data URL, or `null` where there is none to be had. */
export async function thumbOf(negative: Negative): Promise<string | null> {
  const drawn = await askProof(negative, {
    kind: "draw",
    settings: asListed(negative.settings),
    spots: [],
    lines: null,
  });
  if (!drawn.ok) return null;
  const { report } = drawn.value;
  const canvas = document.createElement("canvas");
  paintDrawn(canvas, report, report.tones, { mirrored: negative.finish?.mirrored });
  return canvas.toDataURL("image/jpeg", 0.8);
}
