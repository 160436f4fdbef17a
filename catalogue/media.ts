import type { Medium } from "../core/exposure/index.ts";

const BAND = "effective wavelength from memory";

/** Classes of paper and film with the speed makers start from. Speeds: common practice. */
export const media: readonly Medium[] = [
  {
    id: "rc-graded",
    name: "Graded RC paper",
    kind: "paper",
    iso: 6,
    wavelengthNm: 440,
    longTime: { kind: "none" },
    source: `ISO 3 to 12, 6 the usual start (common practice); ${BAND}`,
  },
  {
    id: "rc-grade-2",
    name: "RC paper, grade 2",
    kind: "paper",
    iso: 12,
    wavelengthNm: 440,
    longTime: { kind: "none" },
    source: `ISO 12 for some (common practice); ${BAND}`,
  },
  {
    id: "rc-variable",
    name: "Variable-contrast RC paper",
    kind: "paper",
    iso: 6,
    wavelengthNm: 470,
    longTime: { kind: "none" },
    source: `ISO 3 to 12 (common practice); ${BAND}`,
  },
  {
    id: "direct-positive",
    name: "Direct-positive paper",
    kind: "paper",
    iso: 3,
    wavelengthNm: 440,
    longTime: { kind: "none" },
    source: `ISO 3 (common practice); ${BAND}`,
  },
  {
    id: "film-ortho-25",
    name: "ISO 25 orthochromatic film",
    kind: "film",
    iso: 25,
    wavelengthNm: 510,
    longTime: { kind: "power", exponent: 1.3 },
    source: `exponent 1.2 to 1.4 (common practice); ${BAND}`,
  },
  {
    id: "film-pan-100",
    name: "ISO 100 panchromatic film",
    kind: "film",
    iso: 100,
    wavelengthNm: 550,
    longTime: { kind: "power", exponent: 1.3 },
    source: `exponent 1.2 to 1.4 (common practice); ${BAND}`,
  },
  {
    id: "film-pan-400",
    name: "ISO 400 panchromatic film",
    kind: "film",
    iso: 400,
    wavelengthNm: 550,
    longTime: { kind: "power", exponent: 1.3 },
    source: `exponent 1.2 to 1.4 (common practice); ${BAND}`,
  },
];

/** The medium a new camera starts with. */
export const DEFAULT_MEDIUM = "rc-graded";

/** A medium by its id; a camera made with an unknown one is judged as graded paper. */
export function mediumById(id: string | null | undefined): Medium {
  const found = media.find((medium) => medium.id === id) ?? media[0];
  if (found === undefined) throw new Error("the catalogue of media is empty");
  return found;
}
