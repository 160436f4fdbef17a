import type { Medium } from "../core/light/exposure/index.ts";

const BAND = "effective wavelength, sensitivity and density range from memory, of a class and not of a product";

/** Relative sensitivities by class, linear; from memory. Their band by daylight has about the effective wavelength below. */
const BLUE = [
  [360, 0.35],
  [400, 0.9],
  [430, 1],
  [460, 0.8],
  [490, 0.3],
  [520, 0.05],
  [540, 0],
] as const;
const BLUE_GREEN = [
  [360, 0.35],
  [400, 0.8],
  [440, 1],
  [480, 0.75],
  [520, 0.6],
  [550, 0.45],
  [580, 0],
] as const;
const ORTHO = [
  [380, 0.4],
  [440, 0.75],
  [500, 0.65],
  [550, 1],
  [575, 0.9],
  [600, 0],
] as const;
const PAN = [
  [380, 0.5],
  [440, 0.8],
  [500, 0.6],
  [560, 0.85],
  [610, 1],
  [640, 0.9],
  [660, 0],
] as const;
const PAPER_GRADED = { least: 0.05, most: 2.05, range: 110 };
/** Direct positives hold as little as hard paper: R 100 to 120 (common practice). */
const PAPER_POSITIVE = { ...PAPER_GRADED, positive: true };
const PAPER_SOFT = { least: 0.05, most: 2.05, range: 125 };
const FILM = { least: 0.25, most: 2.6, range: 260 };

/** Classes of paper and film with the speed makers start from. Speeds: common practice. */
export const media: readonly Medium[] = [
  {
    id: "rc-graded",
    name: "Graded RC paper",
    kind: "paper",
    iso: 6,
    wavelengthNm: 440,
    sensitivity: BLUE,
    density: PAPER_GRADED,
    longTime: { kind: "none" },
    source: `ISO 3 to 12, 6 the usual start (common practice); ${BAND}`,
  },
  {
    id: "rc-grade-2",
    name: "RC paper, grade 2",
    kind: "paper",
    iso: 12,
    wavelengthNm: 440,
    sensitivity: BLUE,
    density: PAPER_SOFT,
    longTime: { kind: "none" },
    source: `ISO 12 for some (common practice); ${BAND}`,
  },
  {
    id: "rc-variable",
    name: "Variable-contrast RC paper",
    kind: "paper",
    iso: 6,
    wavelengthNm: 470,
    sensitivity: BLUE_GREEN,
    density: PAPER_GRADED,
    longTime: { kind: "none" },
    source: `ISO 3 to 12 (common practice); ${BAND}`,
  },
  {
    id: "direct-positive",
    name: "Direct-positive paper",
    kind: "paper",
    iso: 3,
    wavelengthNm: 440,
    sensitivity: BLUE,
    density: PAPER_POSITIVE,
    longTime: { kind: "none" },
    source: `ISO 3 (common practice); ${BAND}`,
  },
  {
    id: "film-ortho-25",
    name: "ISO 25 orthochromatic film",
    kind: "film",
    iso: 25,
    wavelengthNm: 510,
    sensitivity: ORTHO,
    density: FILM,
    longTime: { kind: "power", exponent: 1.3 },
    source: `exponent 1.2 to 1.4 (common practice); ${BAND}`,
  },
  {
    id: "film-pan-100",
    name: "ISO 100 panchromatic film",
    kind: "film",
    iso: 100,
    wavelengthNm: 550,
    sensitivity: PAN,
    density: FILM,
    longTime: { kind: "power", exponent: 1.3 },
    source: `exponent 1.2 to 1.4 (common practice); ${BAND}`,
  },
  {
    id: "film-pan-400",
    name: "ISO 400 panchromatic film",
    kind: "film",
    iso: 400,
    wavelengthNm: 550,
    sensitivity: PAN,
    density: FILM,
    longTime: { kind: "power", exponent: 1.3 },
    source: `exponent 1.2 to 1.4 (common practice); ${BAND}`,
  },
];

/** The medium a new camera starts with. */
export const DEFAULT_MEDIUM = "rc-graded";
/** What is loaded where film is wound or held in strips. */
export const DEFAULT_FILM = "film-pan-100";

/** A maker's own media, as the storage had them when the page opened or they were last changed. */
let own: readonly Medium[] = [];

/** Takes a maker's own media in beside those that ship. */
export function holdOwnMedia(theirs: readonly Medium[]): void {
  own = theirs;
}

/** Every medium there is to choose from: those that ship, then a maker's own. */
export function allMedia(): readonly Medium[] {
  return own.length === 0 ? media : [...media, ...own];
}

/** A medium by its id; a camera made with an unknown one is judged as graded paper. */
export function mediumById(id: string | null | undefined): Medium {
  const found = allMedia().find((medium) => medium.id === id) ?? media[0];
  if (found === undefined) throw new Error("the catalogue of media is empty");
  return found;
}
