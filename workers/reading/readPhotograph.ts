import { failure, type Result, success } from "../../core/basis/units/index.ts";
import type { PhotographData } from "../../core/light/exposure/index.ts";
import { jpegParts } from "./jpegParts.ts";
import { exifFields, firstOf, TAG } from "./tiffFields.ts";

/** How a photograph was taken, as its file says. */
export interface PhotographTaken extends PhotographData {
  /** The phone or camera; empty where the file doesn't say. */
  readonly model: string;
  /** Stops that its maker's camera was told to give more (ExposureBiasValue): said, not applied. */
  readonly bias: number;
}

const EXIF = [0x45, 0x78, 0x69, 0x66, 0, 0];
const NEEDED = [
  [TAG.fNumber, "f-number"],
  [TAG.seconds, "time"],
  [TAG.iso, "ISO"],
] as const;

/**
 * Reads from a JPEG’s Exif how it was taken; nothing is unpacked.
 *
 * @returns the data, or in words why there is no light in this file
 * @source Exif 2.32 (CIPA DC-008-2019), 4.6.5: ExposureTime 0x829A, FNumber 0x829D, PhotographicSensitivity 0x8827,
 *   ExposureBiasValue 0x9204; Model: TIFF 6.0, tag 272
 */
export function readPhotograph(bytes: Uint8Array<ArrayBuffer>): Result<PhotographTaken> {
  const isJpeg = bytes[0] === 0xff && bytes[1] === 0xd8;
  if (!isJpeg) {
    return failure("Only a JPEG as the phone’s camera wrote it says how it was taken. This file is another kind.");
  }
  const exif = jpegParts(bytes).segments.find(
    ({ app, data }) => app === 1 && EXIF.every((byte, i) => data[i] === byte),
  );
  if (exif === undefined) {
    return failure(
      "This picture doesn’t say how it was taken (it has no Exif): perhaps it was sent by a messenger or edited, which strips it. Take the one from the camera roll.",
    );
  }
  try {
    const fields = exifFields(exif.data.subarray(EXIF.length));
    const missing = NEEDED.filter(([tag]) => !isTold(firstOf(fields, tag))).map(([, name]) => name);
    if (missing.length > 0)
      return failure(`This picture doesn’t say its ${missing.join(" and ")}: no light can be read from it.`);
    return success({
      fNumber: firstOf(fields, TAG.fNumber),
      seconds: firstOf(fields, TAG.seconds),
      iso: firstOf(fields, TAG.iso),
      model: letters(fields.get(TAG.model) ?? []),
      bias: Number.isFinite(firstOf(fields, TAG.bias)) ? firstOf(fields, TAG.bias) : 0,
    });
  } catch {
    return failure("What this picture says of itself is damaged: no light can be read from it.");
  }
}

function isTold(value: number): boolean {
  return Number.isFinite(value) && value > 0;
}

const MOST_LETTERS = 100;

function letters(bytes: readonly number[]): string {
  const end = bytes.indexOf(0);
  const shown = (end < 0 ? bytes : bytes.slice(0, end)).slice(0, MOST_LETTERS);
  return [...new TextDecoder().decode(Uint8Array.from(shown))]
    .filter((letter) => letter >= " ")
    .join("")
    .trim();
}
