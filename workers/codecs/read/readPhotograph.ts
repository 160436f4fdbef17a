import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { PhotographData } from "../../../core/light/exposure/index.ts";
import { jpegParts } from "./jpegParts.ts";
import { exifFields, firstOf, TAG, type TiffFields } from "./tiff/tiffFields.ts";

/** How a photograph was taken, as its file says. */
export interface PhotographTaken extends PhotographData {
  /** The phone or camera; empty where the file doesn't say. */
  readonly model: string;
  /** Stops that its maker's camera was told to give more (ExposureBiasValue): said, not applied. */
  readonly bias: number;
  /** FocalLengthIn35mmFilm, mm; `null`: not told. */
  readonly focal35: number | null;
  /** Whether its flash fired: what that lit says nothing of the light. */
  readonly flash: boolean;
  /** When it was taken, by its camera's clock, ISO 8601 with offset where it says one; `null`: not told. */
  readonly at: string | null;
}

const EXIF = [0x45, 0x78, 0x69, 0x66, 0, 0];
const XMP = [...new TextEncoder().encode("http://ns.adobe.com/xap/1.0/")];
/** A sensitivity beyond what 16 bits hold stands in fields of its own. Exif 2.32, 4.6.5, PhotographicSensitivity. */
const BEYOND = 65_535;

/**
 * Reads from a JPEG’s Exif how it was taken; nothing is unpacked.
 *
 * @returns the data, or in words why there is no light in this file
 * @source Exif 2.32 (CIPA DC-008-2019), 4.6.5: ExposureTime 0x829A, FNumber 0x829D, PhotographicSensitivity 0x8827,
 *   StandardOutputSensitivity 0x8831, RecommendedExposureIndex 0x8832, ISOSpeed 0x8833, ShutterSpeedValue 0x9201 (Tv),
 *   ApertureValue 0x9202 (Av), ExposureBiasValue 0x9204, Flash 0x9209, FocalLengthIn35mmFilm 0xA405, DateTimeOriginal 0x9003, OffsetTimeOriginal 0x9011;
 *   annex C: t = 2^−Tv, N = 2^(Av/2); Model: TIFF 6.0, tag 272
 */
export function readPhotograph(bytes: Uint8Array<ArrayBuffer>): Result<PhotographTaken> {
  const isJpeg = bytes[0] === 0xff && bytes[1] === 0xd8;
  if (!isJpeg) {
    return failure("Only a JPEG as the phone’s camera wrote it says how it was taken. This file is another kind.");
  }
  const { segments } = jpegParts(bytes);
  const startingWith = (head: readonly number[]) =>
    segments.find(({ app, data }) => app === 1 && head.every((byte, i) => data[i] === byte));
  const exif = startingWith(EXIF);
  if (exif === undefined) {
    return failure(
      startingWith(XMP) !== undefined
        ? "This picture tells of its taking in an editing program’s way alone (XMP, no Exif): take the one that the camera wrote."
        : "This picture doesn’t say how it was taken (it has no Exif): perhaps it was sent by a messenger or edited, which strips it. Take the one from the camera roll.",
    );
  }
  try {
    const fields = exifFields(exif.data.subarray(EXIF.length));
    const read = [
      ["f-number", fNumberOf(fields)],
      ["time", secondsOf(fields)],
      ["ISO", isoOf(fields)],
    ] as const;
    const missing = read.filter(([, value]) => !isTold(value)).map(([name]) => name);
    if (missing.length > 0)
      return failure(`This picture doesn’t say its ${missing.join(" and ")}: no light can be read from it.`);
    return success({
      fNumber: fNumberOf(fields),
      seconds: secondsOf(fields),
      iso: isoOf(fields),
      model: letters(fields.get(TAG.model) ?? []),
      focal35: firstOf(fields, TAG.focal35) > 0 ? firstOf(fields, TAG.focal35) : null,
      bias: Number.isFinite(firstOf(fields, TAG.bias)) ? firstOf(fields, TAG.bias) : 0,
      flash: (firstOf(fields, TAG.flash) & 1) === 1,
      at: takenAt(fields),
    });
  } catch {
    return failure("What this picture says of itself is damaged: no light can be read from it.");
  }
}

function fNumberOf(fields: TiffFields): number {
  const told = firstOf(fields, TAG.fNumber);
  return isTold(told) || !fields.has(TAG.apexAperture) ? told : 2 ** (firstOf(fields, TAG.apexAperture) / 2);
}

function secondsOf(fields: TiffFields): number {
  const told = firstOf(fields, TAG.seconds);
  return isTold(told) || !fields.has(TAG.apexTime) ? told : 2 ** -firstOf(fields, TAG.apexTime);
}

/** The sensitivity that was recommended goes before the others; where it fits in 16 bits, it stands in its usual place. */
function isoOf(fields: TiffFields): number {
  const told = firstOf(fields, TAG.iso);
  if (isTold(told) && told < BEYOND) return told;
  const others = [TAG.recommendedIndex, TAG.standardOutput, TAG.isoSpeed].map((tag) => firstOf(fields, tag));
  return others.find(isTold) ?? 0;
}

/** “2026:06:01 10:30:00”, with its offset where one is told. */
function takenAt(fields: TiffFields): string | null {
  const [, date, time] = /^(\d{4}:\d{2}:\d{2}) (\d{2}:\d{2}:\d{2})$/.exec(letters(fields.get(TAG.takenAt) ?? [])) ?? [];
  if (date === undefined || time === undefined) return null;
  const offset = letters(fields.get(TAG.takenOffset) ?? []);
  const at = `${date.replaceAll(":", "-")}T${time}${/^[+-]\d{2}:\d{2}$/.test(offset) ? offset : ""}`;
  return Number.isFinite(Date.parse(at)) ? at : null;
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
