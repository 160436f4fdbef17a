import type { PictureFormat } from "../../../../workers/codecs/write/finishedFile.ts";
import type { PictureFacts } from "../../../../workers/codecs/write/pictureFacts.ts";

/** Endings and types of the files a positive is saved as. */
export const FORMATS: Readonly<
  Record<PictureFormat, { readonly name: string; readonly ending: string; readonly type: string }>
> = {
  jpeg: { name: "JPEG", ending: ".jpg", type: "image/jpeg" },
  png8: { name: "PNG, 8 bits", ending: ".png", type: "image/png" },
  png16: { name: "PNG, 16 bits", ending: ".png", type: "image/png" },
  tiff16: { name: "TIFF, 16 bits", ending: ".tif", type: "image/tiff" },
};

/** What a pattern may ask for. */
export const USUAL_PATTERN = "{camera}-{subject}-{date}-{number}";

/**
 * A file's name by a pattern: {camera}, {subject}, {date}, {time}, {number}; the rest stands as it is. What no file system
 * takes becomes a hyphen.
 *
 * @param number of the file among those saved together, from 1
 */
export function nameBy(pattern: string, facts: PictureFacts, number: number): string {
  const [date = "", time = ""] = (facts.openedAt ?? "").split(/[T+Z]/);
  const words: Readonly<Record<string, string>> = {
    camera: facts.camera,
    subject: facts.subject,
    date,
    time: time.slice(0, 5).replace(":", "."),
    number: String(number).padStart(2, "0"),
  };
  const name = pattern.replace(/\{(\w+)\}/g, (whole, key: string) => words[key] ?? whole);
  const plain = name
    .replace(/[/\\:*?"<>|\p{Cc}]+/gu, "-")
    .replace(/\s+/g, "-")
    .replace(/-{2,}/g, "-")
    .replace(/^[-.]+|[-.]+$/g, "");
  return plain === "" ? `positive-${words.number}` : plain;
}

/** Names in a zip must differ: a second of one name gets a number. */
export function apart(names: readonly string[]): readonly string[] {
  const taken = new Set<string>();
  return names.map((name) => {
    let free = name;
    for (let i = 2; taken.has(free.toLowerCase()); i++) free = `${name}-${i}`;
    taken.add(free.toLowerCase());
    return free;
  });
}
