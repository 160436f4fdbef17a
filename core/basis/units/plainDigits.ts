/** Where the ten digits of a script begin; within a script they follow each other. Source: Unicode Character Database, General_Category Nd. */
const ZEROS: readonly number[] = [
  0x0660, 0x06f0, 0x07c0, 0x0966, 0x09e6, 0x0a66, 0x0ae6, 0x0b66, 0x0be6, 0x0c66, 0x0ce6, 0x0d66, 0x0e50, 0x0ed0,
  0x0f20, 0x1040, 0x17e0, 0x1810, 0xff10,
];

/** Decimal separators that belong to such digits, and full-width signs. */
const SIGNS: Readonly<Record<string, string>> = {
  "٫": ".",
  "．": ".",
  "，": ",",
  "／": "/",
  "：": ":",
  "－": "-",
  "＋": "+",
};

/**
 * A text with the digits of other scripts (Arabic, Devanagari, Thai, full-width …) written as 0 to 9.
 *
 * @returns the same text where it has none
 * @example plainDigits("६०٫५") // "60.5"
 */
export function plainDigits(text: string): string {
  return text.replace(/[\p{Nd}٫．，／：－＋]/gu, (sign) => {
    const code = sign.codePointAt(0) ?? 0;
    const zero = ZEROS.find((first) => code >= first && code < first + 10);
    return SIGNS[sign] ?? (zero === undefined ? sign : String(code - zero));
  });
}
